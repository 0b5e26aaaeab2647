import { z } from 'zod';

/** The other tabs hear of what was settled before it is their turn. @source own decision: a message between tabs takes a few milliseconds */
const HEAR_MS = 60;

const settledShape = z.object({ settled: z.array(z.string()) });

/** A line between the tabs of one browser that hold the same waiting changes. */
export interface TabLine {
  /** Tells the other tabs which changes the server has answered for. */
  readonly tell: (changeIds: readonly string[]) => void;
  readonly listen: (onSettled: (changeIds: readonly string[]) => void) => () => void;
  /** Runs while no other tab runs the same: one sends at a time. */
  readonly asLeader: (work: () => Promise<void>) => Promise<void>;
}

/** A browser that knows neither lines nor locks sends from each tab: the server stores each change once all the same. */
export function createTabLine(name: string): TabLine {
  let channel: BroadcastChannel | undefined;
  return {
    tell: (changeIds) => channel?.postMessage({ settled: [...changeIds] }),
    listen: (onSettled) => {
      if (typeof BroadcastChannel === 'undefined') return () => undefined;
      const own = new BroadcastChannel(name);
      channel = own;
      own.onmessage = ({ data }) => {
        const heard = settledShape.safeParse(data);
        if (heard.success) onSettled(heard.data.settled);
      };
      return () => {
        own.close();
        if (channel === own) channel = undefined;
      };
    },
    asLeader: async (work) => {
      if (typeof navigator === 'undefined' || !navigator.locks) return work();
      await navigator.locks.request(name, async () => {
        await work();
        await new Promise((resolve) => setTimeout(resolve, HEAR_MS));
      });
    },
  };
}
