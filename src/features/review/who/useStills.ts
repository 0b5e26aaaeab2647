'use client';

import { type RefObject, useState } from 'react';
import type { Athlete, Still } from '@/core/round';
import type { PictureBox } from '@/player/pictureArea';
import { takeStill } from '@/player/takeStill';
import { saveStill } from '@/server/rounds/stillActions';

type Stills = Readonly<Partial<Record<Athlete, Still>>>;

/** The small pictures that tell the two athletes apart: taken from the footage, shown at once, kept on the server. */
export function useStills(roundId: string, stored: Stills, video: RefObject<HTMLVideoElement | null>) {
  const [stills, setStills] = useState(stored);
  const [drawing, setDrawing] = useState<Athlete>();
  const [problem, setProblem] = useState<string>();

  const keep = (athlete: Athlete, still: Still | undefined) => {
    const before = stills[athlete];
    setStills((now) => ({ ...now, [athlete]: still }));
    setProblem(undefined);
    void saveStill(roundId, athlete, still)
      .catch(() => false)
      .then((kept) => {
        if (kept) return;
        setStills((now) => ({ ...now, [athlete]: before }));
        setProblem('The picture could not be kept: the server did not answer. Take it again in a moment.');
      });
  };
  const take = (box: PictureBox) => {
    const jpeg = video.current && drawing && takeStill(video.current, box);
    if (!video.current || !drawing || !jpeg) return;
    keep(drawing, { atSeconds: video.current.currentTime, ...box, jpeg });
    // The other one is usually wanted next.
    const other = drawing === 'a' ? 'b' : 'a';
    setDrawing(stills[other] ? undefined : other);
  };
  return { stills, drawing, problem, draw: setDrawing, take, forget: (athlete: Athlete) => keep(athlete, undefined) };
}
