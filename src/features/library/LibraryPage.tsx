'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { styled } from 'styled-components';
import { type CatalogueKind, conceptKinds } from '@/core/vocabulary';
import { useWordOf } from '@/terms/HouseContext';
import { ActionLink, Page } from '@/ui/layout/Page';
import { ComboField } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { groupEntries, kindTitles } from './libraryView';
import { useFinder } from './useFinder';

const Top = styled.div`
  display: grid; grid-template-columns: minmax(260px, 380px) 1fr; gap: ${space(8)}; align-items: end;
  .kinds { display: flex; gap: ${space(5)}; flex-wrap: wrap; font-family: ${font.serif}; font-size: ${size.large}; }
  .kinds button { border: 0; background: none; padding: 0 0 2px; cursor: pointer; color: ${color.quiet}; border-bottom: 2px solid transparent; font: inherit; }
  .kinds button[aria-pressed='true'] { color: ${color.ink}; border-color: ${color.focus}; }
  .kinds small { font-family: ${font.sans}; font-size: ${size.small}; color: ${color.quiet}; margin-left: 3px; }
`;
const Index = styled.div`
  columns: 3; column-gap: ${space(9)};
  @media (max-width: 1000px) { columns: 2; }
  section { break-inside: avoid-column; padding-bottom: ${space(5)}; }
  h2 { font-size: ${size.body}; font-family: ${font.serif}; font-style: italic; font-weight: 500; color: ${color.quiet}; border-bottom: 1px solid ${color.rule}; margin-bottom: ${space(1)}; }
  a { display: flex; align-items: baseline; text-decoration: none; padding: 2px 0; gap: ${space(1.5)}; line-height: 1.35; }
  a:hover .name { text-decoration: underline; }
  .dots { flex: 1; border-bottom: 1px dotted ${color.rule}; min-width: ${space(3)}; }
  .count { color: ${color.quiet}; font-size: ${size.small}; font-variant-numeric: lining-nums tabular-nums; }
  a[data-own] .name { font-style: italic; }
`;

export interface LibraryPageProps {
  readonly ids: Readonly<Record<CatalogueKind, readonly string[]>>;
  readonly uses: Readonly<Record<string, number>>;
  readonly unnamed: number;
  readonly learned: number;
  readonly firstKind: CatalogueKind;
}

/** The academy's words as the index of a book: each entry with how often it was marked here. */
export function LibraryPage({ ids, uses, unnamed, learned, firstKind }: LibraryPageProps) {
  const router = useRouter();
  const wordOf = useWordOf();
  const find = useFinder();
  const [kind, setKind] = useState(firstKind);
  const [text, setText] = useState('');
  const options = useMemo(() => find(text), [find, text]);
  return (
    <Page
      title="Library"
      aside="Every word of the mat that this academy uses, and how often it was marked."
      actions={
        <>
          {unnamed > 0 ? (
            <ActionLink href="/library/unnamed" data-look="lead">
              {unnamed} without a name
            </ActionLink>
          ) : null}
          {learned > 0 ? <ActionLink href="/library/learned">Learned from corrections</ActionLink> : null}
          <ActionLink href="/library/schools">Where coaches differ</ActionLink>
        </>
      }
    >
      <Top>
        <ComboField
          label="Find"
          text={text}
          onText={setText}
          options={options}
          onChoose={(id) => router.push(`/library/${id}`)}
          placeholder="knee cut, elbows flared, “he'll hook” …"
        />
        <div className="kinds">
          {conceptKinds.map((one) => (
            <button key={one} type="button" aria-pressed={kind === one} onClick={() => setKind(one)}>
              {kindTitles[one]}
              <small>{ids[one].length}</small>
            </button>
          ))}
        </div>
      </Top>
      <Index>
        {groupEntries(ids[kind]).map((group) => (
          <section key={group.title} aria-label={group.title}>
            <h2>{group.title}</h2>
            {group.ids.map((id) => (
              <Link key={id} href={`/library/${id}`} data-own={id.includes('~') || undefined} prefetch={false}>
                <span className="name">{wordOf(id)}</span>
                {uses[id] ? (
                  <>
                    <span className="dots" />
                    <span className="count">{uses[id]}</span>
                  </>
                ) : null}
              </Link>
            ))}
          </section>
        ))}
      </Index>
    </Page>
  );
}
