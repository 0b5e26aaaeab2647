import { present } from '../kernel';
import { opponentOf, placeOnTop, rulings, type StopReason, type TurnEnd, turnStarts } from '../round';
import type { CallContext } from './callContext';
import type { MarkDraft } from './draftOf';
import { athleteCalled, readAthlete } from './who';

const stretches: readonly {
  readonly words: readonly string[];
  readonly offCamera?: true;
  /** Behind it stands where they go on. */
  readonly goesOn?: true;
}[] = [
  { words: ['stop'] },
  { words: ['stoppage'] },
  { words: ['stopped'] },
  { words: ['referee', 'stops'] },
  { words: ['reset'], goesOn: true },
  { words: ['restart'], goesOn: true },
  { words: ['break'] },
  { words: ['pause'] },
  { words: ['off', 'camera'], offCamera: true },
  { words: ['not', 'filmed'], offCamera: true },
  { words: ['out', 'of', 'picture'], offCamera: true },
];

/** The words by which a reason for stopping is told. */
const reasonWords: readonly (readonly [RegExp, StopReason])[] = [
  [/\b(?:taps?|tapped|submission)\b/, 'tap'],
  [/\b(?:blood|bleeds?|bleeding|nosebleed)\b/, 'blood'],
  [/\b(?:belts?|gi|jacket|kit|pants|trousers|mouthguard|tape|contact lens|rash ?guard|hair|laces?|nails?)\b/, 'kit'],
  [/\b(?:injury|injured|hurts?|knee|eye|neck|shoulder|elbow|finger|toe|cramps?|poked)\b/, 'injury'],
  [/\b(?:ill|illness|sick|dizzy|vomits?|breath)\b/, 'illness'],
  [/\b(?:another pair|other pair|next pair|pairs?|others|collision|bumped|crowd)\b/, 'another pair'],
  [/\b(?:edge|wall|mat|bounds|out)\b/, 'edge'],
  [/\b(?:referee|ref|judge)\b/, 'referee'],
  [/\b(?:talks?|talking|question|explains?|coach|laughs?|laughing|phone)\b/, 'talk'],
  [/\b(?:drinks?|water)\b/, 'drink'],
];
/** The reason for stopping that the words tell. */
const reasonOf = (words: string): StopReason | undefined => reasonWords.find(([pattern]) => pattern.test(words))?.[1];

/** Longest that a stoppage without its end is looked back for. @source own decision: injuries and mat changes are over by then */
const LONGEST_STOPPAGE_SECONDS = 15 * 60;

export interface StoppageCall {
  readonly draft: MarkDraft;
  /** The stoppage that the call ends, to be changed instead of making another. */
  readonly finishesId?: string;
}

/**
 * "stop 12", "off camera 8", "stop until 5:40" of the round: a stretch that is not live, ten seconds unless it says how many or until when. "until 5:40" alone
 * ends the stoppage that was marked before.
 */
export function readStoppage(
  words: readonly string[],
  atSeconds: number,
  context: CallContext,
): StoppageCall | undefined {
  const until = readUntil(words, context);
  if (until && until.words.length === 0) return endOfStoppage(until.atSeconds, atSeconds, context);
  const told = breakFirst(until?.words ?? words);
  const stretch = stretches.find((one) => one.words.every((word, index) => told[index] === word));
  if (!stretch) return undefined;
  const rest = told.slice(stretch.words.length);
  const count = /^\d+$/.test(rest[0] ?? '') ? rest[0] : undefined;
  const said = rest
    .slice(count ? 1 : 0)
    .filter((word) => !['for', 'because', 'of', 'the'].includes(word))
    .join(' ');
  const reason = reasonOf(said);
  // The reason by its own name needs no remark.
  const note = said === reason ? '' : said;
  // "stopped moving" is something else: what stands behind must be a reason, or the camera's.
  const goesOn = stretch.goesOn && /^(?:from|in|on|at|to) /.test(said);
  if (said !== '' && !(count || stretch.offCamera || reason || goesOn)) return undefined;
  const seconds = until ? until.atSeconds - atSeconds : Number(count ?? '10');
  if ((until && rest.length > 0) || seconds < 0) return undefined;
  const { offCamera } = stretch;
  return {
    draft: {
      kind: 'stoppage',
      atSeconds,
      endSeconds: atSeconds + seconds,
      ...(offCamera ? { offCamera } : {}),
      ...(reason ? { reason } : {}),
      ...(note ? { note } : {}),
    },
  };
}

const howLong = /^(?:a|short|quick|little|small)$/;
const whatFor = /^(?:drink|water|injury|medical|talk|toilet)$/;

