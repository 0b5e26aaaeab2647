'use client';

import { useRef, useState, useSyncExternalStore } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { Button, ConfirmDialog } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';
import type { TalkDesk } from './talkDesk';
import type { RoundTalk } from './talkState';

const Rows = styled.div`
  display: flex; flex-direction: column; gap: ${space(2)}; font-size: ${size.small};
  .row { display: flex; gap: ${space(3)}; align-items: center; flex-wrap: wrap; }
  .live { color: ${color.harm}; font-variant-numeric: lining-nums tabular-nums; }
  ul { list-style: none; margin: 0; padding: 0; display: flex; flex-direction: column; gap: ${space(1)}; }
  button { min-height: 26px; padding: 0 ${space(2)}; font-size: ${size.small}; }
`;

export interface TalkRowsProps {
  readonly desk: TalkDesk;
  /** The text of a talk was chosen: its times are the talk's own. */
  readonly onText: (file: File, talk: RoundTalk) => void;
}

/** Talks over the footage: record one, play it with the footage, bring its text when a program has written it down. */
export function TalkRows({ desk, onText }: TalkRowsProps) {
  const { talks, recording, playing, problem } = useSyncExternalStore(
    desk.store.subscribe,
    desk.store.get,
    desk.store.get,
  );
  const [removing, setRemoving] = useState<RoundTalk>();
  return (
    <Rows role="group" aria-label="Talks over the footage">
      <div className="row">
        {recording?.state === 'running' ? (
          <>
            <Button look="lead" onPress={desk.stop}>
              Stop recording
            </Button>
            <span className="live" role="status">
              ● {formatClock(recording.seconds)} · play, stop and go back as you like, it is all kept
            </span>
          </>
        ) : (
          <Button onPress={() => void desk.record()} isPending={recording !== undefined}>
            {recording?.state === 'keeping'
              ? 'Keeping the talk …'
              : recording
                ? 'Asking for the microphone …'
                : 'Record a talk'}
          </Button>
        )}
      </div>
      {problem ? <span role="alert">{problem}</span> : null}
      {talks.length > 0 ? (
        <ul>
          {talks.map((talk, at) => (
            <li key={talk.id} className="row">
              <span>
                Talk {at + 1}, {formatClock(talk.seconds)}
                {talk.byName ? ` by ${talk.byName}` : ''}
              </span>
              {playing === talk.id ? (
                <Button look="lead" onPress={desk.silence}>
                  Stop
                </Button>
              ) : (
                <Button onPress={() => desk.play(talk)}>Play with the footage</Button>
              )}
              <TextOf talk={talk} onText={onText} />
              <Button look="plain" onPress={() => setRemoving(talk)}>
                Remove
              </Button>
            </li>
          ))}
        </ul>
      ) : null}
      <ConfirmDialog
        title="Remove this talk?"
        text="Its sound is deleted. Marks that were made of it stay."
        confirm="Remove the talk"
        isOpen={removing !== undefined}
        onClose={() => setRemoving(undefined)}
        onConfirm={() => {
          if (removing) void desk.remove(removing);
          setRemoving(undefined);
        }}
      />
    </Rows>
  );
}

function TextOf({ talk, onText }: { readonly talk: RoundTalk; readonly onText: TalkRowsProps['onText'] }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button onPress={() => input.current?.click()}>Bring its text</Button>
      <input
        ref={input}
        type="file"
        hidden
        aria-label="Text of the talk"
        accept=".vtt,.srt,.txt,text/vtt,text/plain,application/x-subrip"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) onText(file, talk);
          event.target.value = '';
        }}
      />
    </>
  );
}
