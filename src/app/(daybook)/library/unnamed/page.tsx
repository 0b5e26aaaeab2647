import type { Metadata } from 'next';
import { conceptIdOf } from '@/core/round';
import { houseNameOf } from '@/core/vocabulary';
import { UnnamedPage } from '@/features/library/UnnamedPage';
import { describeFound } from '@/server/language/foundMarks';
import { loadUnnamed } from '@/server/language/loadLibrary';

export const metadata: Metadata = { title: 'Without a name' };

export default async function Unnamed() {
  const { marks, house } = await loadUnnamed();
  const lines = marks.map((found) => ({
    ...describeFound(found, (id) => houseNameOf(house, id)),
    conceptId: conceptIdOf(found.mark) ?? '',
  }));
  return <UnnamedPage marks={lines} />;
}
