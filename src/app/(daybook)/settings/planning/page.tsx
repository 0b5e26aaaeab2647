import type { Metadata } from 'next';
import { PlanningPage } from '@/features/settings/PlanningPage';
import { loadPlanning } from '@/server/settings/loadPlanning';

export const metadata: Metadata = { title: 'Planning' };

export default async function Planning() {
  return <PlanningPage {...(await loadPlanning())} />;
}
