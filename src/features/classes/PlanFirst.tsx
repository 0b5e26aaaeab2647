'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { FormMessage } from '@/forms/FormMessage';
import { useSending } from '@/forms/useSending';
import { setPlanFirst } from '@/server/classes/unitActions';
import { Quiet, Row } from '@/ui/layout/Page';
import { Choice } from '@/ui/primitives';

export interface PlanFirstProps {
  readonly planFirst: 'errors' | 'curriculum';
  readonly hasUnits: boolean;
}

/** What decides the theme of a class that the coach left open. */
export function PlanFirst({ planFirst, hasUnits }: PlanFirstProps) {
  const router = useRouter();
  const { messages, isSending, send } = useSending();
  const [asked, setAsked] = useState<PlanFirstProps['planFirst']>();
  const shown = Object.keys(messages).length > 0 ? planFirst : (asked ?? planFirst);
  const choose = (chosen: PlanFirstProps['planFirst']) => {
    // Shown at once; what is refused goes back to what it was.
    setAsked(chosen);
    send(
      () => setPlanFirst(chosen),
      () => router.refresh(),
    );
  };
  return (
    <Row style={{ alignItems: 'flex-end', margin: '12px 0' }} aria-busy={isSending}>
      <Choice
        label="A class whose theme is open is about"
        value={shown}
        onChange={choose}
        options={[
          { value: 'errors', label: 'what those who come need most' },
          { value: 'curriculum', label: 'the next unit of the curriculum' },
        ]}
      />
      {shown === 'curriculum' ? (
        <Quiet>
          {hasUnits ? (
            'Inside the unit, lessons still go to the errors of those who come. Plan anew to follow a change.'
          ) : (
            <>
              There is no unit yet: <Link href="/classes/curriculum">write the curriculum</Link>, else errors decide.
            </>
          )}
        </Quiet>
      ) : null}
      <FormMessage messages={messages} />
    </Row>
  );
}
