import type { Metadata } from 'next';
import { houseNameOf } from '@/core/vocabulary';
import { NothingHere } from '@/features/account/NothingHere';
import { ConceptPage } from '@/features/library/ConceptPage';
import { describeFound } from '@/server/language/foundMarks';
import { loadConcept } from '@/server/language/loadLibrary';

interface Address {
  readonly params: Promise<{ conceptId: string }>;
}

export const metadata: Metadata = { title: 'Library' };

export default async function Concept({ params }: Address) {
  const page = await loadConcept(decodeURIComponent((await params).conceptId));
  if (!page) return <NothingHere />;
  const { id, kind, hidden, uses, clips, next, merged, house } = page;
  return (
    <ConceptPage
      key={id}
      id={id}
      kind={kind}
      hidden={hidden}
      uses={uses}
      occurrences={page.marks.map((found) => describeFound(found, (one) => houseNameOf(house, one)))}
      clips={clips}
      next={next}
      merged={merged}
    />
  );
}
