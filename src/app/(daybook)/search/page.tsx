import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { SearchPage } from '@/features/search/SearchPage';
import { loadHouse } from '@/server/language/loadHouse';
import { searchEverything } from '@/server/search/searchEverything';

export const metadata: Metadata = { title: 'Search' };

type Parameters = Partial<Record<'q' | 'as' | 'whose' | 'marks' | 'notes' | 'rounds', string | string[]>>;

export default async function Search({ searchParams }: { searchParams: Promise<Parameters> }) {
  const asked = await searchParams;
  const place = (['marks', 'notes', 'rounds'] as const).flatMap((list) => {
    const after = onePlace(asked[list]);
    return after ? { list, after } : [];
  })[0];
  const page = await searchEverything(onePlace(asked.q) ?? '', place, {
    as: onePlace(asked.as),
    whose: onePlace(asked.whose),
  });
  return <SearchPage {...page} isFurther={place !== undefined} house={await loadHouse()} />;
}
