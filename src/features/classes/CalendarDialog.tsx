'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { addDays } from '@/core/kernel';
import { DayField } from '@/forms/DayField';
import { FormMessage } from '@/forms/FormMessage';
import { useDraft, useSending } from '@/forms/useSending';
import { copyClasses, removeHoliday, setHoliday } from '@/server/classes/calendarActions';
import { dayWords } from '@/terms/dayWords';
import { Fields, Notice, Quiet, Row } from '@/ui/layout/Page';
import { Button, Dialog, TextField } from '@/ui/primitives';

export interface Holiday {
  readonly day: string;
  readonly title: string;
}
export interface CalendarDialogProps {
  readonly holidays: readonly Holiday[];
  readonly today: string;
  readonly isOpen: boolean;
  readonly onClose: () => void;
}

/** "4 classes are set up, 1 was left out: …" */
export const madeWords = ({ made, skipped }: { readonly made: number; readonly skipped: number }): string =>
  [
    made === 1 ? 'One class is set up.' : `${made} classes are set up.`,
    skipped > 0
      ? `${skipped === 1 ? 'One is' : `${skipped} are`} left out: on a day without classes, or there already.`
      : '',
  ]
    .filter(Boolean)
    .join(' ');

/** The calendar as a whole: a stretch of weeks copied to later, and days without classes. */
export function CalendarDialog({ holidays, today, isOpen, onClose }: CalendarDialogProps) {
  return (
    <Dialog title="Copy weeks, days without classes" isOpen={isOpen} onClose={onClose}>
      <CopyWeeks today={today} />
      <Holidays holidays={holidays} />
      <div className="buttons">
        <Button onPress={onClose}>Done</Button>
      </div>
    </Dialog>
  );
}

function CopyWeeks({ today }: { readonly today: string }) {
  const router = useRouter();
  const { fields, set } = useDraft(() => ({ from: addDays(today, -28), to: today, onto: addDays(today, 7) }));
  const { messages, isSending, send } = useSending();
  const [done, setDone] = useState<string>();
  const copy = () =>
    send(
      () => copyClasses(fields.from, fields.to, fields.onto),
      (made) => {
        setDone(madeWords(made));
        router.refresh();
      },
    );
  return (
    <>
      <Quiet>
        A term again: every class of these days, at its time of day and with the theme that was set, so that the first
        day falls on the one you choose.
      </Quiet>
      <FormMessage messages={messages} />
      <Fields>
        <DayField label="Classes from" value={fields.from} onChange={(from) => set({ from })} problem={messages.from} />
        <DayField label="to" value={fields.to} onChange={(to) => set({ to })} problem={messages.to} />
        <DayField label="Begin on" value={fields.onto} onChange={(onto) => set({ onto })} problem={messages.onto} />
      </Fields>
      <Row>
        <Button onPress={copy} isPending={isSending}>
          Copy these weeks
        </Button>
        {done ? <Quiet role="status">{done}</Quiet> : null}
      </Row>
    </>
  );
}

function Holidays({ holidays }: Pick<CalendarDialogProps, 'holidays'>) {
  const router = useRouter();
  const { fields, set } = useDraft(() => ({ day: '', title: '' }));
  const { messages, isSending, send } = useSending();
  const add = () =>
    send(
      () => setHoliday(fields),
      () => {
        set({ day: '', title: '' });
        router.refresh();
      },
    );
  const remove = (day: string) =>
    send(
      () => removeHoliday(day),
      () => router.refresh(),
    );
  return (
    <>
      <Fields>
        <DayField label="No classes on" value={fields.day} onChange={(day) => set({ day })} problem={messages.day} />
        <TextField
          label="Why"
          value={fields.title}
          maxLength={80}
          onChange={(title) => set({ title })}
          problem={messages.title}
        />
      </Fields>
      {messages[''] ? <Notice role="alert">{messages['']}</Notice> : null}
      <Row>
        <Button onPress={add} isPending={isSending} isDisabled={fields.day === ''}>
          Keep this day free
        </Button>
      </Row>
      {holidays.map(({ day, title }) => (
        <Row key={day}>
          <span>
            {dayWords(day)} {title ? <Quiet>{title}</Quiet> : null}
          </span>
          <Button look="plain" aria-label={`Classes again on ${dayWords(day)}`} onPress={() => remove(day)}>
            take away
          </Button>
        </Row>
      ))}
    </>
  );
}
