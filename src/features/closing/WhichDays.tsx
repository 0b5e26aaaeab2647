'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { DayField } from '@/forms/DayField';
import type { ClosingAbout } from '@/server/reviews/closingInput';
import { Row } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';

/** The days that are closed: one evening, or a visit of several. */
export function WhichDays({ about }: { readonly about: Exclude<ClosingAbout, { kind: 'round' }> }) {
  const router = useRouter();
  const [first, setFirst] = useState(about.firstDay);
  const [last, setLast] = useState(about.lastDay);
  const [from, to] = first <= last ? [first, last] : [last, first];
  const path = about.kind === 'days' ? `/students/${about.personId}/closing` : '/academy/closing';
  return (
    <Row style={{ alignItems: 'flex-end' }}>
      <DayField label="From" value={first} onChange={setFirst} />
      <DayField label="To" value={last} onChange={setLast} />
      <Button
        isDisabled={from === about.firstDay && to === about.lastDay}
        onPress={() => router.push(`${path}?from=${from}&to=${to}`)}
      >
        Close these days
      </Button>
    </Row>
  );
}
