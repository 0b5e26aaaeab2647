'use client';

import { dayWords } from '@/terms/dayWords';
import { Quiet } from '@/ui/layout/Page';
import type { PersonFacts } from '../PersonDialog';

export interface KeepingProps {
  readonly person: PersonFacts;
  readonly hurts: readonly { readonly heldOn: string; readonly hurt: string; readonly saidIn: 'card' | 'class' }[];
}

/** What is to be kept in mind: what hurts or hurt, notes. */
export function Keeping({ person, hurts }: KeepingProps) {
  const { injuryNote, injuredUntil, note } = person;
  return (
    <>
      {injuryNote ? (
        <p>
          Spare: {injuryNote}
          {injuredUntil ? `, until ${dayWords(injuredUntil)}` : ''}.
        </p>
      ) : null}
      {hurts.map((one) => (
        <p key={`${one.heldOn} ${one.hurt}`}>
          <Quiet>
            {dayWords(one.heldOn)}, {one.saidIn === 'card' ? 'on the round’s card' : 'in class'}:
          </Quiet>{' '}
          {one.hurt}
        </p>
      ))}
      {!injuryNote && hurts.length === 0 ? <p>Nothing that hurts is noted.</p> : null}
      {note ? <p style={{ whiteSpace: 'pre-line' }}>{note}</p> : null}
      <Quiet>For pain or injury ask a licensed medical person. “Change details” changes all of this.</Quiet>
    </>
  );
}
