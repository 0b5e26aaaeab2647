import { type KeyEntry, plain } from '@/ui/keys/keyEntry';

export type MatCommand = 'pause' | 'next' | 'back' | 'more';

/** Every key at the mat; each is on its button. */
export const matKeys: readonly KeyEntry<MatCommand>[] = [
  { command: 'pause', shown: 'Space', does: 'start, pause or go on', matches: plain(' ') },
  { command: 'next', shown: '→', does: 'the next part', matches: plain('arrowright') },
  { command: 'back', shown: '←', does: 'the part before', matches: plain('arrowleft') },
  { command: 'more', shown: 'M', does: 'two more minutes', matches: plain('m') },
];
