'use client';

import { type RefObject, useCallback, useEffect, useRef, useState } from 'react';

/** Why there is no picture: the browser cannot show this kind of file, or the file does not come at present. */
export type FootageTrouble = 'cannot-show' | 'does-not-come';

const AGAIN_MS = 2000;

/**
 * What the state of a video says, with the answer of the server to a question for its first byte where the browser gave up. A browser calls a file that did
 * not come the same as one that it cannot read; and one of the wrong kind may load without an error, and without a picture.
 * @source HTML standard, "Error codes" of media elements (4 is given for both), and `videoWidth`
 */
export function troubleOf(
  video: { readonly readyState: number; readonly videoWidth: number; readonly failed: boolean },
  fileComes: boolean | undefined,
): FootageTrouble | undefined {
  if (video.failed) return fileComes ? 'cannot-show' : 'does-not-come';
  // Before a picture was decoded (2: have current data) nothing can be said.
  return video.readyState >= 2 && video.videoWidth === 0 ? 'cannot-show' : undefined;
}

async function comes(address: string): Promise<boolean> {
  const answer = await fetch(address, { headers: { range: 'bytes=0-0' }, signal: AbortSignal.timeout(8000) }).catch(
    () => undefined,
  );
  return answer?.ok ?? false;
}

/** Watches the video element: trouble goes as soon as a picture is there, and a file that did not come is asked for again by itself. */
export function useFootageTrouble(
  video: RefObject<HTMLVideoElement | null>,
  address: string | undefined,
): { readonly trouble: FootageTrouble | undefined; readonly look: () => void } {
  const [trouble, setTrouble] = useState<FootageTrouble>();
  const asking = useRef(false);
  const look = useCallback(() => {
    const element = video.current;
    if (!element || !address || asking.current) return;
    if (!element.error) return setTrouble(troubleOf({ ...stateOf(element), failed: false }, undefined));
    asking.current = true;
    void comes(address).then((fileComes) => {
      asking.current = false;
      if (!video.current?.error) return setTrouble(undefined);
      // The first time it may only have come too late: what loads now decides.
      setTrouble((before) =>
        fileComes && before === undefined
          ? 'does-not-come'
          : troubleOf({ ...stateOf(element), failed: true }, fileComes),
      );
    });
  }, [video, address]);
  // The element may have loaded, or failed, before this page came alive.
  useEffect(() => look(), [look]);
  useEffect(() => {
    if (trouble !== 'does-not-come') return;
    const timer = setInterval(() => {
      if (video.current?.error) video.current.load();
    }, AGAIN_MS);
    return () => clearInterval(timer);
  }, [trouble, video]);
  return { trouble, look };
}

const stateOf = ({ readyState, videoWidth }: HTMLVideoElement) => ({ readyState, videoWidth });
