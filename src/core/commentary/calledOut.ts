import type { Athlete, Ruling, StopReason } from '../round';

/** A stop of which only the beginning is told lasts so long; what comes behind a bell is not live either. @source own decision: the same as of a stop that is written */
export const STOP_SECONDS = 10;
/** What makes a sound at the end of a round is told in few words; in many it is talked of. @source own decision */
const MOST_END_WORDS = 8;

const makers = '(?:buzzer|bell|horn|whistle|siren|gong|timer|hooter|beeper)';
/** It has not come yet, or something is measured by it. */
const notYet =
  /\b(?:before|until|till|til|to|waiting|wait|waits|nearly|almost|close|left|no|not|if|when|every|thing)\b/;
const ends = new RegExp(
  `\\b${makers} (?:goes|went|rings|rang|sounds|sounded|blows)\\b|\\b(?:and|then) it (?:rings|rang|beeps|buzzes|buzzed)\\b|\\bsaved by the bell\\b|\\b(?:thats|that is|theres|there is|there goes|was) (?:the |your |our )?(?:${makers}|time(?! (?:to|for|of|and|we|you|he|she|they|i|when|that|management|wasted|again|out)\\b))\\b`,
);
const bareEnd = new RegExp(`^(?:and |so |then |the |there )*${makers}$`);
const time =
  /^(?:(?:and|so|okay|ok|there|alright|well|ah|oh|right) )*(?:thats |that is |its |it is |there is |theres )?(?:time(?: is| has)?(?: up| called| over| out)?|times up|full time|the end of (?:the |this |that )?(?:round|match|roll|fight)|(?:the )?(?:round|match|roll)(?: is|s)? over|end of (?:the )?(?:round|match|roll)|the (?:round|match))(?: (?:thats it|there|now|guys|everybody|and thats it))?$/;

/** Who stops and restarts, by what is said of it. @source common practice */
const stops: readonly (readonly [RegExp, StopReason | undefined])[] = [
  [/\b(?:out of bounds|off the mats?|out of the area|over the edge|edge of the (?:mat|area))\b/, 'edge'],
  [
    /\b(?:ref|referee|judge) (?:stops?|stopped|pauses?|paused|resets?|restarts?|breaks? (?:it|them)|stands? (?:them|you|us|it)|stood (?:them|you|us|it)|brings? (?:them|you|us)|calls? (?:it|them|time|stop)|steps? in|says stop)\b/,
    'referee',
  ],
  [/\b(?:stood|stands?|brought|brings?) (?:them|you|us) (?:back )?(?:up|to the (?:middle|cent(?:er|re)))\b/, 'referee'],
  [
    /\b(?:(?:they|we|you|both|he|she) reset|resets? (?:them|you|us|to|in|from)|restart|restarts|restarted|start over|starts? again from|back (?:to|in) the (?:middle|cent(?:er|re))|break it up)\b/,
    undefined,
  ],
];
const stopping = /\b(?:stop|stops|stopped|pause|pauses|paused|break|time out|timeout|hold on|wait)\b/;
/** Why it is stopped, told beside the stop. */
const because: readonly (readonly [RegExp, StopReason])[] = [
  [/\b(?:blood|bleed(?:s|ing)?|nosebleed)\b/, 'blood'],
  [/\b(?:belts?|gi|jacket|kit|pants|trousers|mouthguard|gum ?shield|tape|contact lens|hair|laces?|nails?)\b/, 'kit'],
  [/\b(?:injur(?:y|ed)|hurts?|cramps?|poked?|sore|okay\?|ok\?)\b/, 'injury'],
  [/\b(?:another|other|next) pair\b|\bbump(?:s|ed)? into\b|\bcollision\b/, 'another pair'],
  [/\b(?:wall|edge|bounds)\b/, 'edge'],
  [/\b(?:drinks?|water)\b/, 'drink'],
];
/** Nobody goes on while a belt is tied. */
const kitAtWork =
  /\b(?:tie|ties|tying|tied|retie|reties|fix|fixes|fixing|adjust|adjusts|adjusting|straighten(?:s|ing)?) (?:up )?(?:his|her|my|your|the|their) (?:belt|gi|jacket|pants|trousers|hair|mouthguard|knee pad|rash ?guard)\b/;

export interface HeardStop {
  readonly reason?: StopReason;
}

/** "There's the buzzer", "out of bounds, the ref resets them": what a clock, a referee or a belt that came loose stops; undefined for anything else. */
export function hearStop(text: string): HeardStop | undefined {
  const isShort = text.split(' ').length <= MOST_END_WORDS;
  if (!notYet.test(text) && (ends.test(text) || (isShort && (time.test(text) || bareEnd.test(text))))) return {};
  if (kitAtWork.test(text)) return { reason: 'kit' };
  const stop = stops.find(([pattern]) => pattern.test(text));
  const reason =
    stop?.[1] ?? (stop || stopping.test(text) ? because.find(([pattern]) => pattern.test(text))?.[1] : undefined);
  if (!stop && !reason) return undefined;
  return reason ? { reason } : {};
}

const numbers: Readonly<Record<string, number>> = { one: 1, two: 2, three: 3, four: 4, six: 6 };
const NUMBER = '(one|two|three|four|six|[1-46])';
const given = new RegExp(
  `^(?:(?:and|so|okay|ok|yep|yeah|yes|now|then) )*(?:(?:thats|that is|its|there is|theres|heres|gets?|got|scores?|scored|picks? up|earns?|takes?) )?(?:the |his |her |your |my )?${NUMBER}(?: more)?(?: points?)?(?: (?:for|to|on the board|there|nobody|and|up|then|now|in)\\b.*)?$`,
);
const points = new RegExp(`\\b${NUMBER}(?: more)? points?\\b`);
const advantage =
  /\b(?:an |the )?(advantage|penalty)(?: point)? (?:for|to|against|goes to)\b|\bgets (?:an? )(advantage|penalty)\b/;
/** Wished, owed or counted against somebody: no referee gave it. */
const notGiven =
  /\b(?:would|could|should|might|may|not|no|never|need|needs|without|worth|behind|down by|up by|if|maybe|almost|for free|want|wants|lost|both|hands?|seconds?|minutes?|times?|of them|on one)\b/;

export interface HeardRuling {
  readonly athlete: Athlete;
  readonly ruling: Ruling;
  readonly points?: number;
}

/** "Two points to Ana", "that's three for the pass": what a referee gives, for the one who is named or who was last seen doing something; undefined for anything else. */
export function hearRuling(text: string, athlete: Athlete | undefined): HeardRuling | undefined {
  if (!athlete || notGiven.test(text)) return undefined;
  const called = advantage.exec(text);
  const ruling = called?.[1] ?? called?.[2];
  if (ruling === 'advantage' || ruling === 'penalty') return { athlete, ruling };
  const number = (points.exec(text) ?? given.exec(text))?.[1];
  // "one" alone counts things of every kind.
  if (!number || (number === 'one' && !points.test(text))) return undefined;
  return { athlete, ruling: 'points', points: numbers[number] ?? Number(number) };
}
