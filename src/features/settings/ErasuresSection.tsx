'use client';

import { dayWords, momentWords } from '@/terms/dayWords';
import { useZone } from '@/terms/ZoneContext';
import { Section } from '@/ui/layout/Page';

export interface ErasureLine {
  readonly id: string;
  readonly doneAt: string;
  readonly doneByName?: string;
  readonly counts: { readonly rounds: number };
  readonly films: 'kept' | 'blurred';
  readonly filmsLeft: number;
  readonly heldUntil?: string;
}

/** That people were erased, without who they were. */
export function ErasuresSection({ erasures }: { readonly erasures: readonly ErasureLine[] }) {
  const zone = useZone();
  if (erasures.length === 0) return null;
  return (
    <Section>
      <h2>Erased</h2>
      <div className="note">Who it was is not kept.</div>
      <div className="matter">
        <ul>
          {erasures.map((one) => (
            <li key={one.id}>
              {momentWords(one.doneAt, zone)}
              {one.doneByName ? ` by ${one.doneByName}` : ''}: somebody with{' '}
              {one.counts.rounds === 1 ? 'one round' : `${one.counts.rounds} rounds`}
              {one.films === 'blurred'
                ? one.filmsLeft > 0
                  ? `; ${one.filmsLeft === 1 ? 'one film is' : `${one.filmsLeft} films are`} still being blurred`
                  : '; blurred in the films'
                : ''}
              {one.heldUntil ? `; the last backup with them goes about ${dayWords(one.heldUntil)}` : ''}
            </li>
          ))}
        </ul>
      </div>
    </Section>
  );
}
