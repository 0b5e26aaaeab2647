import type { Modifiers } from './modifiers';

/** What stands behind a comma, "but" or "and" beside the call itself: how it ended, how it was judged. */
const asides: readonly (readonly [RegExp, Modifiers])[] = [
  [/\b(?:taps?|tapped|taps out|submits|gives up the tap|verbal tap)\b/, { stage: 'finished', end: 'finished' }],
  [/^(?:time|bell|time is up|the bell|buzzer|round over|saved by the bell)$/, { end: 'interrupted' }],
  [
    /\b(?:lets? (?:him|her|it|them|me) off|lets? it go on purpose|spares|declines|does not finish on purpose|lets? (?:him|her|them) out)\b/,
    { end: 'declined' },
  ],
  [
    /\b(?:bails?|bailed|didnt work|doesnt work|did not work|does not work|lets? (?:it )?go|abandons?|gives up on it|fails?|failed|no luck|doesnt get it|does not get it|didnt get it|no finish|loses? it|lost it|misses|missed|without success|comes to nothing|cannot finish|cant finish|gives it up|resets)\b/,
    { end: 'abandoned' },
  ],
  [
    /\b(?:(?:slips?|pulls?|gets?|pops?|comes?|wriggles?|works) (?:\w+ ){0,2}(?:out|free|away)|escapes?|escaped|defends?|defended|straightens|stripped|strips it|peels? it|peeled(?: off)?|countered|counters it|blocked|blocks it|stuffed|stuffs it|stopped|shut down|denied|sprawls|postures out|stacks out|rolls out|hides? the heel|survives|frees)\b/,
    { end: 'escaped' },
  ],
  [
    /\b(?:lands|works|it works|scores|completed|success|gets it|got it|and finishes|finishes(?: it)?|finished|gets there|hits it|cleanly)\b/,
    { stage: 'finished', end: 'finished' },
  ],
  [/\b(?:almost|nearly|close|tight|deep|locked)\b/, { stage: 'control' }],
  [/\b(?:sore|injury|injured|hurt|hurts|pain|popped|tweaked|twisted|sprained)\b/, { tapCause: 'injury' }],
  [/\b(?:cramp|cramps|sick|dizzy|illness|ill|nausea|vomits|stomach|unwell|asthma)\b/, { tapCause: 'illness' }],
  [
    /\b(?:lets (?:him|her|me|them) (?:have|work)|lets it happen|just playing|on purpose|for fun|deliberately|for practice)\b/,
    { verdict: 'concession' },
  ],
  [/\b(?:as bait|baiting|to draw|to bait)\b/, { verdict: 'bait' }],
  [/\b(?:no harm|nothing happens|goes unpunished|costs nothing|gets away with it)\b/, { punished: 'no' }],
  [
    /\b(?:or was it|maybe|perhaps|i think|not sure|unsure|hard to see|cannot see|cant see|probably|i guess)\b/,
    { unsure: true },
  ],
];

/** What a side clause adds to its call; undefined where it adds nothing that can be marked. */
export function readAside(words: readonly string[]): Modifiers | undefined {
  const text = words.join(' ');
  const found = asides.filter(([pattern]) => pattern.test(text)).map(([, modifiers]) => modifiers);
  return found.length > 0 ? Object.assign({}, ...found.reverse()) : undefined;
}

/** A call cut at commas and at "but", as written; each clause with its first sign. */
export function cutClauses(text: string): string[] {
  return text
    .split(/[,;]\s+|[.!]\s+(?=\p{L})|\s+but\s+/iu)
    .map((clause) => clause.trim())
    .filter((clause) => clause !== '');
}
