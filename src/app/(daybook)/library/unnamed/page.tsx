import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { conceptIdOf } from '@/core/round';
import { houseNameOf } from '@/core/vocabulary';
import { UnnamedPage } from '@/features/library/UnnamedPage';
import { describeFound } from '@/server/language/foundMarks';
import { loadUnnamed } from '@/server/language/loadLibrary';

export const metadata: Metadata = { title: 'Without a name' };

export default async function Unnamed({ searchParams }: { searchParams: Promise<{ after?: string | string[] }> }) {
  const after = onePlace((await searchParams).after);
  const { marks, house } = await loadUnnamed(after);
  const lines = marks.rows.map((found) => ({
    ...describeFound(found, (id) => houseNameOf(house, id)),
    conceptId: conceptIdOf(found.mark) ?? '',
    note: found.mark.note ?? '',
  }));
  return (
    <UnnamedPage
      marks={lines}
      foot={{
        more: marks.more ? { href: `/library/unnamed?after=${marks.more}`, words: 'Earlier ones' } : undefined,
        start: after ? { href: '/library/unnamed', words: 'Back to the newest' } : undefined,
        unreadable: marks.unreadable,
      }}
    />
  );
}
