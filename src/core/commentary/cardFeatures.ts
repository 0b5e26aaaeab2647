import { judge, type MarkDraft } from '../callline';
import { conceptIdOf, type Mark } from '../round';
import { isUnnamed } from '../vocabulary';
import type { Features } from './certainty';
import type { Said } from './hearing';

/** What is known of a card from how it was said, in the order of `featureNames`. */
export function featuresOf(
  draft: MarkDraft,
  { mention, sentence, whole }: Said,
  sureWho: boolean,
  others: number,
): Features {
  const id = conceptIdOf({ ...draft, id: '' } as Mark);
  const isFree = mention.score === 0;
  const words = sentence.words.length;
  const judged = judge(whole.trim().split(' '));
  const flag = (on: boolean) => (on ? 1 : 0);
  return [
    1,
    Math.min(3, mention.score),
    flag(mention.score >= 1.9),
    flag(isFree && !(id !== undefined && isUnnamed(id))),
    flag(id !== undefined && isUnnamed(id) && draft.kind === 'attempt'),
    flag(draft.kind === 'position'),
    flag(draft.kind === 'grip'),
    flag(draft.kind === 'error'),
    flag(draft.kind === 'strength'),
    flag(draft.kind === 'chance'),
    flag(!sureWho),
    flag(draft.unsure === true),
    flag(judged?.firm === true),
    flag(others > 0),
    flag(words <= 5),
    flag(words >= 14),
    flag(draft.kind === 'strength' && judged?.judgement !== 'good'),
  ];
}
