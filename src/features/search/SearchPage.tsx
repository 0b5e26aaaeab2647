import Link from 'next/link';
import { MOST_MOMENTS } from '@/core/reel';
import type { SearchFindings } from '@/core/search';
import { type HouseWords, houseNameOf, kindOf } from '@/core/vocabulary';
import { reelAddress } from '@/terms/addresses';
import { dayWords } from '@/terms/dayWords';
import { kindNames } from '@/terms/kindNames';
import { answerWords } from '@/terms/searchWords';
import { Empty, Page, Quiet, Section, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { Breakdown } from './Breakdown';
import { KeepQuestion, KeptQuestions, type QuestionLine } from './KeptQuestions';
import { Moments } from './Moments';
import { QuestionParts, type QuestionPartsProps } from './QuestionParts';
import { Answered, Counted, Entries } from './searchParts';

export interface SearchPageProps extends SearchFindings {
  readonly text: string;
  readonly house: HouseWords;
  /** Whether this is a later piece of one of the lists. */
  readonly isFurther: boolean;
  readonly query: QuestionPartsProps['query'];
  readonly choices: readonly string[];
  /** What the coach changed of how the words were read. */
  readonly changes: Pick<QuestionLine, 'as' | 'whose'>;
  /** Questions that this coach keeps. */
  readonly questions: readonly QuestionLine[];
}

/** What a search found, each line a way to the footage or to the library. */
export function SearchPage(props: SearchPageProps) {
  const {
    text,
    house,
    query,
    choices,
    changes,
    answer,
    followedIds,
    stays,
    breakdown,
    questions,
    isFurther,
    people,
    marks,
    notes,
    rounds,
    entries,
    more,
    unreadable,
  } = props;
  const isAboutTime = answer?.length !== undefined || answer?.needsName === true;
  const nothing = !isAboutTime && people.length + marks.length + notes.length + rounds.length + entries.length === 0;
  const address = `/search?q=${encodeURIComponent(text)}`;
  const footOf = (list: keyof typeof more): PieceFootProps => ({
    more: more[list] ? { href: `${address}&${list}=${more[list]}`, words: 'Earlier ones' } : undefined,
    start: isFurther ? { href: address, words: 'Back to all that was found' } : undefined,
  });
  const students =
    people.length > 0 ? (
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
    ) : null;
  return (
    <Page title="Search" aside={text ? `“${text}”` : 'People, rounds, marks, remarks, errors and drills, in one box.'}>
      {text === '' ? (
        <>
          <KeptQuestions questions={questions} />
          <Empty>
            <h2>Write what you look for</h2>
            <p>
              Ask as you would ask a colleague. Slips of the keyboard are forgiven, and each part of what was understood
              can be changed.
            </p>
            <Examples />
          </Empty>
        </>
      ) : (
        <QuestionParts
          text={text}
          query={query}
          choices={choices}
          names={people.map((one) => one.name)}
          place={answer?.length?.place}
          house={house}
        />
      )}
      {nothing && text !== '' ? (
        <Empty>
          <h2>Nothing found</h2>
          <p>
            {query.parts.some((part) => part.name === 'rest')
              ? 'Some words name nothing here: leave them out above, '
              : 'Leave a part out above, '}
            or look through the <Link href="/library">Library</Link> for how it is called here.
          </p>
          <Examples />
        </Empty>
      ) : null}
      {answer ? (
        <Answered>
          <Counted role="status">{answerWords(answer, (id) => houseNameOf(house, id))}</Counted>
          {stays && stays.length > 1 ? (
            <Link href={reelAddress({ title: text, moments: stays, back: address })}>
              play {stays.length === MOST_MOMENTS ? `the newest ${MOST_MOMENTS}` : stays.length} in a row
            </Link>
          ) : null}
          <KeepQuestion text={text} {...changes} isKept={questions.some((one) => isSame(one, text, changes))} />
        </Answered>
      ) : null}
      {breakdown ? <Breakdown {...breakdown} house={house} /> : null}
      {marks.length === 0 ? students : null}
      <Moments
        title="Marks"
        lines={marks}
        foot={footOf('marks')}
        text={text}
        address={address}
        followedIds={followedIds}
      />
      <Moments title="Remarks" lines={notes} foot={footOf('notes')} text={text} address={address} />
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
      {marks.length === 0 ? null : students}
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

/** Questions that are understood, to begin with. */
const Examples = () => (
  <ul>
    {examples.map((example) => (
      <li key={example}>
        <Link href={`/search?q=${encodeURIComponent(example)}`}>{example}</Link>
      </li>
    ))}
  </ul>
);

const isSame = (one: QuestionLine, text: string, changes: Pick<QuestionLine, 'as' | 'whose'>): boolean =>
  one.text.toLowerCase() === text.toLowerCase() && one.as === changes.as && one.whose === changes.whose;

const examples = [
  'ana flat in half guard punished',
  'ana passed from half guard on the left by heavier partners since october',
  'every missed back take this month',
  'white belts flat under side control',
  'teo knee slice finished no gi',
  'after a butterfly sweep, mount',
  'nadia share of time on top',
];
