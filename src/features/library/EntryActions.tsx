'use client';

import { useState } from 'react';
import { useAction } from '@/forms/useAction';
import { hideConcept } from '@/server/language/houseActions';
import { Notice } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';
import { OwnWordDialog } from './OwnWordDialog';

/** What a coach may do with an entry as a whole. */
export function EntryActions({
  id,
  hidden,
  isOwn,
}: {
  readonly id: string;
  readonly hidden: boolean;
  readonly isOwn: boolean;
}) {
  const { message, pending, run } = useAction();
  const [adding, setAdding] = useState(false);
  return (
    <>
      {message ? <Notice role="alert">{message}</Notice> : null}
      {isOwn ? null : <Button onPress={() => setAdding(true)}>A kind of this, with our own name</Button>}
      <Button isPending={pending} onPress={() => run(() => hideConcept(id, !hidden))}>
        {hidden ? 'Bring back' : 'Hide'}
      </Button>
      <OwnWordDialog likeId={id} isOpen={adding} onClose={() => setAdding(false)} />
    </>
  );
}
