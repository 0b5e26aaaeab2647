import type { Metadata } from 'next';
import { SearchPage } from '@/features/search/SearchPage';
import { searchEverything } from '@/server/search/searchEverything';

export const metadata: Metadata = { title: 'Search' };

export default async function Search({ searchParams }: { searchParams: Promise<{ q?: string | string[] }> }) {
  const { q } = await searchParams;
  const page = await searchEverything(typeof q === 'string' ? q : (q?.[0] ?? ''));
  return <SearchPage {...page} />;
}
