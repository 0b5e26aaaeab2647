import { type Concept, draftInOwnWords, type Judged, type MarkDraft, stemOf } from '../callline';
import { type Athlete, opponentOf, placeOfRole, type RoundState, roleIn, stateAfterAttempt } from '../round';
import { findPosition, findStrength, findTechnique, isUnnamed, type Technique, techniques } from '../vocabulary';
import type { DraftPart } from './draftPart';
import { judgeSpeech } from './judgeSpeech';

/** So many readings stand on a card beside the first. @source own decision: what digits 2 to 4 choose */
export const MOST_OTHERS = 3;

export interface Heard {
  readonly text: string;
  readonly words: readonly string[];
  /** Entries whose names the same words fit, too. */
  readonly rivals: readonly Concept[];
  readonly state: RoundState;
}

/** What the words of a card may mean besides, likeliest first: entries that they fit, too, then the same words under another verdict. */
export function otherReadings(draft: DraftPart, heard: Heard, near: readonly MarkDraft[]): MarkDraft[] {
  const athlete = 'athlete' in draft && draft.athlete ? draft.athlete : 'a';
  const readings = new Map<string, MarkDraft>();
  const take = (more: readonly MarkDraft[]) => {
    for (const one of more) if (!readings.has(keyOfReading(one))) readings.set(keyOfReading(one), one);
    readings.delete(keyOfReading(draft));
  };
  take([...near, ...heard.rivals.flatMap((one) => draftOfConcept(one, athlete))]);
  if (readings.size < MOST_OTHERS) take(besides(draft, heard, athlete));
  return [...readings.values()].slice(0, MOST_OTHERS);
}

/** What a reading says, whoever's words it keeps: two with the same key are one choice. */
export const keyOfReading = (draft: DraftPart | MarkDraft): string => {
  const fields: Record<string, unknown> = draft;
  const id = fields.positionId ?? fields.gripId ?? fields.techniqueId ?? fields.errorId ?? fields.strengthId ?? '';
  return `${draft.kind} ${isUnnamed(String(id)) ? 'unnamed' : id}`;
};

/** The mark that an entry makes where only its name is known; none for a position, of which the holder would have to be known. */
export function draftOfConcept(concept: Concept, athlete: Athlete): MarkDraft[] {
  const base = { atSeconds: 0, athlete };
  switch (concept.kind) {
    case 'error':
      return [{ ...base, kind: 'error', errorId: concept.id, ledTo: [] }];
    case 'strength':
      return [{ ...base, kind: 'strength', strengthId: concept.id }];
    case 'grip':
      return [{ ...base, kind: 'grip', gripId: concept.id, outcome: 'got' }];
    case 'attempt':
      return [{ ...base, kind: 'attempt', techniqueId: concept.id, stage: 'entry' }];
    default:
      return [];
  }
}

/** The same thing seen as another kind of mark: an attempt that was only an opening, the position that it led to, a fault that was praise. */
function besides(draft: DraftPart, heard: Heard, athlete: Athlete): MarkDraft[] {
  const inOwnWords = (judgement: Judged['judgement']): MarkDraft =>
    draftInOwnWords(
      {
        who: { athlete, named: true, words: heard.words },
        judged: { judgement, firm: true },
        modifiers: {},
        text: heard.text,
        about: heard.words,
      },
      0,
    );
  const judged = judgeSpeech(heard.words);
  const verdict = judged?.firm && draft.kind !== 'position' ? [inOwnWords(judged.judgement)] : [];
  return [...verdict, ...asOtherKind(draft, heard, athlete, inOwnWords)];
}

