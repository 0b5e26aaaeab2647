import { phraseForms } from './verbForms';

/** What a call thinks of what it tells: a fault, an opening that was not taken, something done well. */
export type Judgement = 'error' | 'chance' | 'good';

/** How a call judges, and how sure that is: a firm cue decides what kind of mark it is, a soft one only where nothing else tells. */
export interface Judged {
  readonly judgement: Judgement;
  readonly firm: boolean;
}

const list = (text: string): readonly string[] => text.trim().split(/\s*\|\s*/);

// A praise that is taken back, and praise that praises nothing done.
/** A fault that was not made is praise: "did not panic", "never waits". */
const avoided =
  /(?:^| )(?:dont|doesnt|didnt|do not|does not|did not|never|not|without|no) (?:\w+ )?(?:panic\w*|wait\w*|rush\w*|force\w*|chas\w* (?:it|him|her|them|me|the|every|after)|stall\w*|freez\w*|giv\w* up|hesitat\w*|overcommit\w*|los\w* (?:his|her|the) head)(?: |$)/;
const noPraise = list('not good | no good | isnt good | good try | good for a | good enough');
const praiseFirst = list(
  'good | nice | great | well | excellent | beautiful | lovely | clean | smart | perfect | solid | clever | textbook | love | i like | well done | nicely | super | really good | very good | very nice',
);
const praiseLast = list(
  'good | nice | well | well done | nicely | well timed | good timing | perfect | excellent | very good | very well | beautifully | as it should be | which is good | that is good | thats good | good boy | good girl | i like that | i love that | is what i want | is correct | thats it | lovely | beautiful | super | there we go | (?:is|was|looks|looked) (?:fine|ok|okay|good|great|solid|perfect|textbook|excellent|spot on) | just in time | in time | on time',
);

const openings = list(
  'could have | couldve | could go | could just | could(?! not| be| have been) | should have | shouldve | should | ought to | might have | missed the | misses the | missed a | misses a | missed | misses | chance for | chance to | was open | was wide open | was right there | was there | is there for | had the time | does not see | doesnt see | didnt see | did not see | needs to | has to | must',
);

/** Said of a fault and hardly of anything else. */
const faults = list(
  'punished | unpunished | not punished | partly punished | wrong | mistake | error | sloppy | lazy | careless | hesitant | hesitates | hesitating | hesitation | too high | too low | too far | too early | too late | too slow | too fast | too wide | too narrow | too close | too shallow | too loose | too square | too upright | too soon | too much | too many | too long | too flat | too deep | too heavy | too light | too short | too tight | way too | instead of | rather than | forgets | forgot | late to | late on | late with | slow to | slow with | doesnt | does not | didnt | did not | dont | do not | isnt | is not | not | never | nothing | without | risky | bad | poor | weak | for no reason | no reason | not active | not deep | not ready | not watching | not tight | not enough | should be | should not | shouldnt | over commits | overcommits | rushes | rushed | telegraphs | neglects | ignores',
);

/** Said of faults more often than of anything else. */
const likelyFaults = [
  ...list(
    'left behind | only | just | exposed | loose | shallow | late | early | slow | flat | narrow | crossed | stuck | behind | away | open | gap | no | wide | bent | hunched | square | lifted | stiff | straight | upright | slack | again',
  ),
  ...list(
    'let | give | give up | give away | lose | leave | drop | fall | wait | stall | hang on | hang | cling | reach | float | hover | stick | sit | stand still | post | rest | lie | go slack | admire | stare | freeze | stop',
  ).map(phraseForms),
];
/** What nobody says of anything but a fault, or of nothing but something good, wherever it stands. @source common practice */
const blames = list(
  'ugly | ugliest | awful | terrible | horrible | messy | a mess | silly | stupid | embarrassing | shame | pity | wasted | a waste | no idea | no plan | no point | unfortunately | i hate | disaster | half hearted | asleep | i dont like | i dont love | not a fan | not having that | makes me nervous | like a beginner | painful to watch | hurts to watch | what is (?:he|she|that) doing | what are you doing | whats (?:he|she) doing | why (?:is|are|did|do|does|would) (?:he|she|you|we|i)',
);
const praises = list(
  'beautiful | beautifully | lovely | gorgeous | excellent | brilliant | fantastic | superb | perfect | perfectly | well done | well timed | nicely | textbook | love it | love that | love this | love the | love how | i like that | i like how | i like the | pretty good | really good | so good | very good | clever | tidy | crisp | proud of | big fan | a fan of that | good boy | good girl | good man | good lad | good job | good work | good stuff | nice work | nice one | great job | great work | much better | way better | so much better | thats better | thats pretty | was pretty',
);

/** "both ankles were right there for you", "the arm drag was sitting there the whole time": it could be had. */
const wasThere =
  /(?:^| )(?:was|were|is|are|its|theyre|thats) (?:\w+ ){0,2}?(?:right there|sitting there|lying there|there for (?:him|her|you|me|the taking)|there the (?:whole|entire)|wide open|free for (?:him|her|you|me)|begging for|made for (?:him|her|you|me|it)|asking for it)(?: |$)|(?:^| )(?:could ?ve|should ?ve|might ?ve|would ?ve|couldve|shouldve|mightve|wouldve|could of|should of|would of)(?: |$)|(?:^| )if (?:he|she|you|i|they)(?:d| had) (?:just |only |had )?\w+/;

const boundsOf = (phrase: string): RegExp => new RegExp(`(?:^| )${phrase}(?: |$)`);
const compile = (phrases: readonly string[]): RegExp => boundsOf(`(?:${phrases.join('|')})`);
const patterns = {
  noPraise: compile(noPraise),
  praiseFirst: new RegExp(`^(?:${praiseFirst.join('|')})(?: |$)`),
  praiseLast: new RegExp(`(?:^| )(?:${praiseLast.join('|')})(?: here| there| now| again| too| this time)?$`),
  openings: compile(openings),
  wasThere,
  blames: compile(blames),
  praises: compile(praises),
  faults: compile(faults),
  likelyFaults: compile(likelyFaults),
};

/** How the words of a call judge, without the names in it; undefined where they only tell. */
export function judge(words: readonly string[]): Judged | undefined {
  const text = words.join(' ');
  if (avoided.test(text) && !/(?:^| )punished(?: |$)/.test(text)) return { judgement: 'good', firm: true };
  if (patterns.noPraise.test(text))
    return /good try|good for a/.test(text) ? undefined : { judgement: 'error', firm: true };
  if (patterns.blames.test(text)) return { judgement: 'error', firm: true };
  if (patterns.wasThere.test(text)) return { judgement: 'chance', firm: true };
  if (patterns.praiseFirst.test(text) && !/(?:^| )punished(?: |$)/.test(text)) return { judgement: 'good', firm: true };
  if (patterns.faults.test(text)) {
    // "should have", "missed": an opening, unless what was wrong is said beside it.
    if (
      patterns.openings.test(text) &&
      !/(?:^| )(?:punished|wrong|too|instead|rather|should be|should not|shouldnt)(?: |$)/.test(text)
    )
      return { judgement: 'chance', firm: true };
    return { judgement: 'error', firm: true };
  }
  if (patterns.praiseLast.test(text) || patterns.praises.test(text)) return { judgement: 'good', firm: true };
  if (patterns.openings.test(text)) return { judgement: 'chance', firm: true };
  return patterns.likelyFaults.test(text) ? { judgement: 'error', firm: false } : undefined;
}

/** Whether words tell that something could be had and was not taken. */
export const tellsOpening = (text: string): boolean => patterns.wasThere.test(text);
