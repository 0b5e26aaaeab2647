import { describe, expect, it } from 'vitest';
import { callContextAt } from '../../../tests/support/callContext';
import { findTechnique } from '../vocabulary';
import { buildVocabularyIndex, readCall } from './index';

/** What is told by a plain verb, by the makers' own grammar: the class, whose it is, how far it came. */
const told: Readonly<
  Record<string, readonly (readonly [text: string, positionId: string, holder: 'a' | 'b' | undefined])[]>
> = {
  'passes a finished finished': [
    ['ana passes', 'open-guard', 'a'],
    ['ana passed', 'open-guard', 'a'],
    ['ana gets past the legs', 'open-guard', 'a'],
    ['ana passes the guard again', 'open-guard', 'a'],
    ['marek gets passed', 'open-guard', 'a'],
    ['marek is passed', 'open-guard', 'a'],
    ['marek loses his guard', 'open-guard', 'a'],
    ['ana passes to side control', 'open-guard', 'a'],
    ['ana passed his guard', 'open-guard', 'a'],
    ['i pass', 'open-guard', 'a'],
    ['i passed his guard', 'open-guard', 'a'],
    ['marek lets her pass', 'open-guard', 'a'],
  ],
  'passes a entry ': [
    ['ana is passing', 'open-guard', 'a'],
    ['ana tries to pass', 'open-guard', 'a'],
    ['pass by ana', 'open-guard', 'a'],
  ],
  'passes a control ': [
    ['ana almost passes', 'open-guard', 'a'],
    ['ana nearly past the guard', 'open-guard', 'a'],
  ],
  'sweeps a finished finished': [
    ['ana sweeps', 'half-guard', 'b'],
    ['ana swept him', 'half-guard', 'b'],
    ['ana sweeps marek', 'half-guard', 'b'],
    ['marek gets swept', 'half-guard', 'b'],
    ['marek is swept', 'half-guard', 'b'],
    ['marek gets swept by ana', 'half-guard', 'b'],
    ['ana sweeps and comes on top', 'half-guard', 'b'],
    ['ana rolls him over', 'half-guard', 'b'],
    ['ana tips him over', 'half-guard', 'b'],
    ['i sweep him', 'half-guard', 'b'],
    ['marek gets reversed', 'half-guard', 'b'],
  ],
  'sweeps a control ': [['ana almost sweeps him', 'half-guard', 'b']],
  'sweeps a entry ': [
    ['ana tries to sweep', 'half-guard', 'b'],
    ['sweep ana', 'half-guard', 'b'],
    ['sweep from ana', 'half-guard', 'b'],
    ['good sweep by ana', 'half-guard', 'b'],
  ],
  'sweeps b finished finished': [['i got swept', 'half-guard', 'a']],
  'escapes a finished finished': [
    ['ana escapes', 'side-control', 'b'],
    ['ana gets out', 'side-control', 'b'],
    ['ana escapes side control', 'side-control', 'b'],
    ['ana escapes from mount', 'mount', 'b'],
    ['ana gets out of mount', 'mount', 'b'],
    ['ana escapes to guard', 'mount', 'b'],
    ['ana recovers guard', 'side-control', 'b'],
    ['ana gets her guard back', 'side-control', 'b'],
    ['ana escapes to turtle', 'side-control', 'b'],
    ['ana gets free', 'back-control', 'b'],
  ],
  'escapes a entry ': [['ana tries to escape', 'mount', 'b']],
  'escapes a control ': [['ana almost gets out', 'mount', 'b']],
  'escapes a entry abandoned': [['ana cannot get out', 'side-control', 'b']],
  'back-takes a finished finished': [
    ['ana takes the back', 'turtle', 'a'],
    ['ana took his back', 'turtle', 'a'],
    ['ana gets the back', 'half-guard', 'a'],
    ['marek gets his back taken', 'half-guard', 'a'],
    ['ana climbs on his back', 'turtle', 'a'],
  ],
  'back-takes a entry ': [
    ['ana tries to take the back', 'turtle', 'a'],
    ['ana goes for the back', 'turtle', 'a'],
  ],
  'back-takes a control ': [['ana almost takes the back', 'turtle', 'a']],
  'takedowns a finished finished': [
    ['ana takes him down', 'standing-neutral', undefined],
    ['ana takes marek down', 'standing-neutral', undefined],
    ['marek gets taken down', 'standing-neutral', undefined],
    ['ana throws him', 'standing-neutral', undefined],
    ['ana brings him down', 'standing-neutral', undefined],
    ['marek gets thrown', 'standing-neutral', undefined],
    ['ana trips him', 'standing-neutral', undefined],
  ],
  'takedowns a entry ': [
    ['takedown ana', 'standing-neutral', undefined],
    ['ana goes for a takedown', 'standing-neutral', undefined],
    ['ana tries to take him down', 'standing-neutral', undefined],
  ],
  'guard-pulls a finished finished': [
    ['ana pulls guard', 'standing-neutral', undefined],
    ['ana pulled guard', 'standing-neutral', undefined],
    ['ana pulls half guard', 'standing-neutral', undefined],
    ['ana jumps guard', 'standing-neutral', undefined],
  ],
  'guard-pulls a entry ': [['ana tries to pull guard', 'standing-neutral', undefined]],
  'submissions a finished finished': [
    ['marek taps', 'mount', 'a'],
    ['marek tapped', 'mount', 'a'],
    ['marek taps out', 'mount', 'a'],
    ['marek has to tap', 'mount', 'a'],
    ['ana submits him', 'mount', 'a'],
    ['ana taps marek', 'mount', 'a'],
    ['ana gets the tap', 'mount', 'a'],
    ['tap for ana', 'mount', 'a'],
    ['marek gets submitted', 'mount', 'a'],
    ['ana chokes him', 'back-control', 'a'],
    ['i tapped him', 'mount', 'a'],
  ],
  'submissions a entry ': [
    ['ana goes for a choke', 'back-control', 'a'],
    ['ana hunts the choke', 'back-control', 'a'],
  ],
  'submissions b finished finished': [
    ['i tap', 'mount', 'b'],
    ['i had to tap', 'mount', 'b'],
  ],
};

const index = buildVocabularyIndex();

describe('plain verbs say the class, whose it is, and how far it came', () => {
  it.each(Object.entries(told))('%s', (meant, calls) => {
    const wrong = calls.flatMap(([text, positionId, holder]) => {
      const { draft } = readCall(text, index, callContextAt(positionId, holder));
      if (draft?.kind !== 'attempt') return [`${text}: ${draft?.kind}`];
      const found = findTechnique(draft.techniqueId)?.class;
      const is = `${found} ${draft.athlete} ${draft.stage} ${draft.end ?? ''}`;
      return is === meant ? [] : [`${text}: ${is}`];
    });
    expect(wrong).toEqual([]);
  });
});
