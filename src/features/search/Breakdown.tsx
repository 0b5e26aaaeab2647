'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import type { SearchedBreakdown } from '@/core/search';
import { type HouseWords, houseNameOf } from '@/core/vocabulary';
import { dayWords } from '@/terms/dayWords';
import { color, size, space } from '@/ui/tokens/tokens';

const Parts = styled.div`
  display: grid; grid-template-columns: repeat(auto-fit, minmax(220px, 1fr)); gap: ${space(6)};
  h3 { font-size: ${size.body}; margin-bottom: ${space(1)}; }
  ol { list-style: none; margin: 0; padding: 0; }
  li { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: ${space(3)}; padding: 2px 0; border-bottom: 1px solid ${color.rule}; }
  li > :last-child { font-variant-numeric: tabular-nums; }
`;
/** Fewer marks are read off their list. @source own decision */
const FEWEST = 3;

/** What was found by what, by partner and by evening; a part that says nothing is left out. */
export function Breakdown({ what, partners, days, house }: SearchedBreakdown & { readonly house: HouseWords }) {
  const parts = [
    { title: 'By what', lines: what.map(({ id, count }) => ({ key: id, words: houseNameOf(house, id), count })) },
    {
      title: 'By partner',
      lines: partners.map(({ id, name, count }) => ({
        ...{ key: id, count },
        words: <Link href={`/students/${id}`}>{name}</Link>,
      })),
    },
    { title: 'By evening', lines: days.map(({ day, count }) => ({ key: day, words: dayWords(day), count })) },
  ].filter(({ lines }) => lines.length > 1);
  const all = days.reduce((sum, one) => sum + one.count, 0);
  if (parts.length === 0 || all < FEWEST) return null;
  return (
    <Parts>
      {parts.map(({ title, lines }) => (
        <section key={title} aria-label={title}>
          <h3>{title}</h3>
          <ol>
            {lines.map(({ key, words, count }) => (
              <li key={key}>
                <span>{words}</span>
                <span>{count}</span>
              </li>
            ))}
          </ol>
        </section>
      ))}
    </Parts>
  );
}
