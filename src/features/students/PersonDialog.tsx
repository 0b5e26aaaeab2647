'use client';

import { useRouter } from 'next/navigation';
import { fromKilograms, readWeight, type WeightUnit } from '@/core/kernel';
import type { AnyBelt } from '@/core/vocabulary';
import { DayField } from '@/forms/DayField';
import { FormMessage } from '@/forms/FormMessage';
import { BeltField, DivisionField, HeightField, StandingField, StripesField, WeightField } from '@/forms/PersonFields';
import { useNewId } from '@/forms/useNewId';
import { useDraft, useSending } from '@/forms/useSending';
import { savePerson } from '@/server/people/personActions';
import { Fields, Row } from '@/ui/layout/Page';
import { Button, Dialog, TextArea, TextField } from '@/ui/primitives';

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
  readonly note?: string;
  /** Where messages to them go; empty for nowhere. */
  readonly email?: string;
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
  note: person?.note ?? '',
  email: person?.email ?? '',
});

const readNumber = (text: string): number | undefined =>
  text.trim() === '' ? undefined : Number(text.trim().replace(',', '.'));

export function PersonDialog({ person, isOpen, onClose, unit }: PersonDialogProps) {
  const router = useRouter();
  const fresh = useNewId();
  const { fields, set } = useDraft(() => fieldsOf(person, unit));
  const { messages, isSending, send } = useSending();

  const save = () => {
    const { weight, height, ...rest } = fields;
    const typed = readWeight(weight, unit);
    const draft = { ...rest, weight: typed?.reading, weightUnit: typed?.unit ?? unit, heightCm: readNumber(height) };
    const seen = person ? { id: person.id, version: person.version } : { id: fresh.id(), version: 0 };
    send(
      () => savePerson(draft, seen),
      ({ personId }) => {
        fresh.renew();
        onClose();
        if (person) router.refresh();
        else router.push(`/students/${personId}`);
      },
    );
  };

  return (
    <Dialog title={person ? `Details of ${person.name}` : 'Somebody new'} isOpen={isOpen} onClose={onClose}>
      <FormMessage messages={messages} />
      <TextField
        label="Name"
        value={fields.name}
        onChange={(name) => set({ name })}
        problem={messages.name}
        autoFocus
      />
      <Row style={{ alignItems: 'flex-start', gap: 32 }}>
        <StandingField value={fields.standing} onChange={(standing) => set({ standing })} />
        <DivisionField value={fields.division} onChange={(division) => set({ division })} />
      </Row>
      <Fields>
        <BeltField label="Belt" value={fields.belt} onChange={(belt) => set({ belt, stripes: 0 })} />
        <StripesField
          belt={fields.belt}
          value={fields.stripes}
          onChange={(stripes) => set({ stripes })}
          problem={messages.stripes}
        />
        <WeightField
          unit={unit}
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
        <HeightField value={fields.height} onChange={(height) => set({ height })} problem={messages.heightCm} />
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
        <TextField
          label="E-mail"
          hint="for their reviews; empty for none"
          value={fields.email}
          onChange={(email) => set({ email })}
          problem={messages.email}
        />
      </Fields>
      <TextArea label="Notes" value={fields.note} onChange={(note) => set({ note })} problem={messages.note} />
      <div className="buttons">
        <Button onPress={onClose}>Leave as it was</Button>
        <Button look="lead" onPress={save} isPending={isSending}>
          {isSending ? 'Saving …' : 'Save'}
        </Button>
      </div>
    </Dialog>
  );
}
