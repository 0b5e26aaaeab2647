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

/** "I don't know", "I can't see it from here": what the speaker does not know is nobody's fault. */
const speakersOwn =
  /\b(?:i|we) (?:really |just |still )?(?:dont|do not|didnt|did not|cant|cannot|couldnt|wouldnt|havent|never) (?:really |even |quite )?(?:know|care|think|mean|remember|mind|understand|recall|see|tell|say|get it|count|want to|have to|need to)\b|\b(?:im|we are|were|i am) not (?:sure|going|gonna|saying|certain)\b/g;

/** How a clause of speech judges: by what judges a call, else by what something is likened to. */
export const judgeSpeech = (words: readonly string[]): Judged | undefined => {
  const told = words.join(' ').replace(speakersOwn, ' ').replace(/ +/g, ' ').trim();
  const judged = judge(told.split(' '));
  if (judged?.firm) return judged;
  return likens(told) ? { judgement: 'error', firm: true } : judged;
};
