import type { Metadata } from 'next';
import { MatClasses } from '@/features/classes/mat/MatClasses';
import { loadMatClasses } from '@/server/classes/loadAtMat';
import { today } from '@/server/kernel/academyTime';

export const metadata: Metadata = { title: 'At the mat' };

export default async function AtTheMat() {
  return <MatClasses classes={await loadMatClasses()} today={await today()} />;
}
