import { clockIn } from '@/core/kernel';
import type { Attendee, ClassPlan, PairRule, PhasePairing, PlanBlock } from '@/core/planning';
import { type Drill, findDrill, findHazard } from '@/core/vocabulary';
import { dayWords } from '@/terms/dayWords';
import { branchWords, gameWords, phaseTitles } from '@/terms/drillWords';

export const blockTitle: Readonly<Record<PlanBlock['kind'], string>> = {
  'warm-up': 'Arrive and warm up',
  own: 'Your block',
  ...phaseTitles,
  rounds: 'Rounds',
  close: 'Close',
};

const phaseTitle: Readonly<Record<Exclude<PhasePairing['phase'], 'lesson'>, string>> = {
  shown: 'While it is shown',
  technique: 'To repeat',
  progressive: 'Against rising answers',
  positional: 'To play',
  rounds: 'For the rounds',
};

/** For what people are paired. */
export const pairingTitle = ({ phase, drillId }: PhasePairing, wordOf: (id: string) => string): string =>
  phase === 'lesson' ? (drillId ? wordOf(drillId) : 'For the lesson') : phaseTitle[phase];

/** Whom a pairing leaves without live work or with something else, each in a sentence. */
export function besideWords(
  { injuredIds, besideIds = [], untilPlayed = [], notKept = [], phase }: PhasePairing,
  nameOf: (personId: string) => string,
): string[] {
  return [
    ...untilPlayed.map(({ personIds, hostIds }) =>
      hostIds.length > 0
        ? `${personIds.map(nameOf).join(' and ')} joins ${hostIds.map(nameOf).join(' and ')} until it is played (too far apart in weight), then keeps the clock`
        : `${personIds.map(nameOf).join(' and ')} work together until it is played (too far apart in weight), then coach or keep the clock`,
    ),
    ...notKept.map(
      ({ personIds, rule }) =>
        `${personIds.map(nameOf).join(' and ')} are not together here: ${rule === 'weight' ? 'too far apart in weight' : ruleWords[rule]}`,
    ),
    ...besideIds.map((id) => `${nameOf(id)} does the other drill, with a partner who changes at half time`),
    ...injuredIds.map((id) =>
      phase === 'lesson'
        ? `${nameOf(id)} does not play (injured): the partner joins another pair for that part`
        : `${nameOf(id)} rests (injured)`,
    ),
  ];
}

/** What is said in a part of a lesson. */
export function partWords(drill: Drill, kind: PlanBlock['kind']): readonly string[] {
  if (kind === 'progressive') return [branchWords(drill.branches)];
  if (kind === 'positional') return drill.game ? gameWords(drill.game) : [drill.constraint];
  if (kind === 'technique') return [`Partner: ${drill.counterpart}.`, drill.constraint];
  return [drill.start, drill.cue];
}

/** Blocks that belong together: those of one lesson, one after the other. */
export function groupBlocks(blocks: readonly PlanBlock[]): readonly (readonly PlanBlock[])[] {
  const groups: PlanBlock[][] = [];
  for (const block of blocks) {
    const last = groups.at(-1);
    if (last && block.drillId !== undefined && last[0]?.drillId === block.drillId) last.push(block);
    else groups.push([block]);
  }
  return groups;
}

const ruleWords: Readonly<Record<PairRule, string>> = {
  weight: 'nobody within the weight limit is left',
  'minor-with-adult': 'minors and adults do not train together here',
  'do-not-pair': 'the do-not-pair list',
  'unknown-weight': 'a weight is not known',
};

/** Why somebody has no partner, in words with what to do. */
export function sittingOutWords(rules: readonly PairRule[]): string {
  if (rules.length === 0) return 'an odd number: joins as a third, or keeps the clock';
  return `${rules.map((rule) => ruleWords[rule]).join('; ')}: coaches, keeps the clock, or works with you`;
}

/** "19:05" a number of minutes after the class began. */
export const clockTime = (startsAt: string, minute: number, timeZone: string): string =>
  clockIn(timeZone, new Date(Date.parse(startsAt) + minute * 60_000).toISOString());

