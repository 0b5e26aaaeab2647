import { type Judged, judge } from '../callline';

/** What stands before "like" where it likens nothing: "I like the grip", "it looks like a choke". */
const noLikeness =
  /\b(?:i|we|you|they|id|youd|would|dont|doesnt|didnt|really|do|to|looks?|looked|looking|feels?|felt|sounds?|seems?|seemed|something|anything|just|more|not)$/;

/**
 * "goes over like a wardrobe": who likens what somebody does to a thing off the mat seldom praises it; with praise beside it, it is praise.
 * @source common practice of people who talk over footage
 */
function likens(text: string): boolean {
  const found = /^(.*?)\blike (?!that\b|this\b|it$|those\b|these\b)(?:\w+)/.exec(text);
  return found !== null && !noLikeness.test((found[1] ?? '').trim());
}

/** How a clause of speech judges: by what judges a call, else by what something is likened to. */
export const judgeSpeech = (words: readonly string[]): Judged | undefined => {
  const judged = judge(words);
  if (judged?.firm) return judged;
  return likens(words.join(' ')) ? { judgement: 'error', firm: true } : judged;
};
