import { createHash } from 'node:crypto';
import { buildVocabularyIndex, type CallContext, readCall } from '../../src/core/callline';
import { findIntervalAt, type Mark, readRound } from '../../src/core/round';
import { people } from './people';
import { type DemoRound, LEAD_IN_SECONDS } from './types';

const index = buildVocabularyIndex();

/** The same text gives the same id on every machine, so that loading the demo twice changes nothing. */
export function demoId(...parts: readonly string[]): string {
  const hex = createHash('sha256')
    .update(['owl demo', ...parts].join('/'))
    .digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

export const roundSpan = (round: DemoRound) => ({ startSeconds: LEAD_IN_SECONDS, endSeconds: LEAD_IN_SECONDS + round.seconds });

const firstName = (key: string): string =>
  people
    .find((one) => one.key === key)!
    .name.split(' ')[0]!
    .toLowerCase();

/** The calls of a demo round read by the product's own call line. Throws on a call that it does not understand. */
export function marksOfRound(round: DemoRound): Mark[] {
  const span = roundSpan(round);
  const calledBy = { a: [firstName(round.a.key)], b: [firstName(round.b.key)] };
  const marks: Mark[] = [];
  const idOfTag = new Map(round.calls.flatMap((call, position) => (call.tag ? [[call.tag, demoId(round.key, String(position))] as const] : [])));
  for (const [position, { at, call, ledTo, until }] of round.calls.entries()) {
    const atSeconds = span.startSeconds + at;
    const reading = readRound(span, marks);
    const state = findIntervalAt(reading, atSeconds - 0.01)?.state ?? { kind: 'unmarked' as const };
    const context: CallContext = { uniform: round.uniform, state, calledBy, atSeconds, roundStartSeconds: span.startSeconds };
    const { draft, understood } = readCall(call, index, context);
    if (!draft || !understood) throw new Error(`marksOfRound: ${round.key} ${at}: not understood: ${call}`);
    const ended = until === undefined ? {} : { endSeconds: span.startSeconds + until };
    const mark = { ...draft, ...ended, id: demoId(round.key, String(position)) } as Mark;
    const links = (ledTo ?? []).map((tag) => idOfTag.get(tag) ?? fault(round.key, tag));
    marks.push(mark.kind === 'error' ? { ...mark, ledTo: links } : mark);
  }
  return marks;
}

function fault(key: string, tag: string): never {
  throw new Error(`marksOfRound: ${key}: no call has the tag ${tag}`);
}
