'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { styled } from 'styled-components';
import { FormMessage } from '@/forms/FormMessage';
import { useNewId } from '@/forms/useNewId';
import { useSending } from '@/forms/useSending';
import { moveRounds } from '@/server/people/moveRoundsActions';
import { Notice, Row } from '@/ui/layout/Page';
import { Button, TextField } from '@/ui/primitives';
import { space } from '@/ui/tokens/tokens';

const Buttons = styled.div`
  display: flex; gap: ${space(3)}; padding-top: 20px;
`;

export interface GiveRoundsProps {
  readonly person: { readonly id: string; readonly name: string };
  readonly chosenIds: readonly string[];
  readonly onDone: () => void;
}

/** Gives the chosen rounds to whom they belong, when two people were taken for one; it can be taken back at once. */
export function GiveRounds({ person, chosenIds, onDone }: GiveRoundsProps) {
  const router = useRouter();
  const fresh = useNewId();
  const [name, setName] = useState('');
  const [given, setGiven] = useState<{ moved: number; toId: string; toName: string; roundIds: readonly string[] }>();
  const { messages, isSending, send } = useSending();
  const give = () =>
    send(
      () => moveRounds({ fromId: person.id, roundIds: [...chosenIds], name, newId: fresh.id() }),
      (kept) => {
        fresh.renew();
        setGiven({ ...kept, roundIds: chosenIds });
        router.refresh();
      },
    );
  const takeBack = () =>
    given &&
    send(
      () => moveRounds({ fromId: given.toId, roundIds: [...given.roundIds], name: person.name, newId: fresh.id() }),
      () => {
        setGiven(undefined);
        router.refresh();
      },
    );
  if (given)
    return (
      <Notice data-tone="calm" role="status">
        <FormMessage messages={messages} />
        {given.moved === 1 ? 'One round is' : `${given.moved} rounds are`} kept under{' '}
        <Link href={`/students/${given.toId}`}>{given.toName}</Link> now.{' '}
        <Button look="plain" onPress={takeBack} isPending={isSending}>
          Take it back
        </Button>{' '}
        <Button look="plain" onPress={onDone}>
          Done
        </Button>
      </Notice>
    );
  return (
    <Notice data-tone="calm" style={{ maxWidth: 'none', marginBottom: 12 }}>
      <FormMessage messages={messages} />
      <Row style={{ alignItems: 'flex-start' }}>
        <TextField
          label="Whose are they?"
          hint="a name that is known here, or somebody new"
          value={name}
          onChange={setName}
          problem={messages.name}
        />
        <Buttons>
          <Button look="lead" onPress={give} isPending={isSending} isDisabled={chosenIds.length === 0}>
            {chosenIds.length === 0
              ? 'Choose rounds below'
              : `Give ${chosenIds.length === 1 ? 'this round' : `these ${chosenIds.length} rounds`} to them`}
          </Button>
          <Button onPress={onDone}>Leave as it was</Button>
        </Buttons>
      </Row>
    </Notice>
  );
}
