import { readFileSync } from 'node:fs';
import path from 'node:path';
import { buildVocabularyIndex, type CallReading, type MarkDraft, readCall } from '../../../src/core/callline';
import { parseClock } from '../../../src/core/clock';
import { asTold } from '../../../src/core/resemblance';
import {
  type Athlete,
  conceptIdOf,
  findIntervalAt,
  type Mark,
  placeOfRole,
  readRound,
  roleIn,
} from '../../../src/core/round';
import { isUnnamed, plainHouse } from '../../../src/core/vocabulary';

type People = Readonly<Record<string, readonly [string, string]>>;

/** Who is who in the rounds of the file, the athlete in focus first. */
const others: People = {
  'round-a': ['raul', 'dorian'],
  'round-d': ['pavel', 'niko'],
  'round-k': ['kris', 'bo'],
  'round-m': ['cato', 'partner'],
  'round-n': ['niko', 'ward'],
  'round-o': ['emil', 'sten'],
  'round-p': ['ash', 'birk'],
  'round-q': ['joris', 'sven'],
  'round-r': ['gita', 'signe'],
  'round-s': ['bastian', 'zeno'],
  'round-u': ['henrik', 'tomas'],
};

interface Line {
  readonly id: string;
  readonly round: string;
  readonly at: string;
  readonly text: string;
  readonly meant: string;
}

interface Expected {
  readonly kind: string;
  readonly entries: readonly string[];
  readonly athlete?: string;
  readonly fields: Readonly<Record<string, string>>;
}

/**
 * right: the mark that was meant; kept: verdict and athlete as meant, without the name that the catalogue has for it; part: the entry, but another athlete's
 * field, a stage, an outcome or a judgement lost; offered: nothing marked, the right entry first among the choices; note: only a note; wrong: a false mark.
 */
export const callClasses = ['right', 'kept', 'part', 'offered', 'note', 'wrong'] as const;
export type CallClass = (typeof callClasses)[number];

export interface ScoredCall {
  readonly line: Line;
  readonly reading: CallReading;
  readonly result: CallClass;
  /** Shown with a second reading beside it, and taken by no single key. */
  readonly doubted: boolean;
  /** Whether the line is one of those that nobody looked at while the reader was made. */
  readonly apart: boolean;
}

const read = (name: string): string => readFileSync(path.resolve('tests/language/calls', name), 'utf8');
const linesOf = (name: string): readonly string[] =>
  read(name)
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('#'));

/** Calls in their order, with who is who and what each meant. */
interface Calls {
  readonly people: People;
  readonly lines: readonly Line[];
  readonly expected: ReadonlyMap<string, readonly Expected[]>;
}

/** Calls that coaches wrote who did not write the reader. */
function callsByOthers(): Calls {
  const expected = linesOf('expected.txt').map((line) => {
    const [, id = '', rest = ''] = /^(\S+) (.+)$/.exec(line) ?? [];
    return [id, rest.split(' ; ').map(readOne)] as const;
  });
  const lines = linesOf('calls.jsonl').map((line) => JSON.parse(line) as Line);
  return { people: others, lines, expected: new Map(expected) };
}

/** Calls that the makers wrote before they saw what the reader makes of them. */
export function callsByMakers(): Calls {
  const people: Record<string, [string, string]> = {};
  const expected = new Map<string, readonly Expected[]>();
  let round = '';
  const lines = linesOf('makers.txt').flatMap((line, place): Line[] => {
    const [, name, a, b] = /^= (\S+) (\S+) (\S+)$/.exec(line) ?? [];
    if (name && a && b) {
      round = name;
      people[name] = [a, b];
      return [];
    }
    const [, at = '', text = '', meant = ''] = /^(\S+) (.+) \|\|\| (.+)$/.exec(line) ?? [];
    const id = `${round}-${place}`;
    expected.set(id, meant.split(' ; ').map(readOne));
    return [{ id, round, at, text, meant }];
  });
  return { people, lines, expected };
}

function readOne(text: string): Expected {
  const words = text.trim().split(' ');
  const [kind = '', entries = '', athlete] = words;
  const fields: Record<string, string> = {};
  for (const word of words.slice(3)) {
    const [name = '', value] = word.split('=');
    fields[value === undefined ? 'place' : name] = value ?? name;
  }
  return { kind, entries: entries.split('|'), athlete: athlete === '_' ? undefined : athlete, fields };
}

