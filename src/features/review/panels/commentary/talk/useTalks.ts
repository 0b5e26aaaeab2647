'use client';

import { useEffect, useRef, useState } from 'react';
import type { Playhead } from '@/player/usePlayhead';
import { createTalkDesk, type TalkDesk } from './talkDesk';
import type { RoundTalk } from './talkState';

/** The talks over this round's footage, for as long as the page is there. */
export function useTalks(roundId: string, first: readonly RoundTalk[], playhead: Playhead): TalkDesk {
  const head = useRef(playhead);
  head.current = playhead;
  const [desk] = useState(() => createTalkDesk(roundId, first, () => head.current));
  useEffect(() => () => desk.end(), [desk]);
  return desk;
}
