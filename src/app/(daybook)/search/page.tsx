import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { SearchPage } from '@/features/search/SearchPage';
import { loadHouse } from '@/server/language/loadHouse';
import { listKeptQuestions, loadQuestions } from '@/server/search/loadQuestions';
import { searchEverything } from '@/server/search/searchEverything';

export const metadata: Metadata = { title: 'Search' };

type Parameters = Partial<Record<'q' | 'as' | 'whose' | 'marks' | 'notes' | 'rounds', string | string[]>>;

export default async function Search({ searchParams }: { searchParams: Promise<Parameters> }) {
  const asked = await searchParams;
  const place = (['marks', 'notes', 'rounds'] as const).flatMap((list) => {
    const after = onePlace(asked[list]);
    return after ? { list, after } : [];
  })[0];
  const whose = (['own', 'partner', 'either'] as const).find((one) => one === onePlace(asked.whose));
  const text = onePlace(asked.q) ?? '';
  const changes = { as: onePlace(asked.as), whose };
  const [page, house, questions] = await Promise.all([
    searchEverything(text, place, changes),
    loadHouse(),
    text.trim() === '' ? loadQuestions() : listKeptQuestions(),
  ]);
  return <SearchPage {...page} changes={changes} questions={questions} isFurther={place !== undefined} house={house} />;
}
