import { amidWord, heldWords } from '@/core/callline';
import { formatClock } from '@/core/clock';
import { UNSTORABLE_TEXT } from '@/core/kernel';
import {
  type Athlete,
  type BoardMark,
  type Contradiction,
  conceptIdOf,
  type Hazard,
  type Mark,
  type MarkProblem,
  opponentOf,
  placeOfRole,
  type RulingMark,
  roleIn,
  type TurnMark,
} from '@/core/round';
import { conceptName, isUnnamed } from '@/core/vocabulary';

export type Names = Readonly<Record<Athlete, string>>;

/** The mark in words, as the ledger shows it: what, then how it went. */
export function markWords(mark: Mark, names: Names, wordOf: (conceptId: string) => string = conceptName): MarkWords {
  const words = wordsOfEntry(mark, names, wordOf);
  const id = conceptIdOf(mark);
  // What has no name is known by the coach's own words.
  if (!id || !isUnnamed(id) || mark.kind === 'note' || !mark.note) return words;
  return { ...words, what: mark.note, how: [wordOf(id), words.how].filter(Boolean).join(', '), saysNote: true };
}

export interface MarkWords {
  readonly what: string;
  readonly who?: string;
  readonly athlete?: Athlete;
  readonly how: string;
  /** The remark is what it is called: it is not said twice. */
  readonly saysNote?: true;
}

function wordsOfEntry(mark: Mark, names: Names, wordOf: (conceptId: string) => string): MarkWords {
  const side = 'side' in mark && mark.side ? (mark.side === 'not-seen' ? 'side not seen' : mark.side) : undefined;
  const how = (...parts: (string | undefined | false)[]) =>
    [...parts, verdictWords(mark), ...(mark.amid ?? []).map((one) => amidWord[one]), mark.unsure && 'to be asked']
      .filter(Boolean)
      .join(', ');
  switch (mark.kind) {
    case 'position':
      return {
        what: wordOf(mark.positionId),
        ...placeWords(mark.positionId, mark.holder, names),
        how: how(...heldWords(mark.held)),
      };
    case 'grip':
      return {
        what: wordOf(mark.gripId),
        who: names[mark.athlete],
        athlete: mark.athlete,
        how: how(
          side,
          mark.target && `on the ${mark.target}`,
          mark.outcome === 'missed' ? 'not got' : mark.outcome !== 'got' && mark.outcome,
        ),
      };
    case 'attempt':
      return {
        what: mark.orElse ? `${wordOf(mark.techniqueId)} or ${wordOf(mark.orElse)}` : wordOf(mark.techniqueId),
        who: names[mark.athlete],
        athlete: mark.athlete,
        how: how(
          side,
          mark.target && `on the ${mark.target}`,
          attemptWords(mark.stage, mark.end),
          mark.tapCause && mark.tapCause !== 'technique' && `tap by ${mark.tapCause}`,
          mark.came && { luck: 'by luck', gift: 'a gift' }[mark.came],
        ),
      };
    case 'chance':
      return {
        what: wordOf(mark.techniqueId),
        who: names[mark.athlete],
        athlete: mark.athlete,
        how: how(side, partWords(mark), 'missed chance'),
      };
    case 'error':
      return {
        what: wordOf(mark.errorId),
        who: names[mark.athlete],
        athlete: mark.athlete,
        how: how(
          side,
          partWords(mark),
          punishedWords(mark.punished),
          mark.punishedFrom && `from ${mark.punishedFrom} belt on it is punished`,
        ),
      };
    case 'strength':
      return {
        what: wordOf(mark.strengthId),
        who: names[mark.athlete],
        athlete: mark.athlete,
        how: how(side, partWords(mark), 'well done'),
      };
    case 'stoppage':
      return {
        what: mark.offCamera ? 'Off camera' : 'Play stopped',
        how: how(formatClock(mark.endSeconds - mark.atSeconds), mark.reason),
      };
    case 'ruling':
      return {
        what: rulingWords(mark),
        who: names[mark.athlete],
        athlete: mark.athlete,
        how: how('the referee’s'),
      };
    case 'board':
      return { what: `Board ${boardWords(mark)}`, how: how('the official score') };
    case 'turn':
      return {
        what: `Overtime turn from ${mark.from === 'back' ? 'back control' : 'the arm-lock start'}`,
        who: names[mark.athlete],
        athlete: mark.athlete,
        how: how(turnWords(mark)),
      };
    case 'measure':
      return {
        what: mark.athlete ? 'answered' : 'Measured',
        who: mark.athlete && names[mark.athlete],
        athlete: mark.athlete,
        how: how(`${(mark.endSeconds - mark.atSeconds).toFixed(2)} s`),
      };
    case 'hazard':
      return {
        what: hazardWords[mark.hazard],
        who: mark.athlete && names[mark.athlete],
        athlete: mark.athlete,
        how: how(mark.duringId && `in ${wordOf(mark.duringId)}`, 'a hazard'),
      };
    case 'note':
      return { what: mark.note, how: '' };
  }
}

const partWords = ({ part }: { readonly part?: string }): string | undefined => part && `on the ${part}`;

