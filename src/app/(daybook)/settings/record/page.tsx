import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { NothingHere } from '@/features/account/NothingHere';
import { RecordPage } from '@/features/settings/RecordPage';
import { loadAudit } from '@/server/settings/loadAudit';

export const metadata: Metadata = { title: 'Who did what' };

export default async function AuditRecord({ searchParams }: { searchParams: Promise<{ after?: string | string[] }> }) {
  const after = onePlace((await searchParams).after);
  const piece = await loadAudit(after);
  if (!piece) return <NothingHere />;
  return (
    <RecordPage
      lines={piece.rows}
      foot={{
        more: piece.more ? { href: `/settings/record?after=${piece.more}`, words: 'Before that' } : undefined,
        start: after ? { href: '/settings/record', words: 'Back to the newest' } : undefined,
        unreadable: piece.unreadable,
      }}
    />
  );
}
