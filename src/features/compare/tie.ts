/** Two clips held together: at these moments the same thing happens. */
export interface Tie {
  readonly left: number;
  readonly right: number;
}
export type Side = 'left' | 'right';
export const otherSide = (side: Side): Side => (side === 'left' ? 'right' : 'left');

/** The moment of the other clip that belongs to a moment of one, each running at its own speed from where they are tied. */
export function tiedMoment(tie: Tie, side: Side, seconds: number, speeds: Readonly<Record<Side, number>>): number {
  const other = otherSide(side);
  return tie[other] + ((seconds - tie[side]) * speeds[other]) / speeds[side];
}
