import type { Metadata } from 'next';
import { NothingHere } from '@/features/account/NothingHere';
import { ErasePage } from '@/features/students/erasing/ErasePage';
import { loadErasing } from '@/server/people/erasing/loadErasing';

export const metadata: Metadata = { title: 'Erase somebody' };

export default async function Erase({ params }: { params: Promise<{ personId: string }> }) {
  const page = await loadErasing((await params).personId);
  return page ? <ErasePage {...page} /> : <NothingHere />;
}
