'use client';

import Link from 'next/link';
import { useEffect, useState } from 'react';
import type { Outcome } from '@/core/kernel';
import type { SavedPiece } from '@/core/reel';
import { Quiet } from '@/ui/layout/Page';
import { Button, Dialog, Form, Select, TextField } from '@/ui/primitives';
import { FormMessage } from './FormMessage';
import { useNewId } from './useNewId';
import { useDraft, useSending } from './useSending';

const NEW = 'new';

export interface KeptReel {
  readonly id: string;
  readonly name: string;
  readonly moments: number;
}

export interface IntoReelDialogProps {
  readonly pieces: readonly SavedPiece[];
  /** What a new reel is called at first. */
  readonly name: string;
  readonly onClose: () => void;
  /** The reels that are kept, the newest first. */
  readonly list: () => Promise<Outcome<{ readonly reels: readonly KeptReel[] }>>;
  /** Puts the moments at the end of a reel, or begins one under an id of the page’s. */
  readonly put: (
    into: { readonly reelId?: string; readonly name: string; readonly pieces: readonly SavedPiece[] },
    newId: string,
  ) => Promise<Outcome<{ readonly reelId: string; readonly added: number }>>;
}

/** Puts moments into a reel that is kept, or begins one with them. */
export function IntoReelDialog({ pieces, name, onClose, list, put }: IntoReelDialogProps) {
  const [reels, setReels] = useState<readonly KeptReel[]>();
  const [kept, setKept] = useState<{ readonly reelId: string; readonly added: number }>();
  const { fields, set } = useDraft((): { reelId?: string; name: string } => ({ name }));
  const { messages, isSending, send } = useSending();
  const fresh = useNewId();
  useEffect(() => {
    let isOver = false;
    void list()
      .catch(() => undefined)
      .then((outcome) => {
        if (!isOver) setReels(outcome?.ok ? outcome.reels : []);
      });
    return () => {
      isOver = true;
    };
  }, [list]);
  // Most often one moment after the other goes into the same reel, which is the newest.
  const reelId = fields.reelId ?? reels?.[0]?.id ?? NEW;
  const isNew = reelId === NEW;
  const keep = () =>
    send(() => put({ reelId: isNew ? undefined : reelId, name: fields.name, pieces }, fresh.id()), setKept);
  const chosen = reels?.find((one) => one.id === reelId);
  return (
    <Dialog
      light="loft"
      title={pieces.length === 1 ? 'This moment into a reel' : `${pieces.length} moments into a reel`}
      isOpen
      onClose={onClose}
    >
      {kept ? (
        <>
          <p role="status">
            {keptWords(kept.added)} <Link href={`/reels/${kept.reelId}`}>{chosen?.name ?? fields.name}</Link>
          </p>
          <div className="buttons">
            <Button look="lead" onPress={onClose} autoFocus>
              Go on
            </Button>
          </div>
        </>
      ) : (
        <Form
          onSubmit={(event) => {
            event.preventDefault();
            keep();
          }}
        >
          <FormMessage messages={messages} />
          {reels === undefined ? <Quiet role="status">Looking for reels …</Quiet> : null}
          {reels && reels.length > 0 ? (
            <Select
              label="Reel"
              value={reelId}
              onChange={(chosenId) => set({ reelId: chosenId })}
              options={[
                ...reels.map((one) => ({ value: one.id, label: `${one.name} (${one.moments})` })),
                { value: NEW, label: 'a new one' },
              ]}
            />
          ) : null}
          {reels && isNew ? (
            <TextField
              label="Name of the reel"
              value={fields.name}
              onChange={(text) => set({ name: text })}
              problem={messages.name}
            />
          ) : null}
          <div className="buttons">
            <Button onPress={onClose}>Close</Button>
            <Button type="submit" look="lead" isPending={isSending} isDisabled={reels === undefined}>
              {isNew ? 'Begin the reel' : 'Put at its end'}
            </Button>
          </div>
        </Form>
      )}
    </Dialog>
  );
}

function keptWords(added: number): string {
  if (added === 0) return 'It is there already:';
  return added === 1 ? 'It stands at the end of' : `${added} moments stand at the end of`;
}
