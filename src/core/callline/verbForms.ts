/** Past and participle of verbs that do not take "-ed". */
const irregular: Readonly<Record<string, string>> = {
  bite: 'bit|bitten|biting',
  begin: 'began|begun|beginning',
  catch: 'caught',
  come: 'came',
  cut: 'cut|cutting',
  dive: 'dove|dived|diving',
  drive: 'drove|driven|driving',
  fall: 'fell|fallen',
  fight: 'fought',
  get: 'got|gotten|getting',
  give: 'gave|given|giving',
  go: 'went|gone|goes',
  have: 'had|has|having',
  hit: 'hit|hitting',
  hold: 'held',
  hunt: 'hunted',
  keep: 'kept',
  let: 'let|letting',
  lose: 'lost|losing',
  put: 'put|putting',
  run: 'ran|running',
  set: 'set|setting',
  shoot: 'shot',
  shut: 'shut|shutting',
  sink: 'sank|sunk',
  sit: 'sat|sitting',
  slide: 'slid|sliding',
  slip: 'slipped|slipping',
  spin: 'spun|spinning',
  step: 'stepped|stepping',
  stick: 'stuck',
  swing: 'swung',
  take: 'took|taken|taking',
  throw: 'threw|thrown',
  try: 'tried|tries|trying',
  win: 'won|winning',
  bend: 'bent',
  break: 'broke|broken',
  bind: 'bound',
  cling: 'clung',
  dig: 'dug|digging',
  draw: 'drew|drawn',
  feed: 'fed',
  fling: 'flung',
  hang: 'hung',
  hide: 'hid|hidden|hiding',
  lead: 'led',
  ride: 'rode|ridden|riding',
  spring: 'sprang|sprung',
  stand: 'stood',
  strike: 'struck',
  sweep: 'swept',
  wind: 'wound',
};

/** The verb of which a word is the past, where it takes no "-ed": "swept" is "sweep". */
const presentOf: ReadonlyMap<string, string> = new Map(
  Object.entries(irregular).flatMap(([verb, forms]) => forms.split('|').map((form) => [form, verb] as const)),
);
export const presentForm = (word: string): string => presentOf.get(word) ?? word;

/** Every form in which a verb is written, as the parts of a pattern: third person, past, participle, going on. */
export function formsOf(verb: string): string {
  const known = irregular[verb];
  const third = /(?:s|sh|ch|x|z|o)$/.test(verb)
    ? `${verb}es`
    : verb.endsWith('y') && !/[aeou]y$/.test(verb)
      ? `${verb.slice(0, -1)}ies`
      : `${verb}s`;
  const stem = verb.endsWith('e') ? verb.slice(0, -1) : verb;
  const doubled = /^(?:[^aeiou]*)[aeiou][bdgmnpt]$/.test(verb) ? `${verb}${verb.slice(-1)}` : stem;
  const past = known ?? (verb.endsWith('y') && !/[aeou]y$/.test(verb) ? `${verb.slice(0, -1)}ied` : `${doubled}ed`);
  return [...new Set([third, verb, ...past.split('|'), `${doubled}ing`, `${stem}ing`])].join('|');
}

/** A phrase that begins with a verb, in every form: "go for" reads "goes for", "went for", "going for". */
export function phraseForms(phrase: string): string {
  const [verb = '', ...rest] = phrase.split(' ');
  return [`(?:${formsOf(verb)})`, ...rest].join(' ');
}
