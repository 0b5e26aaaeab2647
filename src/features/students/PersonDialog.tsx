'use client';

import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import { fromKilograms, readWeight, type WeightUnit } from '@/core/kernel';
import { type AnyBelt, mostStripes } from '@/core/vocabulary';
import { DayField } from '@/forms/DayField';
import { savePerson } from '@/server/people/personActions';
import { beltOptions, NOT_SAID, readBelt } from '@/terms/beltChoice';
import { useNewId } from '@/ui/forms/useNewId';
import { Fields, Notice } from '@/ui/layout/Page';
import { Button, Choice, Dialog, Select, TextField } from '@/ui/primitives';

export interface PersonFacts {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly standing: 'student' | 'partner' | 'guest';
  readonly division?: 'male' | 'female';
  readonly bornOn?: string;
  readonly belt?: AnyBelt;
  readonly stripes: number;
  readonly weightKg?: number;
  readonly injuredUntil?: string;
  readonly injuryNote?: string;
  readonly heightCm?: number;
  readonly competesOn?: string;
}

export interface PersonDialogProps {
  readonly person?: PersonFacts;
  readonly isOpen: boolean;
  readonly onClose: () => void;
  readonly unit: WeightUnit;
}

const fieldsOf = (person: PersonFacts | undefined, unit: WeightUnit) => ({
  name: person?.name ?? '',
  standing: person?.standing ?? ('student' as const),
  division: person?.division,
  bornOn: person?.bornOn ?? '',
  belt: person?.belt,
  stripes: person?.stripes ?? 0,
  weight: person?.weightKg === undefined ? '' : String(Number(fromKilograms(person.weightKg, unit).toFixed(1))),
  injuredUntil: person?.injuredUntil ?? '',
  injuryNote: person?.injuryNote ?? '',
  height: person?.heightCm === undefined ? '' : String(person.heightCm),
  competesOn: person?.competesOn ?? '',
});

const readNumber = (text: string): number | undefined =>
  text.trim() === '' ? undefined : Number(text.trim().replace(',', '.'));

export function PersonDialog({ person, isOpen, onClose, unit }: PersonDialogProps) {
  const router = useRouter();
  const fresh = useNewId();
  const [fields, setFields] = useState(() => fieldsOf(person, unit));
  const [messages, setMessages] = useState<Readonly<Record<string, string>>>({});
  const [saving, startSaving] = useTransition();
  const set = (patch: Partial<typeof fields>) => setFields((current) => ({ ...current, ...patch }));

  const save = () =>
    startSaving(async () => {
      const { weight, height, ...rest } = fields;
      const typed = readWeight(weight, unit);
      const outcome = await savePerson(
        { ...rest, weight: typed?.reading, weightUnit: typed?.unit ?? unit, heightCm: readNumber(height) },
        person ? { id: person.id, version: person.version } : { id: fresh.id(), version: 0 },
      ).catch(() => undefined);
      if (!outcome)
        return setMessages({ '': 'The server could not be reached. Nothing is lost: try again in a moment.' });
      if (!outcome.ok) return setMessages(outcome.messages);
      setMessages({});
      fresh.renew();
      onClose();
      if (person) router.refresh();
      else router.push(`/students/${outcome.personId}`);
    });

  return (
    <Dialog title={person ? `Details of ${person.name}` : 'Somebody new'} isOpen={isOpen} onClose={onClose}>
      {messages[''] ? <Notice role="alert">{messages['']}</Notice> : null}
      <TextField
        label="Name"
        value={fields.name}
        onChange={(name) => set({ name })}
        problem={messages.name}
        autoFocus
      />
      <Choice
        label="Is a"
        value={fields.standing}
        onChange={(standing) => set({ standing })}
        options={[
          { value: 'student', label: 'Student' },
          { value: 'partner', label: 'Partner' },
          { value: 'guest', label: 'Guest' },
        ]}
      />
      <Choice
        label="Division"
        value={fields.division}
        onChange={(division) => set({ division })}
        options={[
          { value: 'female', label: 'Female' },
          { value: 'male', label: 'Male' },
        ]}
      />
      <Fields>
        <Select
          label="Belt"
          options={beltOptions}
          value={fields.belt ?? NOT_SAID}
          onChange={(belt) => set({ belt: readBelt(belt), stripes: 0 })}
        />
        <Select
          label="Stripes"
          options={Array.from({ length: mostStripes(fields.belt) + 1 }, (_, count) => ({
            value: String(count),
            label: String(count),
          }))}
          value={String(fields.stripes)}
          onChange={(stripes) => set({ stripes: Number(stripes) })}
          problem={messages.stripes}
        />
        <TextField
          label="Weight"
          unit={unit}
          inputMode="decimal"
          value={fields.weight}
          onChange={(weight) => set({ weight })}
          problem={messages.weight}
        />
        <DayField
          label="Born on"
          value={fields.bornOn}
          onChange={(bornOn) => set({ bornOn })}
          problem={messages.bornOn}
        />
        <TextField
          label="Height"
          unit="cm"
          inputMode="numeric"
          value={fields.height}
          onChange={(height) => set({ height })}
          problem={messages.heightCm}
        />
        <DayField
          label="Next competition"
          hint="empty for none"
          value={fields.competesOn}
          onChange={(competesOn) => set({ competesOn })}
          problem={messages.competesOn}
        />
      </Fields>
      <Fields>
        <DayField
          label="Injured until"
          hint="empty for none"
          value={fields.injuredUntil}
          onChange={(injuredUntil) => set({ injuredUntil })}
          problem={messages.injuredUntil}
        />
        <TextField
          label="What to spare"
          value={fields.injuryNote}
          onChange={(injuryNote) => set({ injuryNote })}
          problem={messages.injuryNote}
        />
      </Fields>
      <div className="buttons">
        <Button onPress={onClose}>Leave as it was</Button>
        <Button look="lead" onPress={save} isPending={saving}>
          {saving ? 'Saving …' : 'Save'}
        </Button>
      </div>
    </Dialog>
  );
}
