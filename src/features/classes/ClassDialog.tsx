'use client';

import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import { DayField } from '@/forms/DayField';
import { saveClass } from '@/server/classes/classActions';
import { useNewId } from '@/ui/forms/useNewId';
import { Fields, Notice } from '@/ui/layout/Page';
import { Button, Choice, Dialog, TextField } from '@/ui/primitives';

export interface ClassFacts {
  readonly id: string;
  readonly version: number;
  readonly title: string;
  readonly startsAt: string;
  readonly minutes: number;
  readonly uniform: 'gi' | 'no-gi';
  readonly level: string;
  readonly pairsOnMats: number;
}

const two = (value: number): string => String(value).padStart(2, '0');

function fieldsOf(one: ClassFacts | undefined) {
  const start = one ? new Date(one.startsAt) : new Date(Date.now() + 86_400_000);
  return {
    title: one?.title ?? 'Evening class',
    day: `${start.getFullYear()}-${two(start.getMonth() + 1)}-${two(start.getDate())}`,
    time: one ? `${two(start.getHours())}:${two(start.getMinutes())}` : '19:00',
    minutes: String(one?.minutes ?? 75),
    uniform: one?.uniform ?? ('gi' as const),
    level: one?.level ?? 'all belts',
    pairsOnMats: String(one?.pairsOnMats ?? 8),
  };
}

export function ClassDialog({
  one,
  isOpen,
  onClose,
}: {
  readonly one?: ClassFacts;
  readonly isOpen: boolean;
  readonly onClose: () => void;
}) {
  const router = useRouter();
  const fresh = useNewId();
  const [fields, setFields] = useState(() => fieldsOf(one));
  const [messages, setMessages] = useState<Readonly<Record<string, string>>>({});
  const [saving, startSaving] = useTransition();
  const set = (patch: Partial<typeof fields>) => setFields((current) => ({ ...current, ...patch }));
  const save = () =>
    startSaving(async () => {
      const { day, time, minutes, pairsOnMats, ...rest } = fields;
      const draft = {
        ...rest,
        startsAt: `${day}T${time}:00`,
        minutes: Number(minutes),
        pairsOnMats: Number(pairsOnMats),
      };
      const outcome = await saveClass(
        draft,
        one ? { id: one.id, version: one.version } : { id: fresh.id(), version: 0 },
      ).catch(() => undefined);
      if (!outcome)
        return setMessages({ '': 'The server could not be reached. Nothing is lost: try again in a moment.' });
      if (!outcome.ok) return setMessages(outcome.messages);
      setMessages({});
      fresh.renew();
      onClose();
      if (one) router.refresh();
      else router.push(`/classes/${outcome.classId}`);
    });
  return (
    <Dialog title={one ? 'This class' : 'A new class'} isOpen={isOpen} onClose={onClose}>
      {messages[''] ? <Notice role="alert">{messages['']}</Notice> : null}
      <TextField
        label="Name"
        value={fields.title}
        onChange={(title) => set({ title })}
        problem={messages.title}
        autoFocus
      />
      <Fields>
        <DayField label="Day" value={fields.day} onChange={(day) => set({ day })} problem={messages.startsAt} />
        <TextField label="Begins" hint="HH:MM" value={fields.time} onChange={(time) => set({ time })} />
        <TextField
          label="Length"
          unit="min"
          inputMode="numeric"
          value={fields.minutes}
          onChange={(minutes) => set({ minutes })}
          problem={messages.minutes}
        />
        <TextField
          label="Pairs on the mats at once"
          inputMode="numeric"
          value={fields.pairsOnMats}
          onChange={(pairsOnMats) => set({ pairsOnMats })}
          problem={messages.pairsOnMats}
        />
      </Fields>
      <Choice
        label="Worn"
        value={fields.uniform}
        onChange={(uniform) => set({ uniform })}
        options={[
          { value: 'gi', label: 'Gi' },
          { value: 'no-gi', label: 'No-gi' },
        ]}
      />
      <TextField label="Level" value={fields.level} onChange={(level) => set({ level })} />
      <div className="buttons">
        <Button onPress={onClose}>Leave it</Button>
        <Button look="lead" onPress={save} isPending={saving}>
          {saving ? 'Saving …' : 'Save'}
        </Button>
      </div>
    </Dialog>
  );
}
