'use client';

import { useRouter } from 'next/navigation';
import { type Belt, belts, beltWords, listConceptIds } from '@/core/vocabulary';
import { AddByName } from '@/forms/AddByName';
import { FormMessage } from '@/forms/FormMessage';
import { useNewId } from '@/forms/useNewId';
import { useDraft, useSending } from '@/forms/useSending';
import { saveUnit } from '@/server/classes/unitActions';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { Notice, Row } from '@/ui/layout/Page';
import { Button, Dialog, Select, TextField } from '@/ui/primitives';

export interface UnitFacts {
  readonly id: string;
  readonly version: number;
  readonly title: string;
  readonly belt: Belt;
  readonly conceptIds: readonly string[];
}

interface UnitDialogProps {
  readonly unit?: UnitFacts;
  readonly isOpen: boolean;
  readonly onClose: () => void;
}

/** A unit: its name, its belt, and the entries of the library that it teaches. */
export function UnitDialog({ unit, isOpen, onClose }: UnitDialogProps) {
  const router = useRouter();
  const house = useHouse();
  const wordOf = useWordOf();
  const fresh = useNewId();
  const { fields, set } = useDraft(() => ({
    title: unit?.title ?? '',
    belt: unit?.belt ?? ('white' as Belt),
    conceptIds: unit?.conceptIds ?? ([] as readonly string[]),
  }));
  const { messages, isSending, send } = useSending();
  const entries = (['attempt', 'position', 'drill', 'strength', 'grip'] as const).flatMap((kind) =>
    listConceptIds(house, kind)
      .filter((id) => !fields.conceptIds.includes(id))
      .map((id) => ({ id, name: wordOf(id) })),
  );
  const save = () =>
    send(
      () =>
        saveUnit(
          { ...fields, conceptIds: [...fields.conceptIds] },
          unit ? { id: unit.id, version: unit.version } : { id: fresh.id(), version: 0 },
        ),
      () => {
        fresh.renew();
        onClose();
        router.refresh();
      },
    );
  return (
    <Dialog title={unit ? 'This unit' : 'A new unit'} isOpen={isOpen} onClose={onClose}>
      <FormMessage messages={messages} />
      <TextField
        label="Name"
        value={fields.title}
        onChange={(title) => set({ title })}
        problem={messages.title}
        autoFocus
      />
      <Select
        label="For"
        value={fields.belt}
        onChange={(belt) => set({ belt })}
        options={belts.map((belt) => ({ value: belt, label: beltWords(belt, 0) }))}
      />
      {messages.conceptIds ? <Notice role="alert">{messages.conceptIds}</Notice> : null}
      <Row>
        {fields.conceptIds.map((id) => (
          <Button
            key={id}
            aria-label={`Take ${wordOf(id)} out`}
            onPress={() => set({ conceptIds: fields.conceptIds.filter((one) => one !== id) })}
          >
            {wordOf(id)} ×
          </Button>
        ))}
      </Row>
      <AddByName label="Teaches" options={entries} onChoose={(id) => set({ conceptIds: [...fields.conceptIds, id] })} />
      <div className="buttons">
        <Button onPress={onClose}>Leave it</Button>
        <Button look="lead" onPress={save} isPending={isSending}>
          {isSending ? 'Saving …' : 'Save'}
        </Button>
      </div>
    </Dialog>
  );
}
