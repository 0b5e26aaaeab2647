'use client';

import Link from 'next/link';
import { useState } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { markAddress, reelAddress } from '@/terms/addresses';
import { dayWords } from '@/terms/dayWords';
import { Quiet } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { Select, TextField } from '@/ui/primitives';
import { space } from '@/ui/tokens/tokens';

const Filters = styled.div`
  display: flex; flex-wrap: wrap; gap: ${space(4)}; margin-bottom: ${space(3)}; align-items: end;
  @media print { display: none; }
`;

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

/** Lines at first. */
const SHOWN = 10;

/** What the log of a class says was dangerous, or hurt whom. */
interface SeenInClass {
  readonly classId: string;
  readonly day: string;
  readonly title: string;
  readonly hazards: string;
  readonly hurt: string;
}
export interface SafetyLogProps {
  readonly hazards: readonly HazardSeen[];
  readonly isCut: boolean;
  readonly inClasses: readonly SeenInClass[];
}

/** Hazards on film and in class. */
export const SafetyLog = ({ inClasses, ...onFilm }: SafetyLogProps) => (
  <>
    <OnFilm {...onFilm} />
    {inClasses.length > 0 ? <InClasses classes={inClasses} /> : null}
  </>
);

function InClasses({ classes }: { readonly classes: SafetyLogProps['inClasses'] }) {
  const { shown, toggle } = useShowAll(classes, SHOWN);
  return (
    <>
      <h3>In class</h3>
      {shown.map(({ classId, day, title, hazards, hurt }) => (
        <p key={classId}>
          <Link href={`/classes/${classId}`}>
            {dayWords(day)} {title}
          </Link>{' '}
          {hazards}
          {hurt ? (
            <Quiet>
              {hazards ? ' · ' : ''}hurt: {hurt}
            </Quiet>
          ) : null}
        </p>
      ))}
      {toggle}
    </>
  );
}

/** Hazards that were marked, newest first; of one kind or of one person when asked, and as a reel. */
function OnFilm({ hazards, isCut }: Pick<SafetyLogProps, 'hazards' | 'isCut'>) {
  const [kind, setKind] = useState('all');
  const [person, setPerson] = useState('');
  const kinds = [...new Set(hazards.map((one) => one.hazard))].sort();
  const fitting = hazards.filter(
    (one) => (kind === 'all' || one.hazard === kind) && one.names.toLowerCase().includes(person.trim().toLowerCase()),
  );
  const { shown, toggle } = useShowAll(fitting, SHOWN);
  if (hazards.length === 0) return <p>No hazard is marked. “hazard …” in the call line keeps one.</p>;
  return (
    <>
      <Filters>
        <Select
          label="Kind"
          value={kind}
          onChange={setKind}
          options={[{ value: 'all', label: 'every kind' }, ...kinds.map((one) => ({ value: one, label: one }))]}
        />
        <TextField label="With" value={person} onChange={setPerson} />
        <Quiet>
          {fitting.length} of {hazards.length}
        </Quiet>
        {fitting.length > 0 ? (
          <Link
            href={reelAddress({
              title: kind === 'all' ? 'Hazards' : kind,
              moments: fitting.map(({ markId }) => ({ markId })),
              back: '/academy',
            })}
          >
            Play them in a row
          </Link>
        ) : null}
      </Filters>
      {fitting.length === 0 ? <p>None of this kind with this name.</p> : null}
      {shown.map((one) => (
        <p key={one.markId}>
          <Link href={markAddress({ ...one, mediaSeconds: one.atSeconds })}>
            {dayWords(one.heldOn)} {formatClock(one.atSeconds)}
          </Link>{' '}
          {one.names}: {one.hazard}
          {one.note ? <Quiet> {one.note}</Quiet> : null}
        </p>
      ))}
      {toggle}
      {isCut ? (
        <p>
          These are the newest {hazards.length}. <Link href="/search?q=hazard">Search for all of them</Link>.
        </p>
      ) : null}
    </>
  );
}
