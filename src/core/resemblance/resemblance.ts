import { wordsOf } from '../callline/words';
import { present } from '../kernel';
import { grips, positions, techniques } from '../vocabulary';
import { errorSayings, strengthSayings } from '../vocabulary/sayings';
import { sayingsAsTold } from '../vocabulary/sayings/asTold';
import { doingsAsTold, positionsAsTold } from '../vocabulary/sayings/bodies';
import { senseOf } from './senses';
import {
  toldAsides,
  toldAttempts,
  toldChances,
  toldErrors,
  toldGrips,
  toldPositions,
  toldStops,
  toldStrengths,
} from './told';

/** What a clause may tell of; an aside tells of nothing that happened. */
export const toldKinds = ['error', 'strength', 'chance', 'attempt', 'position', 'grip', 'stoppage', 'aside'] as const;
export type ToldKind = (typeof toldKinds)[number];

/** An entry of which told sentences resemble a clause; no id where what they tell has no entry. */
export interface AlikeEntry {
  readonly kind: ToldKind;
  readonly id: string;
  /** Cosine of the likest sentence, 0 to 1. */
  readonly likeness: number;
}

/** What a clause resembles: how much of the resemblance falls to each kind (shares, their sum 1 or all 0), and the likest entries of each, at most six, likest first. */
export interface Resemblance {
  readonly kinds: Readonly<Record<ToldKind, number>>;
  readonly entries: Readonly<Record<ToldKind, readonly AlikeEntry[]>>;
}

interface ToldSentence {
  readonly kind: ToldKind;
  readonly id: string;
  readonly features: readonly string[];
}

/** Words without a sense of their own; "no" and "not" have one. */
const small: ReadonlySet<string> = new Set(
  'the a an of to in on at his her their its is are was were be my your that this it there he she they i you we him them me just really very so and then but hers yours with for into from as by has have had do does did get gets got im ive id ill hes hed shes shed youre youve youd theyre theyve theyd weve its thats theres whos whats lets also now'.split(
    ' ',
  ),
);
const senses = new Map<string, string>();

function senseOnce(word: string): string {
  const known = senses.get(word) ?? senseOf(word);
  senses.set(word, known);
  return known;
}

/** The senses of a text's words, and those that stand side by side. */
function featuresOfText(words: readonly string[]): string[] {
  const told = words.filter((word) => !small.has(word)).map(senseOnce);
  return [...new Set([...told, ...told.slice(1).map((sense, at) => `${told[at]} ${sense}`)])];
}

/** So many of the likest sentences say of which kind a clause is. @source own decision */
const VOTERS = 15;
/** How much more the likest of them say. @source own decision */
const VOTE_POWER = 3;
/** What is less like is not alike. @source own decision */
const LEAST_LIKENESS = 0.15;
/** So many entries of a kind are kept. @source own decision */
const MOST_OF_KIND = 6;

interface Told {
  readonly sentences: readonly ToldSentence[];
  /** Which entry each sentence tells of, as its place in `entries`. */
  readonly entryOf: Uint16Array;
  readonly entries: readonly Pick<AlikeEntry, 'kind' | 'id'>[];
  /** Sentences with a feature, and what it weighs. */
  readonly byFeature: ReadonlyMap<string, { readonly at: Uint16Array; readonly weight: number }>;
  /** What a word weighs that no sentence has. */
  readonly strange: number;
  /** Length of each sentence as a vector of its features' weights. */
  readonly lengths: Float64Array;
  /** What each sentence shares with the clause at hand, and the likest of each entry; all 0 between two clauses. */
  readonly shared: Float64Array;
  readonly likest: Float64Array;
}

let told: Told | undefined;

function toldOnce(): Told {
  told ??= learnTold(listSentences());
  return told;
}

function listSentences(): ToldSentence[] {
  const lines = (text: string) => text.trim().split('\n');
  const of = (kind: ToldKind, byId: Readonly<Record<string, string | readonly string[]>>): ToldSentence[] =>
    Object.entries(byId).flatMap(([id, texts]) =>
      (typeof texts === 'string' ? lines(texts) : texts).map((text) => ({
        ...{ kind, id },
        features: featuresOfText(wordsOf(text)),
      })),
    );
  const judged = (byId: Readonly<Record<string, readonly string[]>>) =>
    Object.entries(byId).flatMap(([id, texts]) => of(id.startsWith('err') ? 'error' : 'strength', { [id]: texts }));
  const names = (
    entries: readonly { readonly id: string; readonly name: string; readonly aliases: readonly string[] }[],
  ) => Object.fromEntries(entries.map(({ id, name, aliases }) => [id, [name, ...aliases]]));
  return [
    ...of('error', toldErrors),
    ...of('strength', toldStrengths),
    ...of('attempt', toldAttempts),
    ...of('position', toldPositions),
    ...of('grip', toldGrips),
    ...of('chance', toldChances),
    ...of('stoppage', { '': toldStops }),
    ...of('aside', { '': toldAsides }),
    ...of('attempt', doingsAsTold),
    ...of('position', positionsAsTold),
    ...judged({ ...errorSayings, ...strengthSayings }),
    ...judged(sayingsAsTold),
    ...of('attempt', names(techniques)),
    ...of('position', names(positions)),
    ...of('grip', names(grips)),
  ];
}

