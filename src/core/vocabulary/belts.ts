export const belts = ['white', 'blue', 'purple', 'brown', 'black'] as const;
/** The adult belts in order. */
export type Belt = (typeof belts)[number];

export const childBelts = [
  'child-white',
  'grey-white',
  'grey',
  'grey-black',
  'yellow-white',
  'yellow',
  'yellow-black',
  'orange-white',
  'orange',
  'orange-black',
  'green-white',
  'green',
  'green-black',
] as const;
/** The belts of athletes under 16 in order. @source main gi federation's graduation system, from memory */
export type ChildBelt = (typeof childBelts)[number];

export const anyBelts = [...belts, ...childBelts] as const;
export type AnyBelt = (typeof anyBelts)[number];

export const isAdultBelt = (belt: AnyBelt | undefined): belt is Belt =>
  belt !== undefined && (belts as readonly string[]).includes(belt);

/** Whether a belt is one that only athletes under 16 wear: it tells their age where no birthday does. @source main gi federation's graduation system, from memory */
export const isChildBelt = (belt: AnyBelt | undefined): boolean => belt !== undefined && !isAdultBelt(belt);

/**
 * The adult belt whose lessons and limits fit a belt: a child's belt counts as white, and so does one that nobody stated, whose wearer may be new.
 * @source own decision: children's belts have no agreed place in the adult order before 16; what is not known is taken at its safest
 */
export const adultEquivalent = (belt: AnyBelt | undefined): Belt => (isAdultBelt(belt) ? belt : 'white');

/** 0 for white to 4 for black. */
export const beltRank = (belt: AnyBelt | undefined): number => belts.indexOf(adultEquivalent(belt));

/** Stripes a belt can carry: four, six degrees on a black belt. @source graduation system, from memory */
export const mostStripes = (belt: AnyBelt | undefined): number => (belt === undefined ? 0 : belt === 'black' ? 6 : 4);

/** "green-white" → "green and white"; "child-white" → "white". */
export const beltName = (belt: AnyBelt): string => belt.replace('child-', '').replace('-', ' and ');

/** The cloth of a belt: its main colour, and the stripe along its middle when it has one ("green-white" is green with white). */
export function beltCloth(belt: AnyBelt | undefined): { readonly base: string; readonly middle?: string } {
  if (belt === undefined) return { base: 'unknown' };
  const [base = 'white', middle] = belt.replace('child-', '').split('-');
  return { base, middle };
}

/** "blue belt, 2 stripes" in words. */
export function beltWords(belt: AnyBelt | undefined, stripes: number): string {
  if (belt === undefined) return 'belt not known';
  const count = stripes === 0 ? '' : stripes === 1 ? ', 1 stripe' : `, ${stripes} stripes`;
  return `${beltName(belt)} belt${count}`;
}
