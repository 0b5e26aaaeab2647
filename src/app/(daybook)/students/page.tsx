import type { Metadata } from 'next';
import { StudentsPage } from '@/features/students/StudentsPage';
import { loadStudents } from '@/server/students/loadStudent';

export const metadata: Metadata = { title: 'Students' };

export default async function Students() {
  const { lines, weightUnit } = await loadStudents();
  return <StudentsPage lines={lines.map(({ person, ...rest }) => ({ ...person, ...rest }))} unit={weightUnit} />;
}
