import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { NothingHere } from '@/features/account/NothingHere';
import { LookedPage } from '@/features/settings/LookedPage';
import { loadTouched } from '@/server/settings/loadAudit';

export const metadata: Metadata = { title: 'Who looked and changed' };

interface Address {
  readonly searchParams: Promise<{ after?: string | string[]; about?: string | string[] }>;
}

export default async function Looked({ searchParams }: Address) {
  const asked = await searchParams;
  const [after, about] = [onePlace(asked.after), onePlace(asked.about)];
  const piece = await loadTouched(after, about);
  if (!piece) return <NothingHere />;
  const here = (more: Record<string, string>) =>
    `/settings/record/looked?${new URLSearchParams({ ...(about ? { about } : {}), ...more })}`;
  return (
    <LookedPage
      lines={piece.rows}
      isOfOne={about !== undefined}
      foot={{
        more: piece.more ? { href: here({ after: piece.more }), words: 'Before that' } : undefined,
        start: after ? { href: here({}), words: 'Back to the newest' } : undefined,
        unreadable: piece.unreadable,
      }}
    />
  );
}
