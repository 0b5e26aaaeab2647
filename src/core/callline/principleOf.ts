import type { Principle } from '../vocabulary';
import { stemOf } from './words';

/** Words by which people speak of what a fault or a good thing is about, the most telling first. @source common practice */
const told: readonly (readonly [Principle, string])[] = [
  ['safety', 'slam dangerous injury crank spiking careful unsafe jerk'],
  ['energy', 'tired gassed breathe breath breathing energy panic calm rest relax tense strength muscle'],
  [
    'timing',
    'late early slow fast waits hesitates hesitation soon timing reaction rushes rushed moment passive active idle time stalls',
  ],
  ['order', 'first before instead order rather skip'],
  ['frames', 'frame forearm shin shield stiff block push pushing'],
  ['posture', 'posture bent hunched head chin rounded upright leans neck spine folded look looking'],
  ['base', 'base balance post posts square stance falls fall feet knees toes weight stands balancing tips'],
  ['elbows', 'elbow arm arms armpit hand hands palm wrist'],
  ['grips', 'grip grips sleeve collar lapel grab grabs hold holds lock hook hooks cloth pants'],
  ['inside-position', 'inside underhook underhooks pummel space lane'],
  ['hips', 'hip hips leg legs shrimp bridge knee foot seat'],
  ['angle', 'angle square diagonal straight'],
  ['direction', 'direction way side wrong turns turn rolls spins'],
  ['connection', 'gap loose tight close slack chest pressure shoulder connection room follow'],
  ['awareness', 'watching sees ignores notices watch clock score'],
];

const byStem = new Map<string, Principle>();
for (const [principle, words] of told)
  for (const word of words.split(' ')) if (!byStem.has(stemOf(word))) byStem.set(stemOf(word), principle);
const rank = new Map(told.map(([principle], at) => [principle, at]));

/** The principle that words of a fault or of praise speak of; undefined where none is told. */
export function principleOf(words: readonly string[]): Principle | undefined {
  const found = words.flatMap((word) => byStem.get(stemOf(word)) ?? []);
  return found.sort((one, other) => (rank.get(one) ?? 0) - (rank.get(other) ?? 0))[0];
}
