/** The two athletes of a round: `a` is the one in focus, whose view the tide takes. */
export const athletes = ['a', 'b'] as const;
export type Athlete = (typeof athletes)[number];
export const opponentOf = (athlete: Athlete): Athlete => (athlete === 'a' ? 'b' : 'a');
