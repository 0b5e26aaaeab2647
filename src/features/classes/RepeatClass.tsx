'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { addDays } from '@/core/kernel';
import { DayField } from '@/forms/DayField';
import { FormMessage } from '@/forms/FormMessage';
import { useSending } from '@/forms/useSending';
import { repeatWeekly } from '@/server/classes/calendarActions';
import { Quiet } from '@/ui/layout/Page';
import { Button, Dialog } from '@/ui/primitives';
import { madeWords } from './CalendarDialog';

interface RepeatClassProps {
  readonly classId: string;
  readonly day: string;
  readonly isOpen: boolean;
  readonly onClose: () => void;
}

/** Eight weeks: the length of a common course. */
const USUAL_DAYS = 56;

/** The same class every week up to a day. */
export function RepeatClass({ classId, day, isOpen, onClose }: RepeatClassProps) {
  const router = useRouter();
  const [until, setUntil] = useState(addDays(day, USUAL_DAYS));
  const [done, setDone] = useState<string>();
  const { messages, isSending, send } = useSending();
  const repeat = () =>
    send(
      () => repeatWeekly(classId, until),
      (made) => {
        setDone(madeWords(made));
        router.refresh();
      },
    );
  return (
    <Dialog title="Every week" isOpen={isOpen} onClose={onClose}>
      <FormMessage messages={messages} />
      <Quiet>
        On the same day of the week and at the same time, without its theme; days without classes are left out.
      </Quiet>
      <DayField label="Until" value={until} onChange={setUntil} problem={messages.until} />
      {done ? <p role="status">{done}</p> : null}
      <div className="buttons">
        <Button onPress={onClose}>{done ? 'Done' : 'Leave it'}</Button>
        <Button look="lead" onPress={repeat} isPending={isSending}>
          Repeat it
        </Button>
      </div>
    </Dialog>
  );
}
