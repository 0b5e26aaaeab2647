'use client';

import { useRouter } from 'next/navigation';
import { clockIn, dayIn } from '@/core/kernel';
import type { Theme } from '@/core/planning';
import { DayField } from '@/forms/DayField';
import { FormMessage } from '@/forms/FormMessage';
import { WornField } from '@/forms/RoundFields';
import { useNewId } from '@/forms/useNewId';
import { useDraft, useSending } from '@/forms/useSending';
import { saveClass } from '@/server/classes/classActions';
import { useZone } from '@/terms/ZoneContext';
import { Fields } from '@/ui/layout/Page';
import { Button, Choice, Dialog, Select, TextField } from '@/ui/primitives';
import { choiceOfTheme, themeOfChoice, themeOptions } from './themeChoice';

export interface ClassFacts {
  readonly id: string;
  readonly version: number;
  readonly title: string;
  readonly startsAt: string;
  readonly minutes: number;
  readonly uniform: 'gi' | 'no-gi';
  readonly level: string;
  readonly pairsOnMats: number;
  /** One where it does not say. */
  readonly coaches?: number;
  /** What the coach set it to be about. */
  readonly setTheme?: Theme;
}

function fieldsOf(one: ClassFacts | undefined, timeZone: string) {
  const start = one?.startsAt ?? new Date(Date.now() + 86_400_000).toISOString();
  return {
    title: one?.title ?? 'Evening class',
    day: dayIn(timeZone, start),
    time: one ? clockIn(timeZone, start) : '19:00',
    minutes: String(one?.minutes ?? 75),
    uniform: one?.uniform ?? ('gi' as const),
    level: one?.level ?? 'all belts',
    pairsOnMats: String(one?.pairsOnMats ?? 8),
    coaches: one?.coaches === 2 ? ('two' as const) : ('one' as const),
    theme: choiceOfTheme(one?.setTheme),
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
  const zone = useZone();
  const fresh = useNewId();
  const { fields, set } = useDraft(() => fieldsOf(one, zone));
  const { messages, isSending, send } = useSending();
  const save = () => {
    const { day, time, minutes, pairsOnMats, coaches, theme, ...rest } = fields;
    const draft = {
      ...rest,
      startsAt: `${day}T${time}:00`,
      minutes: Number(minutes),
      pairsOnMats: Number(pairsOnMats),
      coaches: coaches === 'two' ? 2 : 1,
      setTheme: themeOfChoice(theme),
    };
    send(
      () => saveClass(draft, one ? { id: one.id, version: one.version } : { id: fresh.id(), version: 0 }),
      ({ classId }) => {
        fresh.renew();
        onClose();
        if (one) router.refresh();
        else router.push(`/classes/${classId}`);
      },
    );
  };
  return (
    <Dialog title={one ? 'This class' : 'A new class'} isOpen={isOpen} onClose={onClose}>
      <FormMessage messages={messages} />
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
        label="Coaches on the mat"
        value={fields.coaches}
        onChange={(coaches) => set({ coaches })}
        options={[
          { value: 'one', label: 'one' },
          { value: 'two', label: 'two: in two groups where that serves clearly more people' },
        ]}
      />
      <WornField value={fields.uniform} onChange={(uniform) => set({ uniform })} />
      <Select
        label="What it is about"
        value={fields.theme}
        onChange={(theme) => set({ theme })}
        options={themeOptions}
      />
      <TextField label="Level" value={fields.level} onChange={(level) => set({ level })} />
      <div className="buttons">
        <Button onPress={onClose}>Leave it</Button>
        <Button look="lead" onPress={save} isPending={isSending}>
          {isSending ? 'Saving …' : 'Save'}
        </Button>
      </div>
    </Dialog>
  );
}
