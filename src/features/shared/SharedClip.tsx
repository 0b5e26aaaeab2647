'use client';

import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import type { SharedClip as ClipOfReview } from '@/core/reviewing';
import { color, size, space } from '@/ui/tokens/tokens';

const Frame = styled.figure`
  margin: 0; display: flex; flex-direction: column; gap: ${space(1)};
  video { width: 100%; aspect-ratio: 16 / 9; background: #0c0f0d; }
  figcaption { color: ${color.quiet}; font-size: ${size.small}; }
  .making { border: 1px dashed ${color.strongRule}; padding: ${space(6)} ${space(4)}; text-align: center; color: ${color.quiet}; }
`;

/** The moments of a part of a review, as one film with its captions. */
export function SharedClip({
  clip,
  folder,
  of,
}: {
  readonly clip: ClipOfReview;
  readonly folder: string;
  readonly of: string;
}) {
  const address = (part: string) => `${folder}/${clip.id}/${part}`;
  if (!clip.isReady)
    return (
      <Frame>
        <div className="making" role="status">
          The clip is being made. It shows here by itself.
        </div>
      </Frame>
    );
  return (
    <Frame>
      <video
        controls
        playsInline
        preload="none"
        poster={address('cover')}
        src={address('film')}
        aria-label={`Clip: ${of}`}
      >
        <track kind="captions" srcLang="en" label="What is shown" src={address('captions')} default />
      </video>
      {clip.seconds === undefined ? null : (
        <figcaption>{formatClock(clip.seconds)}, it stops where something is meant.</figcaption>
      )}
    </Frame>
  );
}