function rulingWords({ ruling, points }: RulingMark): string {
  if (ruling === 'points') return points === 1 ? 'One point' : `${points ?? 'Some'} points`;
  return ruling === 'advantage' ? 'Advantage' : 'Penalty';
}

const hazardWords: Readonly<Record<Hazard, string>> = {
  cranked: 'Cranked',
  'neck loaded': 'Neck loaded',
  slammed: 'Slammed',
  'fell on a joint': 'Fell on a joint',
  'jumped on': 'Jumped on',
  fingers: 'Fingers',
  'late to let go': 'Late to let go',
  'near others': 'Too near to others',
  'wall or floor': 'The wall or the bare floor',
  'out of control': 'Out of control',
};

function turnWords({ end, endSeconds, atSeconds }: TurnMark): string {
  if (!end || endSeconds === undefined) return 'running';
  const after = `after ${(endSeconds - atSeconds).toFixed(1)} s`;
  return { escaped: `escaped ${after}`, tapped: `tapped ${after}`, 'ran-out': 'no escape' }[end];
}

/** "4 : 2", with advantages and penalties where there are any. */
function boardWords({ score: { a, b } }: BoardMark): string {
  const more = (field: 'advantages' | 'penalties', word: string) =>
    a[field] + b[field] > 0 ? `, ${word} ${a[field]} : ${b[field]}` : '';
  return `${a.points} : ${b.points}${more('advantages', 'advantages')}${more('penalties', 'penalties')}`;
}

const verdictWords = (mark: Mark): string | undefined =>
  mark.verdict &&
  { bait: 'as bait', concession: 'on purpose', agreed: 'as agreed', 'no-fault': 'nothing to fault' }[mark.verdict];

function placeWords(
  positionId: string,
  holder: Athlete | undefined,
  names: Names,
): { who?: string; athlete?: Athlete } {
  if (!holder) return {};
  const place = placeOfRole(roleIn(positionId, holder, holder));
  if (place === 'level') return { who: names[holder], athlete: holder };
  const over = place === 'over' ? holder : opponentOf(holder);
  const role = roleIn(positionId, holder, over);
  return { who: `${names[over]} ${role === 'attacker' ? 'attacking' : 'on top'}`, athlete: over };
}

function attemptWords(stage: string, end: string | undefined): string {
  if (stage === 'finished' || end === 'finished') return 'finished';
  const reached = { entry: 'entry', control: 'control', locked: 'locked' }[stage] ?? stage;
  return end ? `${reached}, then ${end}` : reached;
}

export const punishedWords = (punished: string | undefined): string | undefined =>
  punished && { yes: 'punished', partly: 'partly punished', no: 'not punished', spared: 'spared' }[punished];

/** What is wrong with a mark that cannot be stored, and what to do. */
export function markProblemText(problem: MarkProblem | { readonly code: string }): string {
  switch (problem.code) {
    case 'outside-round': {
      const known = problem as Extract<MarkProblem, { code: 'outside-round' }>;
      return `That moment lies outside the round (${formatClock(known.round.endSeconds - known.round.startSeconds)} long). Move the playhead into it, or widen the round on its card.`;
    }
    case 'ends-before-start':
      return 'It would end before it begins. Move the playhead behind its start.';
    case 'note-too-long': {
      const known = problem as Extract<MarkProblem, { code: 'note-too-long' }>;
      return `A note holds ${known.most.toLocaleString('en')} characters; this one has ${known.characters.toLocaleString('en')}. Shorten it; your text stays here.`;
    }
    case 'empty-note':
      return 'The note is empty. Write something, or press Escape.';
    case 'unstorable-text':
      return UNSTORABLE_TEXT;
    case 'not-readable':
      return 'What the server has of this mark cannot be read; its log names it. Delete it here, and mark the moment anew.';
    case 'unknown-concept':
      return 'The library does not know this word any more. Choose another.';
    case 'back-in-time':
      return 'A cause cannot lie after its consequence. Choose a later mark.';
    case 'cycle':
      return 'That would make a circle of causes. Choose another mark.';
    default:
      return 'The server did not take this mark. Open it with E, check it, and press Enter again.';
  }
}

export function contradictionText(contradiction: Contradiction): string {
  switch (contradiction.code) {
    case 'already-past':
      return 'passes, but is already past the guard: is a position missing before it, or is it the other athlete?';
    case 'attack-from-below':
      return 'attacks from mount, but is underneath: whose attack is it?';
    case 'sweep-from-top':
      return 'sweeps, but is on top already: is a position missing, or is it the other athlete?';
    case 'both-on-top':
      return 'both are on top at the same moment: one of the two positions is wrong.';
    case 'ends-before-start':
      return 'ends before it begins.';
    case 'outside-round':
      return 'lies outside the round: move it, or widen the round on its card.';
    case 'not-seen':
      return 'was off camera: nothing can be inferred there, only asked.';
    case 'finish-without-end':
      return 'finished, yet play goes on: mark a stoppage, a neutral restart, or how it really ended.';
  }
}

export const tideWords = (value: number, names: Names): string => {
  if (Math.abs(value) < 0.25) return 'level';
  const better = value > 0 ? names.a : names.b;
  const much = Math.abs(value) >= 3 ? 'far' : Math.abs(value) >= 1.5 ? 'clearly' : 'a little';
  return `${better} ${much} better placed`;
};
