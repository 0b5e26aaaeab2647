import type { Metadata } from 'next';
import { NothingHere } from '@/features/account/NothingHere';
import { CutPage } from '@/features/footage/cutting/CutPage';
import { loadCutting } from '@/server/footage/loadCutting';

export const metadata: Metadata = { title: 'Cutting rounds' };

export default async function CutFootage({ params }: { params: Promise<{ footageId: string }> }) {
  const page = await loadCutting((await params).footageId);
  return page ? <CutPage {...page} /> : <NothingHere />;
}
