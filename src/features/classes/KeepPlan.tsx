'use client';

import { useState } from 'react';
import { FormMessage } from '@/forms/FormMessage';
import { useSending } from '@/forms/useSending';
import { keepClass } from '@/server/classes/classActions';
import { Checkbox } from '@/ui/primitives';

/** Whether the plan of a class stays as it is when the coming weeks are planned together; kept at once. */
export function KeepPlan({ classId, isKept }: { readonly classId: string; readonly isKept: boolean }) {
  const [kept, setKept] = useState(isKept);
  const { messages, send } = useSending();
  const change = (next: boolean) =>
    send(
      () => keepClass(classId, next),
      () => setKept(next),
    );
  return (
    <>
      <Checkbox isSelected={kept} onChange={change}>
        It stays as it is when the coming weeks are planned together
      </Checkbox>
      <FormMessage messages={messages} />
    </>
  );
}
