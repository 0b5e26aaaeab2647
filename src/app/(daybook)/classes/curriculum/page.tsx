import type { Metadata } from 'next';
import { CurriculumPage } from '@/features/classes/curriculum/CurriculumPage';
import { loadCurriculum } from '@/server/classes/loadCurriculum';

export const metadata: Metadata = { title: 'Curriculum' };

export default async function Curriculum() {
  return <CurriculumPage {...(await loadCurriculum())} />;
}
