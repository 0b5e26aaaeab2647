import type { Metadata } from 'next';
import { onePlace } from '@/app/onePlace';
import { houseNameOf } from '@/core/vocabulary';
import { NothingHere } from '@/features/account/NothingHere';
import { ConceptPage } from '@/features/library/ConceptPage';
import { describeFound } from '@/server/language/foundMarks';
import { loadConcept } from '@/server/language/loadLibrary';

interface Address {
  readonly params: Promise<{ conceptId: string }>;
  readonly searchParams: Promise<{ after?: string | string[] }>;
}

export const metadata: Metadata = { title: 'Library' };

export default async function Concept({ params, searchParams }: Address) {
  const after = onePlace((await searchParams).after);
  const page = await loadConcept(decodeURIComponent((await params).conceptId), after);
  if (!page) return <NothingHere />;
  const { id, kind, hidden, uses, clips, next, merged, house } = page;
  return (
    <ConceptPage
      id={id}
      kind={kind}
      hidden={hidden}
      uses={uses}
      occurrences={page.marks.rows.map((found) => describeFound(found, (one) => houseNameOf(house, one)))}
      foot={{
        more: page.marks.more ? { href: `/library/${id}?after=${page.marks.more}`, words: 'Earlier ones' } : undefined,
        start: after ? { href: `/library/${id}`, words: 'Back to the newest' } : undefined,
        unreadable: page.marks.unreadable,
      }}
      clips={clips}
      next={next}
      merged={merged}
      house={house}
      numbers={page.numbers}
      effects={page.effects}
      learned={page.learned}
    />
  );
}
