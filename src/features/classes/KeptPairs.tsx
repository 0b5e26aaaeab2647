'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { FormMessage } from '@/forms/FormMessage';
import { useSending } from '@/forms/useSending';
import { keepPairs } from '@/server/classes/classActions';
import { Quiet, Row, Stack } from '@/ui/layout/Page';
import { Button, Select } from '@/ui/primitives';

export interface KeptPairsProps {
  readonly classId: string;
  readonly pairs: readonly (readonly [string, string])[];
  /** Who is expected. */
  readonly people: readonly { readonly id: string; readonly name: string }[];
}

/** Who works together because the coach says so: in every lesson and round of this class in which no rule forbids it. */
export function KeptPairs({ classId, pairs, people }: KeptPairsProps) {
  const router = useRouter();
  const { messages, isSending, send } = useSending();
  const [one, setOne] = useState<string>();
  const [other, setOther] = useState<string>();
  const nameOf = (id: string) => people.find((person) => person.id === id)?.name ?? 'somebody';
  const taken = new Set(pairs.flat());
  const optionsWithout = (id: string | undefined) =>
    people
      .filter((person) => person.id !== id && !taken.has(person.id))
      .map(({ id: value, name }) => ({ value, label: name }));
  const keep = (next: KeptPairsProps['pairs']) =>
    send(
      () =>
        keepPairs(
          classId,
          next.map(([first, second]) => [first, second]),
        ),
      () => {
        setOne(undefined);
        setOther(undefined);
        router.refresh();
      },
    );
  return (
    <Stack>
      <FormMessage messages={messages} />
      {pairs.map(([first, second]) => (
        <Row key={`${first} ${second}`}>
          <span>
            {nameOf(first)} and {nameOf(second)} <Quiet>work together</Quiet>
          </span>
          <Button
            look="plain"
            aria-label={`No longer keep ${nameOf(first)} and ${nameOf(second)} together`}
            onPress={() => keep(pairs.filter((pair) => pair[0] !== first))}
          >
            no longer
          </Button>
        </Row>
      ))}
      <Row style={{ alignItems: 'flex-end' }}>
        <Select
          label="Keep together"
          value={one}
          onChange={setOne}
          options={optionsWithout(other)}
          placeholder="somebody …"
        />
        <Select label="and" value={other} onChange={setOther} options={optionsWithout(one)} placeholder="somebody …" />
        <Button
          isDisabled={!one || !other}
          isPending={isSending}
          onPress={() => {
            if (one && other) keep([...pairs, [one, other]]);
          }}
        >
          Keep them together
        </Button>
        <Quiet>Plans made from now on do so, unless a rule forbids it.</Quiet>
      </Row>
    </Stack>
  );
}