/** "short break", "water break 30": the break first, then how long it was, then what for. */
function breakFirst(words: readonly string[]): readonly string[] {
  const at = words.findIndex((word) => word === 'break' || word === 'pause');
  const sort = words.slice(0, at);
  if (at < 1 || !sort.every((word) => howLong.test(word) || whatFor.test(word))) return words;
  return [...words.slice(at), ...sort.filter((word) => whatFor.test(word))];
}

/** Takes "until 5:40", in round time, off the end of a call; the two numbers come as words. */
function readUntil(words: readonly string[], { roundStartSeconds }: CallContext) {
  const match = /^(.*?)\s*\buntil (\d{1,3}) ([0-5]\d)$/.exec(words.join(' '));
  if (!match) return undefined;
  const [, before = '', minutes, seconds] = match;
  return {
    words: before === '' ? [] : before.split(' '),
    atSeconds: roundStartSeconds + Number(minutes) * 60 + Number(seconds),
  };
}

function endOfStoppage(endSeconds: number, nowSeconds: number, { marks = [] }: CallContext): StoppageCall | undefined {
  const going = marks.findLast(
    (mark) =>
      mark.kind === 'stoppage' &&
      mark.atSeconds <= Math.max(nowSeconds, endSeconds) &&
      mark.atSeconds >= endSeconds - LONGEST_STOPPAGE_SECONDS,
  );
  if (going?.kind !== 'stoppage' || going.atSeconds > endSeconds) return undefined;
  const { id, ...draft } = going;
  return { draft: { ...draft, endSeconds }, finishesId: id };
}

/** "ana advantage", "penalty marek, pulled the fingers": what the referee gave, and what for. */
export function readRuling(words: readonly string[], atSeconds: number, context: CallContext): MarkDraft | undefined {
  const given = readPoints(words, atSeconds, context);
  if (given) return given;
  const ruling = rulings.find((one) => one !== 'points' && words.includes(one));
  const at = ruling ? words.indexOf(ruling) : -1;
  if (!ruling || at > 2) return undefined;
  const unsure = words.includes('unsure') || words.includes('maybe');
  const who = readAthlete([...words.slice(0, at), ...words.slice(at + 1), 'for'], context);
  const rest = who.words
    .slice(0, -1)
    .filter((word) => !['for', 'to', 'unsure', 'maybe', 'gets', 'an', 'a'].includes(word));
  // "advantage" may be what somebody takes: only a name beside it makes it the referee's.
  if (!who.named || (at > 0 && rest.length > 0 && words[at + 1] !== 'for')) return undefined;
  return {
    kind: 'ruling',
    atSeconds,
    athlete: who.athlete,
    ruling,
    ...(unsure ? { unsure } : {}),
    ...(rest.length > 0 ? { note: rest.join(' ') } : {}),
  };
}

const counts: Readonly<Record<string, number>> = { one: 1, two: 2, three: 3, four: 4, six: 6 };

/** "two points ana", "ana 2 points for the sweep", "4 for marek": points that the referee gave; only with a name and a number. */
function readPoints(words: readonly string[], atSeconds: number, context: CallContext): MarkDraft | undefined {
  const at = words.findIndex((word) => /^[1-9]$/.test(word) || Object.hasOwn(counts, word));
  const isScored = /^(?:scores?|scored|earns)$/.test(words[at - 1] ?? '') && at === words.length - 1;
  const isPoints =
    isScored || ['points', 'point'].includes(words[at + 1] ?? '') || (words.length <= 3 && words[at + 1] === 'for');
  if (at < 0 || at > 3 || !isPoints) return undefined;
  const points = counts[present(words[at])] ?? Number(words[at]);
  const rest = [...words.slice(0, at), ...words.slice(at + (words[at + 1] === 'for' ? 1 : 2))];
  const who = readAthlete([...rest, 'for'], context);
  const note = who.words.slice(0, -1).filter((word) => !givingWords.has(word));
  // Who did not get any is told, too: "no two points".
  if (!who.named || words.slice(0, at).some((word) => ['no', 'not', 'behind', 'down'].includes(word))) return undefined;
  return {
    kind: 'ruling',
    atSeconds,
    athlete: who.athlete,
    ruling: 'points',
    points,
    ...(note.length > 0 ? { note: note.join(' ') } : {}),
  };
}
const givingWords: ReadonlySet<string> = new Set(
  'for to gets scores takes the a referee gives given awarded receives his her'.split(' '),
);

