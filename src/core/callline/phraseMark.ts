import {
  type Athlete,
  type BoardMark,
  type GripOutcome,
  type Held,
  type Mark,
  placeOfRole,
  roleIn,
  type Surrounding,
  type TurnMark,
} from '../round';
import { conceptName } from '../vocabulary';
import { holderOf } from './draftOf';

/** The mark as a call: what a coach would type to make it. Reading it again gives the same mark (its time and links aside). */
export function phraseMark(
  mark: Mark,
  names: Readonly<Record<Athlete, string>>,
  nameOf: (conceptId: string) => string = conceptName,
): string {
  return [
    callOf(mark, names, nameOf),
    verdictWord(mark),
    ...(mark.amid ?? []).map((one) => amidWord[one]),
    mark.unsure && 'unsure',
    mark.kind !== 'note' && mark.note && `- ${mark.note}`,
  ]
    .filter(Boolean)
    .join(' ');
}

function callOf(mark: Mark, names: Readonly<Record<Athlete, string>>, nameOf: (conceptId: string) => string): string {
  const words = (...parts: (string | undefined | false)[]) => parts.filter(Boolean).join(' ');
  switch (mark.kind) {
    case 'position':
      return words(phrasePosition(mark.positionId, mark.holder, names, nameOf), ...heldWords(mark.held));
    case 'grip':
      return words(
        names[mark.athlete],
        nameOf(mark.gripId),
        sideWord(mark.side),
        outcomeWord(mark.outcome),
        mark.target && `on the ${mark.target}`,
      );
    case 'attempt': {
      const stage = mark.stage === 'finished' ? undefined : mark.stage === 'entry' ? undefined : mark.stage;
      const cause = mark.tapCause && mark.tapCause !== 'technique' && `by ${mark.tapCause}`;
      const target = mark.target && `on the ${mark.target}`;
      const came = mark.came && { luck: 'by luck', gift: 'as a gift' }[mark.came];
      const name = mark.orElse ? `${nameOf(mark.techniqueId)} or ${nameOf(mark.orElse)}` : nameOf(mark.techniqueId);
      return words(names[mark.athlete], name, sideWord(mark.side), stage, mark.end, cause, came, target);
    }
    case 'chance':
      return words(names[mark.athlete], 'missed', nameOf(mark.techniqueId), sideWord(mark.side), partWord(mark.part));
    case 'error':
      return words(
        names[mark.athlete],
        nameOf(mark.errorId),
        sideWord(mark.side),
        partWord(mark.part),
        punishedWord(mark.punished),
        mark.punishedFrom && `punished from ${mark.punishedFrom}`,
      );
    case 'strength':
      return words(names[mark.athlete], 'good', nameOf(mark.strengthId), sideWord(mark.side), partWord(mark.part));
    case 'stoppage':
      return words(
        `${mark.offCamera ? 'off camera' : 'stop'} ${Math.round(mark.endSeconds - mark.atSeconds)}`,
        mark.reason,
      );
    case 'ruling':
      return words(names[mark.athlete], mark.points !== undefined && String(mark.points), mark.ruling);
    case 'board':
      return `board ${fieldWords(mark, 'points')}${optional(mark, 'advantages')}${optional(mark, 'penalties')}`;
    case 'turn':
      return phraseTurn(mark, names);
    case 'measure': {
      const seconds = (mark.endSeconds - mark.atSeconds).toFixed(2);
      return mark.athlete ? `${names[mark.athlete]} answered ${seconds}` : `measured ${seconds}`;
    }
    case 'hazard':
      return words(
        'hazard',
        mark.athlete && names[mark.athlete],
        mark.hazard,
        mark.duringId && `in ${nameOf(mark.duringId)}`,
      );
    case 'note':
      return `note ${mark.note}`;
  }
}

const fieldWords = ({ score: { a, b } }: BoardMark, field: 'points' | 'advantages' | 'penalties'): string =>
  `${a[field]} ${b[field]}`;
const optional = (mark: BoardMark, field: 'advantages' | 'penalties'): string =>
  mark.score.a[field] + mark.score.b[field] > 0 ? ` ${field} ${fieldWords(mark, field)}` : '';

/** "turn ana back escaped clock 1:41 official 0:19". */
function phraseTurn(mark: TurnMark, names: Readonly<Record<Athlete, string>>): string {
  const end = mark.end && { escaped: 'escaped', tapped: 'tapped', 'ran-out': 'ran out' }[mark.end];
  const clock = mark.clockSeconds !== undefined && `clock ${minutesWord(mark.clockSeconds)}`;
  const official = mark.officialSeconds !== undefined && `official ${minutesWord(mark.officialSeconds)}`;
  const totals =
    mark.officialTotals && `totals ${minutesWord(mark.officialTotals.a)} ${minutesWord(mark.officialTotals.b)}`;
  return ['turn', names[mark.athlete], mark.from, end, clock, official, totals].filter(Boolean).join(' ');
}

/** "1:41", "0:19.4". */
function minutesWord(seconds: number): string {
  const tenths = Math.round(seconds * 10);
  const rest = (tenths % 600) / 10;
  return `${Math.floor(tenths / 600)}:${rest < 10 ? '0' : ''}${rest}`;
}

const verdictWord = (mark: Mark): string | undefined =>
  mark.verdict &&
  { bait: 'as bait', concession: 'on purpose', agreed: 'as agreed', 'no-fault': 'nothing to fault' }[mark.verdict];

/** What was the matter at a moment, as a call says it. */
export const amidWord: Readonly<Record<Surrounding, string>> = {
  wall: 'at the wall',
  edge: 'at the edge',
  crowd: 'on a full mat',
  tired: 'while tired',
  hurt: 'while hurt',
  ill: 'while ill',
  reset: 'after a reset',
};

/** How a position is held, as a call says it. */
export const heldWords = (held: Held | undefined): (string | undefined)[] => [
  sideWord(held?.side),
  held?.height,
  held?.head && `head ${held.head}`,
  held?.posture && `posture ${held.posture}`,
];

const partWord = (part: string | undefined): string | undefined => part && `on the ${part}`;
const outcomeWord = (outcome: GripOutcome): string | undefined =>
  outcome === 'got' ? undefined : outcome === 'missed' ? 'not got' : outcome;

const sideWord = (side: string | undefined): string | undefined => (side === 'not-seen' ? 'side unseen' : side);

const punishedWord = (punished: string | undefined): string | undefined => {
  if (punished === undefined) return undefined;
  return { yes: 'punished', partly: 'partly punished', no: 'not punished', spared: 'spared' }[punished];
};

/** A position as a call: whose it is, and "top" where that has to be said. */
export function phrasePosition(
  positionId: string,
  holder: Athlete | undefined,
  names: Readonly<Record<Athlete, string>>,
  nameOf: (conceptId: string) => string,
): string {
  if (holder === undefined) return nameOf(positionId);
  const over = placeOfRole(roleIn(positionId, holder, 'a')) === 'over' ? 'a' : 'b';
  const under = over === 'a' ? 'b' : 'a';
  if (holderOf(positionId, under, undefined) === holder) return `${names[under]} ${nameOf(positionId)}`;
  const needsPlace = holderOf(positionId, over, undefined) !== holder;
  return `${names[over]} ${needsPlace ? 'top ' : ''}${nameOf(positionId)}`;
}
