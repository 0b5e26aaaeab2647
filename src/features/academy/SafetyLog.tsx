'use client';

import Link from 'next/link';
import { formatClock } from '@/core/clock';
import { markAddress } from '@/terms/addresses';
import { dayWords } from '@/terms/dayWords';
import { Quiet } from '@/ui/layout/Page';

/** Something on film that could have hurt somebody. */
export interface HazardSeen {
  readonly markId: string;
  readonly roundId: string;
  readonly heldOn: string;
  readonly atSeconds: number;
  readonly hazard: string;
  readonly note?: string;
  readonly names: string;
}

/** Hazards that were marked, newest first. */
export function SafetyLog({ hazards, isCut }: { readonly hazards: readonly HazardSeen[]; readonly isCut: boolean }) {
  return (
    <>
      {hazards.length === 0 ? <p>No hazard is marked. “hazard …” in the call line keeps one.</p> : null}
      {hazards.map((one) => (
        <p key={one.markId}>
          <Link href={markAddress({ ...one, mediaSeconds: one.atSeconds })}>
            {dayWords(one.heldOn)} {formatClock(one.atSeconds)}
          </Link>{' '}
          {one.names}: {one.hazard}
          {one.note ? <Quiet> {one.note}</Quiet> : null}
        </p>
      ))}
      {isCut ? (
        <p>
          These are the newest {hazards.length}. <Link href="/search?q=hazard">Search for all of them</Link>.
        </p>
      ) : null}
    </>
  );
}
