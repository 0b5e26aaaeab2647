import type { Metadata } from 'next';
import { type CatalogueKind, conceptKinds } from '@/core/vocabulary';
import { LibraryPage } from '@/features/library/LibraryPage';
import { loadLibrary } from '@/server/language/loadLibrary';

export const metadata: Metadata = { title: 'Library' };

export default async function Library({ searchParams }: { searchParams: Promise<{ kind?: string }> }) {
  const { ids, uses, unnamed, learned } = await loadLibrary();
  const { kind } = await searchParams;
  const firstKind = conceptKinds.find((one) => one === kind) ?? ('position' satisfies CatalogueKind);
  return <LibraryPage ids={ids} uses={uses} unnamed={unnamed} learned={learned} firstKind={firstKind} />;
}
