'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { findDrill, findError } from '@/core/vocabulary';
import { useAction } from '@/forms/useAction';
import { addOwnWord } from '@/server/language/houseActions';
import { useWordOf } from '@/terms/HouseContext';
import { Notice, Quiet, Row, Stack } from '@/ui/layout/Page';
import { Button, Dialog, TextField } from '@/ui/primitives';

export interface OwnWordDialogProps {
  readonly likeId: string;
  readonly isOpen: boolean;
  readonly onClose: () => void;
}

/** A new word of the academy's own: a kind of a standard entry, so that its figures and drills are known from the first mark. */
export function OwnWordDialog({ likeId, isOpen, onClose }: OwnWordDialogProps) {
  const router = useRouter();
  const wordOf = useWordOf();
  const { message, pending, run } = useAction();
  const [name, setName] = useState('');
  const [aliases, setAliases] = useState('');
  const [text, setText] = useState('');
  const textLabel = findDrill(likeId) ? 'How it starts' : findError(likeId) ? 'What to say' : undefined;
  const save = () =>
    run(
      () =>
        addOwnWord({
          likeId,
          name,
          text,
          aliases: aliases
            .split(',')
            .map((one) => one.trim())
            .filter(Boolean),
        }),
      ({ id }) => {
        onClose();
        router.push(`/library/${id}`);
      },
    );
  return (
    <Dialog title={`A kind of ${wordOf(likeId)}`} isOpen={isOpen} onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          save();
        }}
      >
        <Stack>
          <Quiet>
            It gets rows and figures of its own, and counts against the same chances as {wordOf(likeId)}, from the first
            mark on.
          </Quiet>
          <TextField label="Our name" value={name} onChange={setName} autoFocus />
          <TextField label="Other words, with commas" value={aliases} onChange={setAliases} />
          {textLabel ? <TextField label={textLabel} value={text} onChange={setText} /> : null}
          {message ? <Notice role="alert">{message}</Notice> : null}
          <Row>
            <Button look="lead" type="submit" isPending={pending}>
              Add the word
            </Button>
            <Button look="plain" onPress={onClose}>
              Cancel
            </Button>
          </Row>
        </Stack>
      </form>
    </Dialog>
  );
}
