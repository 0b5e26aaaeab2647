'use client';

import { type RefObject, useState } from 'react';
import { styled } from 'styled-components';
import { color, font, size, space } from '@/ui/tokens/tokens';

const Frame = styled.div`
  background: #0c0f0d; display: grid; place-items: center; min-height: 0; overflow: hidden; position: relative;
  video { width: 100%; height: 100%; object-fit: contain; display: block; }
  .absent { color: ${color.quiet}; font-family: ${font.serif}; font-size: ${size.large}; text-align: center; padding: ${space(6)}; max-width: 46ch; }
`;

export interface PictureProps {
  readonly video: RefObject<HTMLVideoElement | null>;
  readonly footage?: { readonly id: string; readonly videoCodec: string };
  /** Where the footage opens, in media seconds. */
  readonly startAt: () => number;
}

/** The footage, or why there is none to see. */
export function Picture({ video, footage, startAt }: PictureProps) {
  const [unplayable, setUnplayable] = useState(false);
  return (
    <Frame>
      {footage ? (
        // biome-ignore lint/a11y/useMediaCaption: sparring footage carries no speech to caption
        <video
          ref={video}
          src={`/api/footage/${footage.id}/file`}
          preload="auto"
          playsInline
          onLoadedMetadata={(event) => {
            event.currentTarget.currentTime = startAt();
            setUnplayable(event.currentTarget.videoWidth === 0);
          }}
          onError={() => setUnplayable(true)}
        />
      ) : (
        <p className="absent">No footage with this round. The clock below runs; marks are kept with its time.</p>
      )}
      {unplayable ? (
        <p className="absent" style={{ position: 'absolute' }}>
          This browser cannot show the file ({footage?.videoCodec}). The file is kept; film in H.264 (“most compatible”)
          to see it here.
        </p>
      ) : null}
    </Frame>
  );
}