/** "board 4 2", "board 4 2 advantages 1 0 penalties 0 1": what the official score says, the athlete in focus first. */
export function readBoard(words: readonly string[], atSeconds: number): MarkDraft | undefined {
  const match =
    /^(?:board|score|scoreboard) (\d+) (\d+)(?: (?:advantages|adv) (\d+) (\d+))?(?: (?:penalties|pen) (\d+) (\d+))?$/.exec(
      words.join(' '),
    );
  if (!match) return undefined;
  const [, points, against, ...more] = match.map((part) => Number(part ?? 0));
  const [advantagesA = 0, advantagesB = 0, penaltiesA = 0, penaltiesB = 0] = more;
  const a = { points: present(points), advantages: advantagesA, penalties: penaltiesA };
  const b = { points: present(against), advantages: advantagesB, penalties: penaltiesB };
  return { kind: 'board', atSeconds, score: { a, b } };
}

/** "marek on top", "ana below": the same position, turned over or said once more; nothing while no position is known. */
export function readPlace(words: readonly string[], atSeconds: number, context: CallContext): MarkDraft | undefined {
  const match =
    /^(.+?) (?:is )?(on top|on the bottom|underneath|below)(?: now| again| then| after that| there| here)*$/.exec(
      words.join(' '),
    );
  if (!match || context.state.kind !== 'position') return undefined;
  const who = readAthlete([...present(match[1]).split(' '), present(match[2])], context);
  if (!who.named || who.words.length !== 1) return undefined;
  const over = match[2] === 'on top' ? who.athlete : opponentOf(who.athlete);
  const placed = placeOnTop(context.state.positionId, over);
  return placed.kind === 'position'
    ? { kind: 'position', atSeconds, positionId: placed.positionId, holder: placed.holder }
    : undefined;
}

/** "measured 1.4", "ana answered 0.8": a time taken between two moments, the first of them here. */
export function readMeasure(words: readonly string[], atSeconds: number, context: CallContext): MarkDraft | undefined {
  const match = /^(?:(.+) answered|measured) (\d+)(?: (\d+))?$/.exec(words.join(' '));
  if (!match) return undefined;
  const endSeconds = atSeconds + Number(`${match[2]}.${match[3] ?? 0}`);
  if (match[1] === undefined) return { kind: 'measure', atSeconds, endSeconds };
  const who = readAthlete([...match[1].split(' '), 'answered'], context);
  return who.named && who.words.length === 1
    ? { kind: 'measure', atSeconds, endSeconds, athlete: who.athlete }
    : undefined;
}

const turnEndWords: Readonly<Record<string, TurnEnd>> = { escaped: 'escaped', tapped: 'tapped', 'ran out': 'ran-out' };
// "1:41" and "0:19.4" come as words.
const TIME = String.raw`(\d+) (\d\d)(?: (\d))?`;
const TURN = new RegExp(
  `^(back|arm)(?: (escaped|tapped|ran out))?(?: clock ${TIME})?(?: official ${TIME})?(?: totals ${TIME} ${TIME})?$`,
);

/** "turn ana back", "turn ana back escaped clock 1:41 official 0:19": one turn of an overtime, begun here; its end is pressed or stays as it was. */
export function readTurn(words: readonly string[], atSeconds: number, context: CallContext): MarkDraft | undefined {
  if (words[0] !== 'turn') return undefined;
  const who = readAthlete(words.slice(1), context);
  const match = TURN.exec(who.words.join(' '));
  if (!who.named || !match) return undefined;
  const [, from, end, ...times] = match;
  const secondsOf = ([minutes, seconds, tenths]: readonly (string | undefined)[]) =>
    seconds === undefined ? undefined : Number(minutes) * 60 + Number(`${seconds}.${tenths ?? 0}`);
  const [a, b] = [secondsOf(times.slice(6, 9)), secondsOf(times.slice(9, 12))];
  return {
    kind: 'turn',
    atSeconds,
    athlete: who.athlete,
    from: present(turnStarts.find((start) => start === from)),
    end: end ? turnEndWords[end] : undefined,
    clockSeconds: secondsOf(times.slice(0, 3)),
    officialSeconds: secondsOf(times.slice(3, 6)),
    officialTotals: a !== undefined && b !== undefined ? { a, b } : undefined,
  };
}

/** "tap for ana", "submission for marek": the one for whom it is has won. */
export function readWin(words: readonly string[], atSeconds: number, context: CallContext): MarkDraft | undefined {
  const [what = '', link, name = ''] = words;
  if (words.length !== 3 || link !== 'for' || !['tap', 'submission', 'finish', 'win'].includes(what)) return undefined;
  const athlete = athleteCalled(name, context);
  if (!athlete) return undefined;
  return { kind: 'attempt', atSeconds, techniqueId: 'unnamed-submission', athlete, stage: 'finished', end: 'finished' };
}
