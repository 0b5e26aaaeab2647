import type { PositionFamily } from '../../src/core/vocabulary';

/** What is tried from a kind of position by whoever is over, under or level, and how often of the tries. What it leads to says the catalogue. */
export type Moves = Readonly<Record<string, number>>;
export interface Place {
  /** How long athletes usually stay, in seconds. */
  readonly seconds: number;
  readonly over: Moves;
  readonly under: Moves;
}

const pins: Place = {
  seconds: 26,
  over: { americana: 2, kimura: 2, 'arm-triangle': 1 },
  under: { 'elbow-escape': 4, 'frame-and-reguard': 4, 'underhook-to-knees-escape': 2 },
};

/** House estimates of how rounds go: nothing here is measured. Level positions take the moves of who is over, for both. */
export const moves: Readonly<Record<PositionFamily, Place>> = {
  standing: {
    seconds: 24,
    over: {
      'double-leg': 2,
      'single-leg': 3,
      'snap-down': 1,
      'body-lock-takedown': 2,
      'foot-sweep': 1,
      'sit-guard-pull': 4,
      'closed-guard-pull': 2,
    },
    under: {},
  },
  scramble: { seconds: 8, over: { 'single-leg': 2, 'sit-guard-pull': 2 }, under: {} },
  'closed-guard': {
    seconds: 30,
    over: { 'guard-open-standing': 4, 'guard-open-kneeling': 3, 'stack-pass': 1 },
    under: { 'scissor-sweep': 2, 'hip-bump-sweep': 2, triangle: 2, armbar: 2, 'cross-collar-choke': 1, kimura: 1 },
  },
  'open-guard': {
    seconds: 26,
    over: { 'knee-slice': 4, toreando: 3, 'leg-drag': 2, 'body-lock-pass': 2, 'over-under-pass': 1, 'stack-pass': 1 },
    under: {
      'butterfly-sweep': 3,
      'de-la-riva-sweep': 2,
      'tripod-sweep': 2,
      'arm-drag': 1,
      triangle: 2,
      'ashi-entry-from-butterfly': 2,
    },
  },
  'half-guard': {
    seconds: 28,
    over: { 'crossface-half-pass': 4, 'knee-slice': 2, 'body-lock-pass': 1, kimura: 1 },
    under: { 'half-guard-underhook-sweep': 3, 'deep-half-sweep': 2, 'half-guard-back-take': 2, 'elbow-escape': 1 },
  },
  'leg-entanglement': {
    seconds: 18,
    over: { 'straight-ankle-lock': 4 },
    under: { 'heel-hide': 2, 'knee-line-extraction': 3 },
  },
  'side-pin': pins,
  'knee-on-belly': { ...pins, seconds: 14, under: { 'knee-on-belly-escape': 4, 'frame-and-reguard': 2 } },
  mount: {
    seconds: 30,
    over: { armbar: 3, americana: 2, 'cross-collar-choke': 2, 'arm-triangle': 1 },
    under: { 'bridge-and-roll': 3, 'elbow-escape': 4 },
  },
  back: {
    seconds: 30,
    over: { 'rear-naked-choke': 4, 'bow-and-arrow-choke': 2, armbar: 1 },
    under: { 'back-to-mat-escape': 4 },
  },
  turtle: {
    seconds: 16,
    over: { 'turtle-back-take': 4 },
    under: { 'roll-to-guard-from-turtle': 3, 'turtle-stand-up': 2 },
  },
  'front-headlock': { seconds: 14, over: { guillotine: 4 }, under: {} },
  'submission-hold': { seconds: 12, over: { armbar: 1, triangle: 1 }, under: {} },
};

/** Where somebody moves without anything that has a name: on from a pin, out of a headlock, flattened, into another guard. */
export const drifts: Readonly<
  Partial<Record<PositionFamily, readonly { readonly to: string; readonly weight: number }[]>>
> = {
  standing: [{ to: 'standing-clinch', weight: 1 }],
  'closed-guard': [{ to: 'open-guard', weight: 1 }],
  'open-guard': [
    { to: 'half-guard', weight: 3 },
    { to: 'seated-guard', weight: 1 },
    { to: 'butterfly-guard', weight: 1 },
    { to: 'leg-drag-position', weight: 1 },
  ],
  'half-guard': [
    { to: 'flat-half-guard', weight: 2 },
    { to: 'knee-shield-half-guard', weight: 2 },
    { to: 'side-control', weight: 1 },
  ],
  'side-pin': [
    { to: 'mount', weight: 3 },
    { to: 'knee-on-belly', weight: 2 },
    { to: 'north-south', weight: 1 },
    { to: 'turtle', weight: 2 },
  ],
  'knee-on-belly': [
    { to: 'side-control', weight: 2 },
    { to: 'mount', weight: 1 },
  ],
  mount: [
    { to: 'high-mount', weight: 1 },
    { to: 'back-control', weight: 1 },
  ],
  back: [{ to: 'back-one-hook', weight: 1 }],
  turtle: [{ to: 'front-headlock', weight: 1 }],
  'front-headlock': [
    { to: 'turtle', weight: 2 },
    { to: 'open-guard', weight: 1 },
  ],
  'submission-hold': [{ to: 'closed-guard', weight: 1 }],
  'leg-entanglement': [{ to: 'open-guard', weight: 1 }],
  scramble: [{ to: 'turtle', weight: 1 }],
};

/** Good things that show in a kind of position, by who is where. */
export const strengthsIn: Readonly<
  Partial<Record<PositionFamily, { readonly over: readonly string[]; readonly under: readonly string[] }>>
> = {
  standing: { over: ['good-wins-the-grip-fight', 'good-feint-then-real'], under: [] },
  'closed-guard': { over: ['good-posture-in-guard'], under: ['good-off-balance-first', 'good-blocks-posting-hand'] },
  'open-guard': {
    over: ['good-goes-to-next-pass', 'good-legs-before-collar'],
    under: ['good-keeps-them-moving', 'good-feet-inside'],
  },
  'half-guard': { over: ['good-weight-on-the-seat'], under: ['good-underhook-won', 'good-stays-on-side'] },
  'side-pin': {
    over: ['good-hips-close-in-pin', 'good-pin-on-toes'],
    under: ['good-frame-inside', 'good-stays-on-side'],
  },
  mount: { over: ['good-holds-mount'], under: ['good-small-bump-big-shrimp', 'good-bridges-over-shoulder'] },
  back: { over: ['good-stays-on-back'], under: ['good-two-hands-one-arm', 'good-back-to-mat'] },
  turtle: { over: ['good-foot-first-hook'], under: ['good-closed-turtle'] },
};