function fits(draft: MarkDraft, expected: Expected): 'all' | 'entry' | 'verdict' | undefined {
  const { kind } = expected;
  if (draft.kind !== kind) return undefined;
  if (['note', 'hazard', 'stoppage', 'board', 'ruling'].includes(kind)) {
    const sameRuling = draft.kind !== 'ruling' || draft.ruling === expected.entries[0];
    return sameRuling && isWhose(draft, expected) && hasFields(draft, expected)
      ? 'all'
      : sameRuling
        ? 'entry'
        : undefined;
  }
  const id = conceptIdOf({ ...draft, id: 'x' } as Mark) ?? '';
  const isEntry = expected.entries.includes(id) || (expected.entries.includes('-') && isUnnamed(id));
  if (isEntry) return isWhose(draft, expected) && hasFields(draft, expected) ? 'all' : 'entry';
  return isUnnamed(id) && isWhose(draft, expected) ? 'verdict' : undefined;
}

const isWhose = (draft: MarkDraft, { athlete, fields }: Expected): boolean => {
  if (athlete === undefined) return true;
  if (draft.kind !== 'position') return !('athlete' in draft) || draft.athlete === athlete;
  if (!fields.place) return true;
  return placeOfRole(roleIn(draft.positionId, draft.holder ?? 'a', athlete as Athlete)) === fields.place;
};

const hasFields = (draft: MarkDraft, { fields }: Expected): boolean =>
  Object.entries(fields).every(
    ([name, value]) =>
      name === 'place' || value.split('|').includes(String((draft as Readonly<Record<string, unknown>>)[name] ?? '')),
  );

function classOf(reading: CallReading, expected: readonly Expected[]): CallClass {
  const { draft } = reading;
  if (!draft) return 'note';
  const fit = expected.map((one) => fits(draft, one));
  if (fit.includes('all')) return 'right';
  if (fit.includes('entry')) return 'part';
  if (fit.includes('verdict')) return 'kept';
  const first = reading.choices[0]?.concept.id;
  if (draft.kind !== 'note') return 'wrong';
  return first && expected.some((one) => one.entries.includes(first)) ? 'offered' : 'note';
}

/** Reads every line in the order of its round; what was read right is there for the next, as it is for a coach who mended the rest. */
export function scoreCalls({ people, lines, expected }: Calls = callsByOthers()): ScoredCall[] {
  const index = buildVocabularyIndex(plainHouse, {}, asTold);
  const marks = new Map<string, Mark[]>();
  return lines.map((line, at) => {
    const atSeconds = parseClock(line.at) ?? 0;
    const [a, b] = people[line.round] ?? ['', ''];
    const key = atSeconds < (marks.get(line.round)?.at(-1)?.atSeconds ?? 0) ? `${line.round} again` : line.round;
    const before = marks.get(key) ?? [];
    marks.set(key, before);
    const stateAt = (seconds: number) =>
      findIntervalAt(readRound({ startSeconds: 0, endSeconds: 1200 }, before), seconds)?.state ?? {
        kind: 'unmarked' as const,
      };
    const reading = readCall(line.text, index, {
      uniform: 'gi',
      state: stateAt(atSeconds),
      stateAt,
      calledBy: { a: [a.charAt(0), a], b: [b.charAt(0), b] },
      atSeconds,
      roundStartSeconds: 0,
      marks: before,
    });
    const result = classOf(reading, expected.get(line.id) ?? []);
    if (result === 'right' && reading.draft) before.push({ ...reading.draft, id: crypto.randomUUID() } as Mark);
    return { line, reading, result, doubted: reading.doubtful === true, apart: at % 3 === 2 };
  });
}

/** Shares of the classes in percent. */
export function sharesOf(
  scored: readonly ScoredCall[],
): Readonly<Record<CallClass | 'wrongWithoutDoubt' | 'rightWithDoubt', number>> {
  const share = (count: number) => (100 * count) / Math.max(1, scored.length);
  return {
    ...(Object.fromEntries(
      callClasses.map((one) => [one, share(scored.filter(({ result }) => result === one).length)]),
    ) as Record<CallClass, number>),
    rightWithDoubt: share(scored.filter(({ result, doubted }) => result === 'right' && doubted).length),
    wrongWithoutDoubt: share(scored.filter(({ result, doubted }) => result === 'wrong' && !doubted).length),
  };
}