export const longDayWords = (startsAt: string, timeZone: string): string =>
  new Date(startsAt).toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long', timeZone });

/** The sentence of a reason: "Flat in half guard: Ana 5 times, last Fri 20 Nov; Teo twice". */
export function reasonWords(
  reason: PlanBlock['reasons'][number],
  nameOf: (personId: string) => string,
  wordOf: (conceptId: string) => string,
): string {
  const people = reason.people.map(
    ({ personId, count, lastSeenOn }) =>
      `${nameOf(personId)} ${count === 1 ? 'once' : `${count} times`}${lastSeenOn ? `, last ${dayWords(lastSeenOn)}` : ''}`,
  );
  return `${reason.asPartner ? 'As the partner, ' : ''}${wordOf(reason.errorId)}: ${people.join('; ')}`;
}

/** The cautions of a plan's drills, each once. */
export function cautionsOf(plan: ClassPlan): string[] {
  const ids = plan.drills.flatMap((one) => findDrill(one.drillId)?.hazardIds ?? []);
  return [...new Set(ids)].flatMap((id) => findHazard(id)?.caution ?? []);
}

export type ExpectedPerson = Pick<Attendee, 'personId' | 'chance'>;
export const chances = [0.9, 0.6, 0.3] as const;
export const chanceWords = (chance: number): string =>
  chance >= 0.85 ? 'surely' : chance >= 0.5 ? 'likely' : 'perhaps';

/** What is done in a block that is no lesson. */
export const plainWords: Readonly<Partial<Record<PlanBlock['kind'], string>>> = {
  'warm-up': 'Joints, falls, then the movements of the first lesson without a partner.',
  rounds: 'Free rounds with these pairs.',
  close: 'One thing each that worked. Homework read out. Who is sore?',
};

/** What stands over a block that is no lesson. */
export const plainTitle = (block: PlanBlock): string => block.title ?? blockTitle[block.kind];

/** What a block takes from the clock and repeats: "8 min · 20 each side". */
export function workWords(block: PlanBlock): string {
  const drill = block.drillId ? findDrill(block.drillId) : undefined;
  const repeats = block.repetitions ? ` · ${block.repetitions}× each${drill?.sided ? ' side' : ''}` : '';
  return `${block.minutes} min${repeats}`;
}

/** What the coach looks at before these people go live: weights that nobody knows, and what is to be spared. */
export function beforeLiveWords(pairing: PhasePairing, nameOf: (personId: string) => string): string[] {
  const unknown = pairing.unknownWeightIds ?? [];
  return [
    ...(unknown.length > 0
      ? [`Weight not known: ${unknown.map(nameOf).join(', ')}. Look at the pair before it begins.`]
      : []),
    ...(pairing.spares ?? []).map(({ personId, what }) => `${nameOf(personId)} spares: ${what}. Ask before live work.`),
  ];
}

/** Names on a watch list: more nobody can look at. @source own decision */
const MOST_WATCHED = 4;

/** Whom to look at in a block: those who made its errors most often, the latest first where as often. */
export function watchedIn({ reasons }: PlanBlock): string[] {
  const seen = new Map<string, { count: number; last: string }>();
  for (const { personId, count, lastSeenOn = '' } of reasons.flatMap((one) => (one.asPartner ? [] : one.people))) {
    const before = seen.get(personId) ?? { count: 0, last: '' };
    seen.set(personId, { count: before.count + count, last: lastSeenOn > before.last ? lastSeenOn : before.last });
  }
  return [...seen]
    .sort(
      ([, one], [, other]) => other.count - one.count || (one.last < other.last ? 1 : one.last > other.last ? -1 : 0),
    )
    .slice(0, MOST_WATCHED)
    .map(([personId]) => personId);
}

/** Clips of one person for one error that are shown to a class. @source own decision: the newest are enough to see what is meant */
const MOST_SHOWN = 3;

/** The moments that a lesson answers, for a reel that the class looks at: the newest few of each. */
export const clipsOf = ({ reasons }: PlanBlock): string[] =>
  reasons
    .filter((one) => !one.asPartner)
    .flatMap((one) => one.people.flatMap(({ markIds }) => markIds.slice(-MOST_SHOWN)));
