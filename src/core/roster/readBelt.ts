import { type AnyBelt, anyBelts, isAdultBelt, mostStripes } from '../vocabulary';

/** A belt as somebody wrote it, with its stripes where they are said. */
export interface WrittenBelt {
  readonly belt: AnyBelt;
  readonly stripes?: number;
}

/** The colours of belts in the languages that are spoken on most mats. @source common practice */
const colours: Readonly<Record<string, string>> = {
  ...{ weiss: 'white', weiß: 'white', blanco: 'white', blanca: 'white', branca: 'white', blanche: 'white' },
  ...{ gray: 'grey', gris: 'grey', cinza: 'grey' },
  ...{ gelb: 'yellow', amarillo: 'yellow', amarilla: 'yellow', amarela: 'yellow', jaune: 'yellow' },
  ...{ naranja: 'orange', laranja: 'orange' },
  ...{ gruen: 'green', grün: 'green', verde: 'green', verte: 'green' },
  ...{ blau: 'blue', azul: 'blue', bleue: 'blue' },
  ...{ lila: 'purple', morado: 'purple', morada: 'purple', roxa: 'purple', violette: 'purple', violett: 'purple' },
  ...{ braun: 'brown', marron: 'brown', marrón: 'brown', marrom: 'brown' },
  ...{ schwarz: 'black', negro: 'black', negra: 'black', preta: 'black', noire: 'black' },
};
const words: Readonly<Record<string, number>> = { no: 0, one: 1, two: 2, three: 3, four: 4 };

/**
 * A belt that somebody wrote: "blue", "Blue belt, 2 stripes", "purple 3", "grey-white", "faixa azul". Undefined for anything else. Yellow, orange, green and
 * grey are children's; a white belt is an adult's unless "child" or "kids" is said.
 */
export function readBelt(text: string): WrittenBelt | undefined {
  const parts = text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
    .map((word) => colours[word] ?? word);
  const said = parts.filter(
    (word) =>
      !/^(belt|belts|faixa|gürtel|cinturón|ceinture|and|with|stripes?|degrees?|grados?|grade|st|nd|rd|th|kids?|child|children)$/.test(
        word,
      ),
  );
  const numbers = said.map((word) => words[word] ?? (/^\d$/.test(word) ? Number(word) : undefined));
  const names = said.filter((_, at) => numbers[at] === undefined);
  const stripes = numbers.find((one) => one !== undefined);
  const isChild = parts.some((word) => /^(kids?|child|children)$/.test(word));
  // One language's degree is another's grey.
  const named =
    names.length > 1 ? names.filter((word) => word !== 'grau') : names.map((word) => (word === 'grau' ? 'grey' : word));
  const name = named.join('-');
  const belt =
    anyBelts.find((one) => one === (isChild ? `child-${name}` : name)) ??
    anyBelts.find((one) => one === name || one === `child-${name}`);
  if (belt === undefined || numbers.filter((one) => one !== undefined).length > 1) return undefined;
  const most = isAdultBelt(belt) ? mostStripes(belt) : 4;
  return stripes !== undefined && stripes > most ? undefined : { belt, ...(stripes === undefined ? {} : { stripes }) };
}
