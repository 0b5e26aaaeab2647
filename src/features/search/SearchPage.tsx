import Link from 'next/link';
import { formatClock } from '@/core/clock';
import { kindCalled } from '@/core/round';
import type { MarkLine, SearchFindings, SearchQuery } from '@/core/search';
import { type HouseWords, houseNameOf, kindOf } from '@/core/vocabulary';
import { markAddress } from '@/terms/addresses';
import { dayWords } from '@/terms/dayWords';
import { kindNames } from '@/terms/kindNames';
import { Empty, Page, Quiet, Section, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { Entries, Understood } from './searchParts';

/** What the search says of how it went: "errors, punished", "attempts, escaped". */
/** "against heavier partners with a higher belt". */
const partnerWords = ({ weight, belt }: SearchQuery['partner']): string =>
  `against ${weight ? `${weight} partners` : 'partners'}${belt ? ` with a ${belt} belt` : ''}`;

const howWords = ({ kind, fields }: SearchQuery['how']): string =>
  [kind && kindCalled(kind).many.toLowerCase(), ...Object.values(fields)].filter(Boolean).join(', ');

export interface SearchPageProps extends SearchFindings {
  readonly text: string;
  readonly house: HouseWords;
  /** Whether this is a later piece of one of the lists. */
  readonly isFurther: boolean;
  readonly query: Pick<SearchQuery, 'partner' | 'uniform' | 'fromDay' | 'toDay' | 'restWords' | 'how'>;
}

/** What a search found, each line a way to the footage or to the library. */
export function SearchPage(props: SearchPageProps) {
  const { text, house, query, isFurther, people, marks, notes, rounds, entries, more, unreadable } = props;
  const nothing = people.length + marks.length + notes.length + rounds.length + entries.length === 0;
  const address = `/search?q=${encodeURIComponent(text)}`;
  const footOf = (list: keyof typeof more): PieceFootProps => ({
    more: more[list] ? { href: `${address}&${list}=${more[list]}`, words: 'Earlier ones' } : undefined,
    start: isFurther ? { href: address, words: 'Back to all that was found' } : undefined,
  });
  const days = query.fromDay
    ? query.fromDay === query.toDay
      ? dayWords(query.fromDay)
      : `${dayWords(query.fromDay)} to ${dayWords(query.toDay ?? query.fromDay)}`
    : '';
  return (
    <Page title="Search" aside={text ? `“${text}”` : 'People, rounds, marks, remarks, errors and drills, in one box.'}>
      {text === '' ? (
        <Empty>
          <h2>Write what you look for</h2>
          <p>
            “elbows ana gi march”, “teo knee slice”, “last week no gi”, “deep half”. Slips of the keyboard are forgiven.
          </p>
        </Empty>
      ) : (
        <Understood>
          <span>Understood:</span>
          {people.map((person) => (
            <span key={person.id}>
              <strong>{person.name}</strong>
            </span>
          ))}
          {query.partner.weight || query.partner.belt ? <span>{partnerWords(query.partner)}</span> : null}
          {query.uniform ? (
            <span>
              in <strong>{query.uniform}</strong>
            </span>
          ) : null}
          {days ? <strong>{days}</strong> : null}
          {query.how.kind ? <span>{howWords(query.how)}</span> : null}
          {query.restWords.length > 0 ? <span>“{query.restWords.join(' ')}”</span> : null}
        </Understood>
      )}
      {nothing && text !== '' ? (
        <Empty>
          <h2>Nothing found</h2>
          <p>
            Leave a word out, or look through the <Link href="/library">Library</Link> for how it is called here.
          </p>
        </Empty>
      ) : null}
      {people.length > 0 ? (
        <Section>
          <h2>Students</h2>
          <div className="matter">
            {people.map((person) => (
              <p key={person.id}>
                <Link href={`/students/${person.id}`}>{person.name}</Link>
              </p>
            ))}
          </div>
        </Section>
      ) : null}
      <Marks title="Marks" lines={marks} foot={footOf('marks')} />
      <Marks title="Remarks" lines={notes} foot={footOf('notes')} />
      {rounds.length > 0 ? (
        <Section>
          <h2>Rounds</h2>
          <div className="matter">
            <Table>
              <tbody>
                {rounds.map((round) => (
                  <tr key={round.id}>
                    <td>{dayWords(round.heldOn)}</td>
                    <td>
                      <Link href={`/rounds/${round.id}`}>
                        {round.a} with {round.b}
                      </Link>{' '}
                      <Quiet>{round.theme}</Quiet>
                    </td>
                    <td>{round.uniform}</td>
                    <td className="figure">{round.markCount} marks</td>
                  </tr>
                ))}
              </tbody>
            </Table>
            <PieceFoot {...footOf('rounds')} />
          </div>
        </Section>
      ) : null}
      {entries.length > 0 ? (
        <Section>
          <h2>Library</h2>
          <div className="matter">
            <Entries>
              {entries.map(({ id, uses }) => (
                <li key={id}>
                  <Link href={`/library/${id}`}>{houseNameOf(house, id)}</Link>{' '}
                  <Quiet>
                    {kindNames[kindOf(id)!]}
                    {uses > 0 ? `, marked ${uses === 1 ? 'once' : `${uses} times`}` : ''}
                  </Quiet>
                </li>
              ))}
            </Entries>
          </div>
        </Section>
      ) : null}
      <PieceFoot unreadable={unreadable} />
    </Page>
  );
}

function Marks({
  title,
  lines,
  foot,
}: {
  readonly title: string;
  readonly lines: readonly MarkLine[];
  readonly foot: PieceFootProps;
}) {
  if (lines.length === 0) return null;
  return (
    <Section>
      <h2>{title}</h2>
      <div className="note">
        {foot.more ? `The newest ${lines.length} places` : lines.length === 1 ? 'One place' : `${lines.length} places`}{' '}
        on the footage, newest first.
      </div>
      <div className="matter">
        <Table>
          <tbody>
            {lines.map((line) => (
              <tr key={line.markId}>
                <td>{dayWords(line.heldOn)}</td>
                <td>
                  <Link href={markAddress(line)}>{line.words}</Link>
                </td>
                <td>
                  {line.a} with {line.b} <Quiet>{line.uniform}</Quiet>
                </td>
                <td className="figure">{formatClock(line.roundSeconds)}</td>
              </tr>
            ))}
          </tbody>
        </Table>
        <PieceFoot {...foot} />
      </div>
    </Section>
  );
}