function asOtherKind(
  draft: DraftPart,
  heard: Heard,
  athlete: Athlete,
  inOwnWords: (judgement: Judged['judgement']) => MarkDraft,
): MarkDraft[] {
  switch (draft.kind) {
    case 'attempt': {
      const named = isUnnamed(draft.techniqueId) ? likelyNames(draft.techniqueId, heard) : [];
      const after = stateAfterAttempt({ ...draft, stage: 'finished', end: 'finished', id: '', atSeconds: 0 });
      return [
        ...named.map((techniqueId) => ({ ...draft, techniqueId, atSeconds: 0 }) as MarkDraft),
        ...(after?.kind === 'position'
          ? [{ kind: 'position', atSeconds: 0, positionId: after.positionId, holder: after.holder } as MarkDraft]
          : []),
        { kind: 'chance', atSeconds: 0, techniqueId: draft.techniqueId, athlete },
        inOwnWords('error'),
      ];
    }
    case 'chance':
      return [
        { kind: 'attempt', atSeconds: 0, techniqueId: draft.techniqueId, athlete, stage: 'entry' },
        inOwnWords('error'),
      ].filter((one) => one.kind !== 'attempt' || one.techniqueId !== 'unnamed-chance') as MarkDraft[];
    case 'error':
      return [inOwnWords('error'), inOwnWords('good'), inOwnWords('chance')];
    case 'strength': {
      const opposite = findStrength(draft.strengthId)?.oppositeErrorId;
      const error: MarkDraft[] = opposite
        ? [{ kind: 'error', atSeconds: 0, errorId: opposite, athlete, ledTo: [] }]
        : [];
      return [inOwnWords('good'), ...error, inOwnWords('error')];
    }
    case 'position':
      return waysInto(draft);
    default:
      return [inOwnWords('error'), inOwnWords('good')];
  }
}

/** What usually leads to a position of a family, of which a talk may have told instead; "over" is done by who ends on top. */
const leadsTo: readonly (readonly [RegExp, readonly (readonly [string, 'over' | 'under'])[]])[] = [
  [/back/, [['unnamed-back-take', 'over']]],
  [
    /mount|side|knee|north|pin/,
    [
      ['unnamed-pass', 'over'],
      ['unnamed-sweep', 'over'],
    ],
  ],
  [
    /guard/,
    [
      ['frame-and-reguard', 'under'],
      ['unnamed-pull', 'under'],
    ],
  ],
  [
    /turtle/,
    [
      ['unnamed-escape', 'under'],
      ['unnamed-takedown', 'over'],
    ],
  ],
  [/standing/, [['unnamed-escape', 'under']]],
];

function waysInto({ positionId, holder }: Extract<DraftPart, { kind: 'position' }>): MarkDraft[] {
  const family = findPosition(positionId)?.family ?? '';
  if (!holder) return [];
  const over = placeOfRole(roleIn(positionId, holder, 'a')) === 'over' ? 'a' : 'b';
  return (leadsTo.find(([pattern]) => pattern.test(family))?.[1] ?? []).map(([techniqueId, place]) => ({
    ...{ kind: 'attempt', atSeconds: 0, techniqueId, stage: 'finished', end: 'finished' },
    athlete: place === 'over' ? over : opponentOf(over),
  }));
}

/** Techniques of a class, by the stems of their names. */
const namesOfClass = new Map<
  Technique['class'],
  readonly { readonly id: string; readonly stems: readonly string[] }[]
>();

function namesOf(techniqueClass: Technique['class']) {
  const known = namesOfClass.get(techniqueClass);
  if (known) return known;
  const names = techniques
    .filter((one) => one.class === techniqueClass && !isUnnamed(one.id))
    .map((one) => ({
      id: one.id,
      stems: [
        ...new Set(
          [one.name, ...one.aliases].flatMap((name) =>
            name
              .toLowerCase()
              .split(/[^a-z]+/)
              .map(stemOf),
          ),
        ),
      ],
    }));
  namesOfClass.set(techniqueClass, names);
  return names;
}

/** Which techniques of the class an attempt without a name may have been: those that begin where the athletes are, and whose names share words with what was said. */
function likelyNames(techniqueId: string, { words, state }: Heard): string[] {
  const technique = findTechnique(techniqueId);
  if (!technique) return [];
  const family = state.kind === 'position' ? findPosition(state.positionId)?.family : undefined;
  const said = new Set(words.filter((word) => word.length > 2).map(stemOf));
  return namesOf(technique.class)
    .map(({ id, stems }) => {
      const from = findTechnique(id)?.fromFamilies ?? [];
      const fits = family !== undefined && from.some((one) => one === family) ? 0.6 : 0;
      return { id, worth: fits + stems.filter((stem) => said.has(stem)).length };
    })
    .filter(({ worth }) => worth >= 1)
    .sort((one, other) => other.worth - one.worth)
    .slice(0, 2)
    .map(({ id }) => id);
}
