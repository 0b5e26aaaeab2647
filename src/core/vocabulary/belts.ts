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

export const isAdultBelt = (belt: AnyBelt): belt is Belt => (belts as readonly string[]).includes(belt);

/**
 * The adult belt whose lessons and limits fit a belt: a child's belt counts as white.
 * @source own decision: children's belts have no agreed place in the adult order before 16
 */
export const adultEquivalent = (belt: AnyBelt): Belt => (isAdultBelt(belt) ? belt : 'white');

/** 0 for white to 4 for black. */
export const beltRank = (belt: AnyBelt): number => belts.indexOf(adultEquivalent(belt));

/** Stripes a belt can carry: four, six degrees on a black belt. @source graduation system, from memory */
export const mostStripes = (belt: AnyBelt): number => (belt === 'black' ? 6 : 4);

/** "green-white" → "green and white"; "child-white" → "white". */
export const beltName = (belt: AnyBelt): string => belt.replace('child-', '').replace('-', ' and ');

/** The cloth of a belt: its main colour, and the stripe along its middle when it has one ("green-white" is green with white). */
export function beltCloth(belt: AnyBelt): { readonly base: string; readonly middle?: string } {
  const [base = 'white', middle] = belt.replace('child-', '').split('-');
  return { base, middle };
}

/** "blue belt, 2 stripes" in words. */
export function beltWords(belt: AnyBelt, stripes: number): string {
  const count = stripes === 0 ? '' : stripes === 1 ? ', 1 stripe' : `, ${stripes} stripes`;
  return `${beltName(belt)} belt${count}`;
}
