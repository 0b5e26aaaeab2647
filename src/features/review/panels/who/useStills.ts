'use client';

import { type RefObject, useRef, useState } from 'react';
import type { Athlete, Still } from '@/core/round';
import type { PictureBox } from '@/player/pictureArea';
import { takeStill } from '@/player/takeStill';
import { saveStill } from '@/server/rounds/stillActions';
import type { RecordStep } from '@/session/undoSteps';
import type { OneByOne } from '../../useCardChanges';

type Stills = Readonly<Partial<Record<Athlete, Still>>>;

/** The small pictures that tell the two athletes apart: taken from the footage, shown at once, kept on the server. */
export function useStills(
  roundId: string,
  stored: Stills,
  video: RefObject<HTMLVideoElement | null>,
  record: RecordStep,
  oneByOne: OneByOne,
) {
  const [stills, setStills] = useState(stored);
  const [drawing, setDrawing] = useState<Athlete>();
  const [problem, setProblem] = useState<string>();

  const latest = useRef(stills);
  const show = (athlete: Athlete, still: Still | undefined) => {
    latest.current = { ...latest.current, [athlete]: still };
    setStills(latest.current);
  };
  const change = async (athlete: Athlete, still: Still | undefined): Promise<boolean> => {
    const before = latest.current[athlete];
    show(athlete, still);
    setProblem(undefined);
    const outcome = await saveStill(roundId, athlete, still).catch(() => undefined);
    if (outcome?.ok) return true;
    show(athlete, before);
    setProblem('The picture could not be kept: the server did not answer. Take it again in a moment.');
    return false;
  };
  const keep = async (athlete: Athlete, still: Still | undefined) => {
    const before = latest.current[athlete];
    const turnTo = (one: Still | undefined) => oneByOne(() => change(athlete, one));
    const forget = record({ undo: () => void turnTo(before), redo: () => void turnTo(still) });
    if (!(await turnTo(still))) forget();
  };
  const take = (box: PictureBox) => {
    const jpeg = video.current && drawing && takeStill(video.current, box);
    if (!video.current || !drawing || !jpeg) return;
    void keep(drawing, { atSeconds: video.current.currentTime, ...box, jpeg });
    // The other one is usually wanted next.
    const other = drawing === 'a' ? 'b' : 'a';
    setDrawing(stills[other] ? undefined : other);
  };
  return {
    stills,
    drawing,
    problem,
    draw: setDrawing,
    take,
    forget: (athlete: Athlete) => void keep(athlete, undefined),
  };
}
