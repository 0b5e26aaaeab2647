'use client';

import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { ActionLink, Notice } from '@/ui/layout/Page';
import { Button, Progress } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';
import type { Upload } from './useUploads';

const List = styled.ul`
  list-style: none; margin: ${space(4)} 0 0; padding: 0; display: flex; flex-direction: column; gap: ${space(4)};
  li { display: grid; grid-template-columns: 1fr auto; gap: ${space(2)} ${space(4)}; align-items: center; border-bottom: 1px solid ${color.rule}; padding-bottom: ${space(3)}; overflow-wrap: anywhere; }
`;

const megabytes = (bytes: number): string => (bytes / 1024 ** 2).toFixed(bytes < 10 * 1024 ** 2 ? 1 : 0);

function progressWords(upload: Upload): string {
  if (upload.state === 'checking') return 'all sent; looking at the video …';
  const left = upload.secondsLeft === undefined ? '' : `, about ${formatClock(upload.secondsLeft)} left`;
  return `${megabytes(upload.sentBytes)} of ${megabytes(upload.totalBytes)} MB${left}`;
}

export function UploadList({
  uploads,
  onRemove,
}: {
  readonly uploads: readonly Upload[];
  readonly onRemove: (key: number) => void;
}) {
  if (uploads.length === 0) return null;
  return (
    <List aria-label="Uploads" aria-live="polite">
      {uploads.map((upload) => (
        <li key={upload.key}>
          {upload.state === 'sending' || upload.state === 'checking' ? (
            <Progress
              label={upload.name}
              percent={(upload.sentBytes / Math.max(1, upload.totalBytes)) * 100}
              words={progressWords(upload)}
            />
          ) : upload.state === 'failed' ? (
            <Notice role="alert">
              <strong>{upload.name}</strong> was not taken. {upload.message}
            </Notice>
          ) : (
            <span>
              <strong>{upload.name}</strong> · {upload.message}
            </span>
          )}
          {upload.state === 'done' ? (
            <ActionLink data-look="lead" href={`/rounds/new?footage=${upload.footageId}`}>
              Cut out a round
            </ActionLink>
          ) : (
            <Button onPress={() => onRemove(upload.key)}>{upload.state === 'failed' ? 'Dismiss' : 'Cancel'}</Button>
          )}
        </li>
      ))}
    </List>
  );
}
