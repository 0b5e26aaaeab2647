import type { Metadata } from 'next';
import { RosterPage } from '@/features/students/roster/RosterPage';
import { loadRoster } from '@/server/people/loadRoster';

export const metadata: Metadata = { title: 'A list of students' };

export default async function Roster() {
  return <RosterPage {...(await loadRoster())} />;
}
