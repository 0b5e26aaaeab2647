'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { FormMessage } from '@/forms/FormMessage';
import { useSending } from '@/forms/useSending';
import { closeCalendarAddress, openCalendarAddress } from '@/server/classes/calendarAddressActions';
import { dayWords } from '@/terms/dayWords';
import { Quiet, Row } from '@/ui/layout/Page';
import { Button, ConfirmDialog, Dialog, TextField } from '@/ui/primitives';

export interface CalendarProgramProps {
  /** The days on which this coach's address was made and last read; absent when there is none. */
  readonly address?: { readonly madeOn: string; readonly lastReadOn?: string };
  readonly isOpen: boolean;
  readonly onClose: () => void;
}

/** The classes in the coach's own calendar program: once as a file, or by an address that it reads again and again. */
export function CalendarProgram({ address, isOpen, onClose }: CalendarProgramProps) {
  const router = useRouter();
  const { messages, isSending, send } = useSending();
  const [made, setMade] = useState<string>();
  const [isAsking, setAsking] = useState<'open' | 'close'>();
  const open = () =>
    send(openCalendarAddress, ({ path }) => {
      setMade(`${window.location.origin}${path}`);
      router.refresh();
    });
  const close = () =>
    send(closeCalendarAddress, () => {
      setMade(undefined);
      router.refresh();
    });
  return (
    <Dialog title="Classes in your calendar" isOpen={isOpen} onClose={onClose}>
      <p>
        <a href="/api/classes/calendar" download>
          A file with every class ahead
        </a>
        <br />
        <Quiet>As it is now; later changes do not reach it.</Quiet>
      </p>
      <p>
        Or an address that your calendar program reads by itself about every hour. Whoever has it sees times, themes and
        lessons without signing in, and no names of students.
      </p>
      <FormMessage messages={messages} />
      {made ? (
        <>
          <TextField
            label="Your address, shown only now"
            value={made}
            isReadOnly
            onFocus={(event) => selectAll(event.target)}
            autoFocus
          />
          <Row>
            <Button onPress={() => navigator.clipboard?.writeText(made)}>Copy it</Button>
          </Row>
        </>
      ) : null}
      {address ? (
        <Quiet>
          Made {dayWords(address.madeOn)};{' '}
          {address.lastReadOn ? `last read ${dayWords(address.lastReadOn)}` : 'not read yet'}.
        </Quiet>
      ) : null}
      <Row>
        {address ? (
          <>
            <Button isPending={isSending} onPress={() => setAsking('open')}>
              A new address instead
            </Button>
            <Button look="plain" onPress={() => setAsking('close')}>
              Close it
            </Button>
          </>
        ) : (
          <Button look="lead" isPending={isSending} onPress={open}>
            Make an address
          </Button>
        )}
      </Row>
      <div className="buttons">
        <Button onPress={onClose}>Done</Button>
      </div>
      <ConfirmDialog
        title={isAsking === 'open' ? 'A new address instead?' : 'Close this address?'}
        text="Calendar programs that read the address of now see no more changes."
        confirm={isAsking === 'open' ? 'A new one' : 'Close it'}
        isOpen={isAsking !== undefined}
        onClose={() => setAsking(undefined)}
        onConfirm={isAsking === 'open' ? open : close}
      />
    </Dialog>
  );
}

const selectAll = (target: Element) => {
  if (target instanceof HTMLInputElement) target.select();
};
