'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { type MatClock, shiftMatClock } from '@/core/planning';
import { keepMatClock } from '@/server/classes/matActions';

/** How often a device asks whether another one moved on. */
const LOOK_MS = 3000;
/** Less than this is the way there and back, not a wrong clock. */
const SAME_TIME_MS = 2000;

interface Held {
  readonly clock?: MatClock;
  readonly version: number;
  /** Set here and not known to the server yet. */
  readonly isUnsent: boolean;
  /** How far ahead of this device's clock the server's was taken to be when it was set here, in milliseconds. */
  readonly offset?: number;
}
export type KeptClock = Pick<Held, 'clock' | 'version'>;

/** A class, or one of its two groups (0: all of it). */
export interface MatPlace {
  readonly classId: string;
  readonly group: number;
}
const placeOf = ({ classId, group }: MatPlace): string => `mat-clock:${classId}${group > 0 ? `:${group}` : ''}`;

/** What this device holds from before, when it was set without a connection. */
function unsentOf(place: MatPlace, kept: KeptClock): Held {
  try {
    const text = window.localStorage.getItem(placeOf(place));
    const held = text ? (JSON.parse(text) as Held) : undefined;
    if (held?.isUnsent && held.version === kept.version && typeof held.clock?.beganAt === 'number') return held;
  } catch {
    // A browser that keeps nothing: what the server holds is all there is.
  }
  return { ...kept, isUnsent: false };
}

function keepHere(place: MatPlace, held: Held): void {
  try {
    window.localStorage.setItem(placeOf(place), JSON.stringify(held));
  } catch {
    // Full or denied: the page itself still holds it.
  }
}

/**
 * The clock of a class on this device: it goes on without a connection, sends what was set as soon as there is one, and follows other devices. Times are the
 * server's, so that a device whose own clock is wrong shows the same.
 */
export function useMatClock({ classId, group }: MatPlace, kept: KeptClock) {
  const [held, setHeld] = useState<Held>({ ...kept, isUnsent: false });
  const [isAway, setIsAway] = useState(false);
  const [told, setTold] = useState<string>();
  /** How far ahead of this device's clock the server's is, in milliseconds; unknown before it answered once. */
  const offset = useRef<number | undefined>(undefined);
  const latest = useRef(held);
  const sending = useRef(false);
  latest.current = held;
  const now = useCallback(() => Date.now() + (offset.current ?? 0), []);
  const take = useCallback(
    (next: Held) => {
      latest.current = next;
      setHeld(next);
      keepHere({ classId, group }, next);
    },
    [classId, group],
  );

  const send = useCallback(async () => {
    const sent = latest.current;
    if (!sent.isUnsent || !sent.clock || sending.current) return;
    sending.current = true;
    const outcome = await keepMatClock(classId, group, sent.clock, sent.version).catch(() => undefined);
    sending.current = false;
    setIsAway(outcome === undefined);
    if (!outcome) return;
    if (!outcome.ok) return setTold(Object.values(outcome.messages)[0]);
    const { kept: theirs } = outcome;
    const isOurs = theirs?.version === sent.version + 1 && theirs.clock.beganAt === sent.clock.beganAt;
    if (theirs && isOurs) {
      // Set again meanwhile: that is still to be sent, on top of this.
      const isAgain = latest.current.clock !== sent.clock;
      take({ clock: latest.current.clock, version: theirs.version, isUnsent: isAgain, offset: latest.current.offset });
      if (isAgain) void send();
      return;
    }
    if (theirs) {
      take({ ...theirs, isUnsent: false });
      setTold('Another device had moved on: this one follows it.');
    }
  }, [classId, group, take]);

  /** What was set here before the server's time was known, or by a clock that was changed since, is put right before it is sent. */
  const learnOffset = useCallback(
    (measured: number) => {
      offset.current = measured;
      const { clock, isUnsent, offset: before = 0 } = latest.current;
      if (isUnsent && clock && Math.abs(measured - before) > SAME_TIME_MS)
        take({ ...latest.current, clock: shiftMatClock(clock, measured - before), offset: measured });
    },
    [take],
  );

  const look = useCallback(async () => {
    const askedAt = Date.now();
    const answer = await fetch(`/api/classes/${classId}/clock?group=${group}`, { cache: 'no-store' }).catch(
      () => undefined,
    );
    const news = answer?.ok
      ? ((await answer.json().catch(() => undefined)) as (KeptClock & { now: number }) | undefined)
      : undefined;
    setIsAway(news === undefined);
    if (!news) return;
    learnOffset(news.now - (askedAt + Date.now()) / 2);
    if (latest.current.isUnsent) return send();
    if (news.version > latest.current.version) take({ clock: news.clock, version: news.version, isUnsent: false });
  }, [classId, group, send, take, learnOffset]);

  useEffect(() => {
    const before = unsentOf({ classId, group }, kept);
    if (before.isUnsent) take(before);
    void look();
    const timer = setInterval(() => void look(), LOOK_MS);
    return () => clearInterval(timer);
    // What the server said when the page was opened is looked at once.
  }, [classId, group, look, take, kept]);

  const set = (clock: MatClock) => {
    setTold(undefined);
    take({ clock, version: latest.current.version, isUnsent: true, offset: offset.current ?? 0 });
    void (offset.current === undefined ? look() : send());
  };
  return { clock: held.clock, set, now, isAway, told };
}
