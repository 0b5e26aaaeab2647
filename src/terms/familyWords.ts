/** What kinds of positions are called in a sentence. */
const words: Readonly<Record<string, string>> = {
  standing: 'on the feet',
  scramble: 'scramble',
  'closed-guard': 'closed guard',
  'open-guard': 'open guard',
  'half-guard': 'half guard',
  'leg-entanglement': 'leg entanglement',
  'side-pin': 'side pin',
  'knee-on-belly': 'knee on belly',
  mount: 'mount',
  back: 'back control',
  turtle: 'turtle',
  'front-headlock': 'front headlock',
  'submission-hold': 'a submission hold',
  any: 'anywhere',
};

export const familyWord = (family: string): string => words[family] ?? family;
