'use client';

import { useRouter } from 'next/navigation';
import type { OwnBlock } from '@/core/planning';
import { listConceptIds } from '@/core/vocabulary';
import { FormMessage } from '@/forms/FormMessage';
import { useDraft, useSending } from '@/forms/useSending';
import { keepOwnBlocks } from '@/server/classes/classActions';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { Fields, Quiet, Row, Stack } from '@/ui/layout/Page';
import { Button, ComboField, Select, TextField } from '@/ui/primitives';

interface OwnBlocksProps {
  readonly classId: string;
  readonly blocks: readonly OwnBlock[];
  /** Units of the curriculum, by their titles: a block may be one of them. */
  readonly units: readonly string[];
}

const places = [
  { value: 'before', label: 'before the lessons' },
  { value: 'after', label: 'after the lessons' },
] as const;
const MOST_OFFERED = 8;
const nothing = () => ({ title: '', minutes: '10', place: 'before' as OwnBlock['place'] });

/** Blocks of the coach's own: a technique or anything of the library by its name, or own words, with the minutes that they take from the lessons. */
export function OwnBlocks({ classId, blocks, units }: OwnBlocksProps) {
  const router = useRouter();
  const wordOf = useWordOf();
  const house = useHouse();
  const { fields, set } = useDraft(nothing);
  const { messages, isSending, send } = useSending();
  const wanted = fields.title.trim().toLowerCase();
  const entries = (['attempt', 'drill', 'position'] as const).flatMap((kind) =>
    listConceptIds(house, kind).map((id) => ({ id, name: wordOf(id) })),
  );
  const offered = [...units.map((title) => ({ id: title, name: title })), ...entries]
    .filter((one) => wanted !== '' && one.name.toLowerCase().includes(wanted))
    .slice(0, MOST_OFFERED);
  const keep = (next: readonly OwnBlock[]) =>
    send(
      () => keepOwnBlocks(classId, [...next]),
      () => {
        set(nothing());
        router.refresh();
      },
    );
  const add = () => {
    const { title, minutes, place } = fields;
    const conceptId = entries.find((one) => one.name.toLowerCase() === wanted)?.id;
    keep([...blocks, { id: crypto.randomUUID(), title: title.trim(), minutes: Number(minutes), place, conceptId }]);
  };
  return (
    <Stack>
      <FormMessage messages={messages} />
      {blocks.map((one) => (
        <Row key={one.id}>
          <span>
            {one.title}{' '}
            <Quiet>
              {one.minutes} min, {places.find(({ value }) => value === one.place)?.label}
            </Quiet>
          </span>
          <Button
            look="plain"
            aria-label={`Take ${one.title} out`}
            onPress={() => keep(blocks.filter((other) => other !== one))}
          >
            take out
          </Button>
        </Row>
      ))}
      <Fields>
        <ComboField
          label="A block of your own"
          text={fields.title}
          onText={(title) => set({ title })}
          options={offered.map(({ id, name }) => ({ id, label: name }))}
          onChoose={(id) => set({ title: units.includes(id) ? id : wordOf(id) })}
          placeholder="a technique, a unit, or your own words"
        />
        <TextField
          label="Minutes"
          unit="min"
          inputMode="numeric"
          value={fields.minutes}
          onChange={(minutes) => set({ minutes })}
        />
        <Select label="When" value={fields.place} onChange={(place) => set({ place })} options={places} />
      </Fields>
      <Row>
        <Button onPress={add} isDisabled={fields.title.trim() === ''} isPending={isSending}>
          Put it in
        </Button>
      </Row>
    </Stack>
  );
}
