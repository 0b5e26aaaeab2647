import { describe, expect, it } from 'vitest';
import { talksApart } from '../../../tests/language/talks/scoreTalks';
import { calibration, cardsOf, looked, readingsOf, trainCertainty } from '../../../tests/language/talks/trainCertainty';
import { certaintyOf, FOLDED_CERTAINTY, featureNames, learnCertainty, plainWeights, SURE_CERTAINTY } from './index';

const readings = readingsOf(looked);
const cards = cardsOf(looked);
const share = (of: typeof cards) => of.filter(({ right }) => right).length / Math.max(1, of.length);

describe('how certain a card is', () => {
  it('is weighed as the talks by other hands teach it', () => {
    const trained = trainCertainty(readings);
    for (const [at, weight] of trained.entries())
      expect(Math.abs(weight - (plainWeights[at] ?? 0)), featureNames[at]).toBeLessThan(0.35);
  });
  it('is about how often such cards were right, on the talks that it was learned from', () => {
    const table = calibration(readings, plainWeights);
    console.log(
      ['said from · cards · right', ...table.map(({ from, cards, right }) => `${from} · ${cards} · ${right}`)].join(
        '\n',
      ),
    );
    const off = table.reduce((sum, { from, cards: of, right }) => sum + Math.abs(right - of * (from + 0.05)), 0);
    expect(off / readings.length).toBeLessThan(0.1);
  });
  it('folds few that are right and many that are not, also on talks that nobody looked at', () => {
    for (const [talks, least, less] of [
      [cards, 0.55, 0.65],
      // A talk by another hand is judged less well.
      [cardsOf(talksApart), 0.3, 0.75],
    ] as const) {
      const folded = talks.filter(({ features }) => certaintyOf(features) < FOLDED_CERTAINTY);
      expect(share(folded)).toBeLessThan(less * share(talks));
      expect(folded.length).toBeGreaterThan(0.2 * talks.length);
      expect(share(talks)).toBeGreaterThan(least - 0.1);
    }
  });
  it('of those that are taken at once most are right', () => {
    const sure = cards.filter(({ features }) => certaintyOf(features) >= SURE_CERTAINTY);
    expect(sure.length).toBeGreaterThan(10);
    expect(share(sure)).toBeGreaterThan(0.8);
  });
});

describe('what an academy decides', () => {
  const grip = featureNames.map((name) => (name === 'always' || name === 'grip' ? 1 : 0));
  const error = featureNames.map((name) => (name === 'always' || name === 'error' ? 1 : 0));
  const dropped = Array.from({ length: 100 }, () => ({ features: grip, right: false }));
  it('makes what is always dropped less certain, and leaves the rest about where it was', () => {
    const learned = learnCertainty(plainWeights, dropped);
    expect(certaintyOf(grip, learned)).toBeLessThan(certaintyOf(grip, plainWeights) - 0.05);
    expect(Math.abs(certaintyOf(error, learned) - certaintyOf(error, plainWeights))).toBeLessThan(0.12);
  });
  it('is drawn back to what holds for all, and never runs away', () => {
    const once = learnCertainty(plainWeights, dropped);
    const much = learnCertainty(
      plainWeights,
      Array.from({ length: 5000 }, () => ({ features: grip, right: false })),
    );
    for (const weight of [...once, ...much]) expect(Math.abs(weight)).toBeLessThan(10);
    expect(certaintyOf(grip, much)).toBeGreaterThan(0);
  });
  it('of cards of another make teaches nothing', () =>
    expect(learnCertainty(plainWeights, [{ features: [1, 2], right: true }])).toEqual(plainWeights));
});