function learnTold(sentences: readonly ToldSentence[]): Told {
  const places = new Map<string, number[]>();
  for (const [at, { features }] of sentences.entries())
    for (const feature of features) {
      const known = places.get(feature);
      if (known) known.push(at);
      else places.set(feature, [at]);
    }
  const rarity = (count: number) => Math.log((sentences.length + 1) / (count + 1)) ** 2;
  const byFeature = new Map(
    [...places].map(([feature, at]) => [feature, { at: Uint16Array.from(at), weight: rarity(at.length) }] as const),
  );
  const entryAt = new Map<string, number>();
  const entries: Pick<AlikeEntry, 'kind' | 'id'>[] = [];
  const entryOf = Uint16Array.from(sentences, ({ kind, id }) => {
    const key = `${kind} ${id}`;
    const known = entryAt.get(key);
    if (known !== undefined) return known;
    entryAt.set(key, entries.length);
    return entries.push({ kind, id }) - 1;
  });
  const lengths = Float64Array.from(sentences, ({ features }) =>
    Math.sqrt(features.reduce((sum, feature) => sum + (byFeature.get(feature)?.weight ?? 0), 0) || 1),
  );
  return {
    sentences,
    entryOf,
    entries,
    byFeature,
    strange: rarity(0),
    lengths,
    shared: new Float64Array(sentences.length),
    likest: new Float64Array(entries.length),
  };
}

/**
 * What the words of a clause resemble, of the sentences in which the makers wrote down how things are told: nearest neighbours by the senses of their words,
 * rare ones weighing more (cosine of inverse sentence frequencies).
 * @source Manning, Raghavan, Schütze, Introduction to Information Retrieval (2008), 6.3 and 14.3: vector space, k nearest neighbours
 */
export function resemblanceOf(words: readonly string[]): Resemblance {
  const known = toldOnce();
  const touched = shareFeatures(words, known);
  const nearest: Ranked[] = [];
  for (const at of touched) {
    const worth = present(known.shared[at]);
    if (nearest.length < VOTERS || worth > present(nearest[VOTERS - 1]).worth) insert({ at, worth }, nearest, VOTERS);
  }
  const resemblance = { kinds: sharesOfKinds(nearest, known), entries: likestEntries(touched, known) };
  for (const at of touched) known.shared[at] = 0;
  return resemblance;
}

/** Something by its place, and what it is ranked by. */
interface Ranked {
  readonly at: number;
  readonly worth: number;
}

/** Puts one into a list of the best, best first, of so many at most. */
function insert(one: Ranked, best: Ranked[], most: number): void {
  if (best.length === most && one.worth <= present(best[most - 1]).worth) return;
  let place = best.length === most ? most - 1 : best.length;
  while (place > 0 && one.worth > present(best[place - 1]).worth) {
    best[place] = present(best[place - 1]);
    place -= 1;
  }
  best[place] = one;
}

function sharesOfKinds(nearest: readonly Ranked[], { sentences }: Told): Record<ToldKind, number> {
  const kinds = byKind(() => 0);
  const votes = nearest.map(({ worth }) => worth ** VOTE_POWER);
  const all = votes.reduce((sum, vote) => sum + vote, 0) || 1;
  for (const [place, { at }] of nearest.entries()) kinds[present(sentences[at]).kind] += present(votes[place]) / all;
  return kinds;
}

/** By its likest sentence each. */
function likestEntries(touched: readonly number[], { shared, entryOf, entries, likest }: Told) {
  const found: number[] = [];
  for (const at of touched) {
    const like = present(shared[at]);
    if (like < LEAST_LIKENESS) continue;
    const entry = present(entryOf[at]);
    if (likest[entry] === 0) found.push(entry);
    if (like > present(likest[entry])) likest[entry] = like;
  }
  const ranked = byKind((): Ranked[] => []);
  for (const at of found) {
    insert({ at, worth: present(likest[at]) }, ranked[present(entries[at]).kind], MOST_OF_KIND);
    likest[at] = 0;
  }
  return byKind((kind) => ranked[kind].map(({ at, worth }) => ({ ...present(entries[at]), likeness: worth })));
}

const byKind = <Value>(of: (kind: ToldKind) => Value): Record<ToldKind, Value> => ({
  error: of('error'),
  strength: of('strength'),
  chance: of('chance'),
  attempt: of('attempt'),
  position: of('position'),
  grip: of('grip'),
  stoppage: of('stoppage'),
  aside: of('aside'),
});

/** Writes the cosine with every sentence that shares a feature into `shared`; answers which those are. */
function shareFeatures(words: readonly string[], { byFeature, strange, lengths, shared }: Told): number[] {
  const touched: number[] = [];
  let own = 0;
  for (const feature of featuresOfText(words)) {
    const found = byFeature.get(feature);
    own += found?.weight ?? strange;
    if (!found) continue;
    for (const at of found.at) {
      const before = present(shared[at]);
      if (before === 0) touched.push(at);
      shared[at] = before + found.weight;
    }
  }
  const length = Math.sqrt(own || 1);
  for (const at of touched) shared[at] = present(shared[at]) / (length * present(lengths[at]));
  return touched;
}
