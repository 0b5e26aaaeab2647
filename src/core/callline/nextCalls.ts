import type { Athlete, RoundState } from '../round';
import { opponentOf, placeOfRole, roleIn } from '../round';
import { conceptName, findPosition, findTechnique, type Uniform } from '../vocabulary';

/** A call that is likely now, as it would be typed. */
export interface NextCall {
  readonly conceptId: string;
  readonly athlete: Athlete;
  readonly text: string;
}

/**
 * The five likeliest next calls from a state, by the position graph's counts; before anything is marked, the usual openings.
 * Who acts follows from the technique: passes and pins from above, sweeps and escapes from below, else the athlete attacking.
 */
export function listNextCalls(
  state: RoundState,
  uniform: Uniform,
  names: Readonly<Record<Athlete, string>>,
): NextCall[] {
  const positionId = state.kind === 'position' ? state.positionId : 'standing-neutral';
  const holder = state.kind === 'position' ? state.holder : undefined;
  const opening: NextCall = { conceptId: 'standing-neutral', athlete: 'a', text: conceptName('standing-neutral') };
  const calls: NextCall[] = state.kind === 'position' ? [] : [opening];
  const position = findPosition(positionId);
  const next = [...(position?.nextCalls ?? [])].sort((one, other) => other[1] - one[1]);
  for (const [conceptId] of next) {
    const technique = findTechnique(conceptId);
    if (technique && technique.uniform !== 'both' && technique.uniform !== uniform) continue;
    const athlete = actorOf(conceptId, positionId, holder);
    calls.push({ conceptId, athlete, text: `${names[athlete]} ${conceptName(conceptId)}` });
  }
  return calls.slice(0, 5);
}

function actorOf(conceptId: string, positionId: string, holder: Athlete | undefined): Athlete {
  if (holder === undefined) return 'a';
  const over = placeOfRole(roleIn(positionId, holder, 'a')) === 'over' ? 'a' : 'b';
  const under = opponentOf(over);
  const technique = findTechnique(conceptId);
  if (!technique) return /guard/.test(conceptName(conceptId)) ? under : over;
  if (technique.class === 'sweeps' || technique.class === 'escapes' || technique.class === 'leg-entries') return under;
  if (technique.class === 'passes' || technique.class === 'takedowns') return over;
  return holder;
}
