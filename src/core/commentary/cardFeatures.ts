import { judge, type MarkDraft, principleOf, tellsOpening } from '../callline';
import { fitsState, type ToldKind, toldKinds } from '../resemblance';
import { conceptIdOf, type Mark } from '../round';
import { isUnnamed } from '../vocabulary';
import { type Features, knownOfGuesses } from './certainty';
import { type Hearing, onceAClause, type Said, says } from './hearing';
import * as signals from './signals';

const words = (list: string): ReadonlySet<string> => new Set(list.split(' '));
/** Closed classes of English: what may be, was, is asked, or is pointed at. */
const modals = words(
  'would could should can might may must will wouldnt couldnt shouldnt cant wont gonna going want wants wanted need needs',
);
const pasts = words('was were had did went got came took gave');
const asks = words('what why how who whats whos do does did is are');
const fillers = words('i you know mean guess think like okay ok well yeah so right anyway look see');
/** Readings that stand so close are many. @source own decision */
const LATELY_SECONDS = 12;
const MOST_LATELY = 4;

const flag = (on: boolean) => (on ? 1 : 0);

/** What is known of a clause, whatever card is made of it. */
const ofClause = onceAClause((whole) => {
  const said = whole.trim().split(' ');
  const share = (of: ReadonlySet<string>) => said.filter((word) => of.has(word)).length / Math.max(4, said.length);
  return {
    said,
    judged: judge(said),
    hasPrinciple: () => principleOf(said) !== undefined,
    modals: share(modals),
    pasts: share(pasts),
    fillers: share(fillers),
    teaches: says(whole, signals.teaching),
    isNotDone: says(whole, signals.notDone) && !says(whole, signals.couldHave) && !tellsOpening(whole),
  };
});

/** What is known of a card from how it was said and where the round is, in the order of `featureNames`. */
export function featuresOf(
  draft: MarkDraft,
  { mention, sentence, whole, pointings }: Said,
  from: { readonly sureWho: boolean; readonly others: number; readonly guessed?: true },
  { state, readings, before, alike }: Hearing,
): Features {
  const id = conceptIdOf({ ...draft, id: '' } as Mark);
  const isGuess = from.guessed === true;
  const isFree = mention.score === 0;
  const isPlain = isFree && !isGuess;
  const clause = ofClause({ sentence, whole });
  const { said, judged } = clause;
  const at = sentence.words[0]?.atSeconds ?? 0;
  const covered = isFree ? 0 : (mention.to - mention.from + 1) / Math.max(1, said.length);
  const isNamed = id !== undefined && !isUnnamed(id);
  const isSaying = !isFree && (draft.kind === 'error' || draft.kind === 'strength');
  const lately = countLately(readings, at);
  const known = [
    1,
    Math.min(3, mention.score),
    flag(mention.score >= 1.9),
    flag(isPlain && isNamed),
    flag(!isGuess && id !== undefined && isUnnamed(id) && draft.kind === 'attempt'),
    flag(draft.kind === 'position'),
    flag(draft.kind === 'grip'),
    flag(draft.kind === 'error'),
    flag(draft.kind === 'strength'),
    flag(draft.kind === 'chance'),
    flag(!from.sureWho),
    flag(draft.unsure === true),
    flag(judged?.firm === true),
    flag(from.others > 0),
    flag(said.length <= 5),
    flag(said.length >= 14),
    flag(draft.kind === 'strength' && judged?.judgement !== 'good'),
    flag(draft.kind === 'error' && judged?.judgement === 'good'),
    flag(isSaying && mention.score < 2),
    covered,
    flag(pointings.some((one) => one.role === 'doer')),
    flag(pointings.some((one) => one.byName)),
    flag(isPlain && clause.hasPrinciple()),
    clause.modals,
    clause.pasts,
    flag(asks.has(said[0] ?? '')),
    clause.fillers,
    fitsState(id, state),
    flag(mention.rivals.length > 0),
    lately / MOST_LATELY,
    flag(before !== undefined && at - before.atSeconds < 8),
    flag(draft.kind === 'stoppage' || draft.kind === 'ruling'),
    flag(isPlain && draft.kind === 'error' && !judged?.firm),
    flag(clause.teaches),
    flag(clause.isNotDone),
  ];
  const none = (of: readonly unknown[]) => of.map(() => 0);
  return isGuess
    ? [
        ...none(known),
        ...known,
        ...featuresOfGuess(draft.kind, isNamed || draft.kind === 'attempt' ? id : undefined, alike),
      ]
    : [...known, ...none(known), ...none(knownOfGuesses)];
}

/** How like the clause is to what is told of the kind and of the entry; of marks in own words, to anything of the kind. */
function featuresOfGuess(
  kind: MarkDraft['kind'],
  id: string | undefined,
  { kinds, entries }: Hearing['alike'],
): number[] {
  const toldKind = (toldKinds as readonly string[]).includes(kind) ? (kind as ToldKind) : 'aside';
  const ofKind = entries[toldKind];
  const likestOfKind = ofKind[0]?.likeness ?? 0;
  const entry = id === undefined ? likestOfKind : (ofKind.find((one) => one.id === id)?.likeness ?? 0);
  const likest = Math.max(...toldKinds.map((one) => entries[one][0]?.likeness ?? 0));
  const share = kinds[toldKind];
  const better = toldKinds.filter((one) => kinds[one] > share).length;
  return [
    share,
    entry,
    flag(entry > 0 && entry >= likest),
    kinds.aside,
    flag(better === 0),
    likestOfKind === 0 ? 0 : entry / likestOfKind,
    flag(better === 1),
  ];
}

/** How many readings were made a moment ago, up to as many as are many: a long talk has thousands of them. */
function countLately(readings: Hearing['readings'], at: number): number {
  let count = 0;
  for (let back = readings.length - 1; back >= 0 && count < MOST_LATELY; back -= 1) {
    const one = readings[back];
    if (!one || at - one.saidAtSeconds >= LATELY_SECONDS) break;
    if (!one.guessed) count += 1;
  }
  return count;
}
