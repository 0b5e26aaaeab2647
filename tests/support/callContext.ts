import type { CallContext } from '@/core/callline';

/** A round of Ana (white) and Marek (blue), at a moment in this position, with nothing marked before. */
export const callContextAt = (positionId: string, holder: 'a' | 'b' | undefined): CallContext => ({
  uniform: 'gi',
  state: { kind: 'position', positionId, holder },
  calledBy: { a: ['ana', 'white'], b: ['marek', 'blue'] },
  atSeconds: 100,
  roundStartSeconds: 10,
  marks: [],
});
