import type { Metadata } from 'next';
import { NothingHere } from '@/features/account/NothingHere';
import { MatClassPage } from '@/features/classes/mat/MatClassPage';
import { loadMatClass } from '@/server/classes/loadAtMat';

export const metadata: Metadata = { title: 'Class' };

export default async function MatClass({ params }: { params: Promise<{ classId: string }> }) {
  const page = await loadMatClass((await params).classId);
  return page ? <MatClassPage {...page} /> : <NothingHere />;
}
