import { z } from 'zod';

const problem = z.looseObject({ code: z.string() }).optional();

const arrival = z.object({
  id: z.string(),
  source: z.enum(['upload', 'camera']),
  originalName: z.string(),
  byteLength: z.number(),
  receivedBytes: z.number(),
  state: z.enum(['arriving', 'waiting', 'checking', 'taken', 'refused']),
  progress: z.number(),
  problem,
  footageId: z.string().optional(),
  already: z.boolean(),
});
export type ArrivalNews = z.output<typeof arrival>;

const work = z.object({
  footageId: z.string(),
  kind: z.enum(['look', 'proxy']),
  state: z.enum(['waiting', 'running', 'done', 'failed', 'cancelled']),
  progress: z.number(),
  attempts: z.number(),
  problem,
  runningSeconds: z.number().optional(),
});
export type WorkNews = z.output<typeof work>;

export const shelfNews = z.object({
  arrivals: z.array(arrival),
  inbox: z.array(z.object({ name: z.string(), byteLength: z.number() })),
  work: z.array(work),
  workers: z.number(),
});
export type ShelfNews = z.output<typeof shelfNews>;

export const noNews: ShelfNews = { arrivals: [], inbox: [], work: [], workers: 1 };

/** Whether something moves, so that it is worth looking again soon. */
export const isBusy = (news: ShelfNews): boolean =>
  news.inbox.length > 0 ||
  news.arrivals.some((one) => ['arriving', 'waiting', 'checking'].includes(one.state)) ||
  news.work.some((one) => one.state === 'waiting' || one.state === 'running');

/** What the shelf itself shows changes only when this does. */
export const shelfState = (news: ShelfNews): string =>
  [
    ...news.arrivals.map((one) => `${one.id}${one.state === 'taken'}`),
    ...news.work.map((one) => `${one.footageId}${one.kind}${one.state}`),
  ].join();

const kindWords = {
  look: 'Looking through it for the filmstrip and the bells',
  proxy: 'Making a copy that plays and steps smoothly',
};

/** About how long running work will still take, from its pace so far; undefined in its first moments. */
export const secondsLeft = (one: WorkNews): number | undefined =>
  one.progress > 0.03 && one.runningSeconds !== undefined
    ? (one.runningSeconds / one.progress) * (1 - one.progress)
    : undefined;

export const workWords = (one: WorkNews): string => kindWords[one.kind];
