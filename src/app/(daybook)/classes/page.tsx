import type { Metadata } from 'next';
import { ClassesPage } from '@/features/classes/ClassesPage';
import { loadClasses } from '@/server/classes/loadClass';

export const metadata: Metadata = { title: 'Classes' };

export default async function Classes() {
  return <ClassesPage {...(await loadClasses())} />;
}
