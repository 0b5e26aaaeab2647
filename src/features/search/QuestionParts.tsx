'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { styled } from 'styled-components';
import { type SearchPart, type SearchQuery, textWithout } from '@/core/search';
import { type HouseWords, houseNameOf, isUnnamed } from '@/core/vocabulary';
import { daysWords, howWords, partnerWords } from '@/terms/searchWords';
import { Select } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';

const Parts = styled.div`
  display: flex; flex-wrap: wrap; gap: ${space(2)} ${space(4)}; align-items: end; border-bottom: 1px solid ${color.rule}; padding-bottom: ${space(3)};
  .lead { color: ${color.quiet}; align-self: center; }
  .part { display: flex; flex-direction: column; gap: 2px; font-size: ${size.small}; color: ${color.quiet}; }
  .part > span { display: flex; align-items: center; gap: ${space(2)}; min-height: 34px; font-size: ${size.body}; color: ${color.ink}; border-bottom: 1px solid ${color.strongRule}; }
  .part a { text-decoration: none; color: ${color.quiet}; padding: 0 ${space(1)}; }
  .part a:hover { color: ${color.harm}; }
  .pick { min-width: 210px; }
`;
const labels: Readonly<Record<SearchPart['name'], string>> = {
  time: 'How long',
  people: 'Who',
  what: 'What',
  partner: 'Against whom',
  uniform: 'In',
  days: 'When',
  rest: 'In remarks',
};

export interface QuestionPartsProps {
  readonly text: string;
  readonly query: Pick<
    SearchQuery,
    'partner' | 'ownBelt' | 'whose' | 'uniform' | 'fromDay' | 'toDay' | 'restWords' | 'how' | 'parts' | 'conceptIds'
  >;
  /** All entries that the words may mean. */
  readonly choices: readonly string[];
  readonly names: readonly string[];
  /** On top or below, where a time is asked for. */
  readonly place?: 'over' | 'under';
  readonly house: HouseWords;
}

/** How a question was understood, part by part: each can be taken out, what is meant and whose it is can be changed. */
export function QuestionParts({ text, query, choices, names, place, house }: QuestionPartsProps) {
  const router = useRouter();
  const address = (change: Readonly<Record<string, string>>, q = text) =>
    `/search?${new URLSearchParams({ q, ...change })}`;
  const { how, conceptIds, whose } = query;
  const said: Readonly<Record<SearchPart['name'], string>> = {
    time: place === 'over' ? 'on top' : place === 'under' ? 'below' : 'there',
    people: names.join(' and '),
    what: conceptIds.length > 0 ? '' : howWords(how),
    partner: [query.ownBelt ? `${query.ownBelt} belts` : '', hasPartner(query) ? partnerWords(query.partner) : '']
      .filter(Boolean)
      .join(', '),
    uniform: query.uniform ?? '',
    days: daysWords(query),
    rest: query.restWords.join(' '),
  };
  const nameOf = (id: string) => houseNameOf(house, id);
  const first = names[0]?.split(' ')[0];
  const named = choices.filter((id) => !isUnnamed(id));
  const isGroup = named.length > MOST_TO_CHOOSE;
  return (
    <Parts aria-label="How it was understood">
      <span className="lead">Understood as</span>
      {query.parts.map((part) => (
        <div key={part.name} className="part">
          {labels[part.name]}
          <span>
            {part.name === 'what' && said.what === '' ? part.words.join(' ') : said[part.name]}
            <Link
              href={address(part.name === 'people' || !whose ? {} : { whose }, textWithout(text, part))}
              aria-label={`Leave out: ${labels[part.name]}, ${part.words.join(' ')}`}
            >
              ×
            </Link>
          </span>
        </div>
      ))}
      {named.length > 1 && !isGroup ? (
        <div className="pick">
          <Select
            label="Meant is"
            value={conceptIds.length === 1 ? (conceptIds[0] ?? 'all') : 'all'}
            onChange={(id) => router.push(address(id === 'all' ? {} : { as: id }))}
            options={[
              {
                value: 'all',
                label: conceptIds.length === 1 ? 'all that it may mean' : conceptsWords(conceptIds.length),
              },
              ...named.map((id) => ({ value: id, label: nameOf(id) })),
            ]}
          />
        </div>
      ) : null}
      {first && conceptIds.length > 0 ? (
        <div className="pick">
          <Select
            label="Done by"
            value={whose ?? 'either'}
            onChange={(next: 'own' | 'partner' | 'either') => router.push(address({ whose: next }))}
            options={[
              { value: 'own', label: first },
              { value: 'partner', label: `${first}’s partners` },
              { value: 'either', label: 'either of the two' },
            ]}
          />
        </div>
      ) : null}
      {howWords(how) && conceptIds.length > 0 ? (
        <div className="part">
          Marked as
          <span>{howWords(how)}</span>
        </div>
      ) : null}
    </Parts>
  );
}

/** More entries than can be chosen among are a kind, named by its words. */
const MOST_TO_CHOOSE = 14;
const conceptsWords = (count: number): string => `these ${count} together`;
const hasPartner = ({ partner }: Pick<SearchQuery, 'partner'>): boolean =>
  partner.weight !== undefined || partner.belt !== undefined;
