'use client';

import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { ActionLink, Notice, Quiet, Row } from '@/ui/layout/Page';
import { Button, Progress } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';
import { canTryAgain, problemWords } from './problemWords';
import type { ArrivalNews, ShelfNews } from './shelfNews';
import type { Upload } from './useUploads';

const List = styled.ul`
  list-style: none; margin: ${space(4)} 0 0; padding: 0; display: flex; flex-direction: column; gap: ${space(4)};
  li { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: ${space(2)} ${space(4)}; align-items: center; border-bottom: 1px solid ${color.rule}; padding-bottom: ${space(3)}; overflow-wrap: anywhere; }
`;

const megabytes = (bytes: number): string => (bytes / 1024 ** 2).toFixed(bytes < 10 * 1024 ** 2 ? 1 : 0);
const share = (done: number, all: number): number => (done / Math.max(1, all)) * 100;

export interface OnTheWayProps {
  readonly uploads: readonly Upload[];
  readonly news: ShelfNews;
  readonly onPause: (key: number) => void;
  readonly onResume: (key: number) => void;
  readonly onRemove: (key: number) => void;
  readonly onTryAgain: (arrivalId: string) => void;
  readonly onForget: (arrivalId: string) => void;
}

/** Everything that is coming in: from this page, from other pages and earlier days, and from the camera. */
export function OnTheWay(props: OnTheWayProps) {
  const { uploads, news } = props;
  const own = new Set(uploads.filter((one) => one.state !== 'sent').map((one) => one.arrivalId));
  const others = news.arrivals.filter((one) => !own.has(one.id));
  const unsent = uploads.filter(
    (one) => one.state !== 'sent' || !news.arrivals.some((arrival) => arrival.id === one.arrivalId),
  );
  if (unsent.length + others.length + news.inbox.length === 0) return null;
  const waits = news.workers === 0 && (news.inbox.length > 0 || others.some((one) => one.state === 'waiting'));
  return (
    <List aria-label="On the way">
      {waits ? (
        <Notice data-tone="caution">
          Nobody is at work: what has come will be looked at when the application is started again (bin/owl start).
        </Notice>
      ) : null}
      {unsent.map((upload) => (
        <li key={upload.key}>
          <UploadMatter upload={upload} />
          <UploadVerbs upload={upload} {...props} />
        </li>
      ))}
      {others.map((arrival) => (
        <li key={arrival.id}>
          <ArrivalMatter arrival={arrival} />
          <ArrivalVerbs arrival={arrival} {...props} />
        </li>
      ))}
      {news.inbox.map((file) => (
        <li key={file.name}>
          <span>
            <strong>{file.name}</strong>{' '}
            <Quiet>· in the camera’s inbox, {megabytes(file.byteLength)} MB so far; taken when it stops growing</Quiet>
          </span>
        </li>
      ))}
    </List>
  );
}

function uploadWords(upload: Upload): string {
  const sent = `${megabytes(upload.sentBytes)} of ${megabytes(upload.totalBytes)} MB`;
  switch (upload.state) {
    case 'beginning':
      return 'waiting for its turn';
    case 'paused':
      return `${sent}, paused`;
    case 'away':
      return `${sent}; no connection, trying again by itself`;
    case 'sent':
      return 'all sent';
    default:
      return upload.secondsLeft === undefined ? sent : `${sent}, about ${formatClock(upload.secondsLeft)} left`;
  }
}

function UploadMatter({ upload }: { readonly upload: Upload }) {
  if (upload.state === 'failed')
    return (
      <Notice role="alert">
        <strong>{upload.name}</strong> was not taken. {upload.message}
      </Notice>
    );
  if (upload.state === 'here-already')
    return (
      <span>
        <strong>{upload.name}</strong> · {upload.message}
      </span>
    );
  return (
    <Progress label={upload.name} percent={share(upload.sentBytes, upload.totalBytes)} words={uploadWords(upload)} />
  );
}

function UploadVerbs({ upload, onPause, onResume, onRemove }: { readonly upload: Upload } & OnTheWayProps): ReactNode {
  if (upload.state === 'here-already') return <ActionLink href={`/footage/${upload.footageId}`}>Open it</ActionLink>;
  if (upload.state === 'failed')
    return (
      <Row>
        {upload.canGoOn ? <Button onPress={() => onResume(upload.key)}>Go on</Button> : null}
        <Button look={upload.canGoOn ? 'plain' : 'quiet'} onPress={() => onRemove(upload.key)}>
          Dismiss
        </Button>
      </Row>
    );
  if (upload.state === 'sent') return null;
  return (
    <Row>
      {upload.state === 'paused' ? (
        <Button onPress={() => onResume(upload.key)}>Go on</Button>
      ) : upload.state === 'beginning' ? null : (
        <Button onPress={() => onPause(upload.key)}>Pause</Button>
      )}
      <Button look="plain" onPress={() => onRemove(upload.key)}>
        Give up
      </Button>
    </Row>
  );
}

function ArrivalMatter({ arrival }: { readonly arrival: ArrivalNews }) {
  const name = arrival.originalName;
  switch (arrival.state) {
    case 'arriving':
      return (
        <Progress
          label={name}
          percent={share(arrival.receivedBytes, arrival.byteLength)}
          words={`${megabytes(arrival.receivedBytes)} of ${megabytes(arrival.byteLength)} MB are here. Choose the same file again to go on.`}
        />
      );
    case 'waiting':
    case 'checking':
      return (
        <Progress
          label={name}
          percent={arrival.progress * 100}
          words={arrival.state === 'waiting' ? 'all here; waiting to be looked at' : 'all here; looking at the file …'}
        />
      );
    case 'taken':
      return (
        <span>
          <strong>{name}</strong> ·{' '}
          {arrival.already ? 'This very file was here already; nothing was stored twice.' : 'On the shelf.'}
        </span>
      );
    case 'refused':
      return (
        <Notice role="alert">
          <strong>{name}</strong> was not taken. {problemWords(arrival.problem?.code ?? '', arrival.problem)}
          {arrival.source === 'camera' ? keptWords(arrival) : null}
        </Notice>
      );
  }
}

/** Where the only copy of a camera's file is. */
const keptWords = (arrival: ArrivalNews): string =>
  canTryAgain(arrival.problem?.code ?? '')
    ? ' Nothing of it is lost; Dismiss moves it to the folder “refused”.'
    : ' It is kept in the folder “refused”.';

function ArrivalVerbs({ arrival, onTryAgain, onForget }: { readonly arrival: ArrivalNews } & OnTheWayProps): ReactNode {
  if (arrival.state === 'taken')
    return (
      <ActionLink data-look="lead" href={`/footage/${arrival.footageId}`}>
        Cut out rounds
      </ActionLink>
    );
  if (arrival.state === 'refused')
    return (
      <Row>
        {canTryAgain(arrival.problem?.code ?? '') ? (
          <Button onPress={() => onTryAgain(arrival.id)}>Try again</Button>
        ) : null}
        <Button look="plain" onPress={() => onForget(arrival.id)}>
          Dismiss
        </Button>
      </Row>
    );
  return arrival.state === 'arriving' && arrival.source === 'upload' ? (
    <Button look="plain" onPress={() => onForget(arrival.id)}>
      Give up
    </Button>
  ) : null;
}
