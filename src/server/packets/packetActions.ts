'use server';

import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { pool } from '@/data/client';
import { listClips } from '@/data/clips/clips';
import { findPacket, insertPacket } from '@/data/packets/packets';
import { findRound } from '@/data/rounds/rounds';
import { askForClip } from '../clips/askForClip';
import { today } from '../kernel/academyTime';
import { defineCommand } from '../kernel/defineCommand';
import { whoIsShown, whyNotShown } from '../people/whoIsShown';
import { findOpenSecondReview } from '../reviews/blindness';
import { ruleSetOf } from '../rounds/ruleSetOf';
import { packetInput } from './packetInput';

/** Footage before an entry and after it. @source own decision: enough to see how it came and that it held */
const AROUND_SECONDS = 3;

/** Puts evidence together under the id that the page gave: asks for a clip of each entry. Refused while the footage shows somebody who is not to be shown. */
export const makePacket = defineCommand({
  actor: 'coach',
  args: [z.uuid(), packetInput, z.uuid()],
  run: async (coach, roundId, packet, packetId): Promise<Outcome> => {
    const round = await findRound(pool(), roundId);
    if (!round) return refuse('This round is no longer there.');
    if (await findOpenSecondReview(round.id, coach.id))
      return refuse('You review this round blind: end your second review first.');
    const problem = whyNotShown(await whoIsShown(pool(), [round.id], await today()));
    if (problem) return refuse(problem);
    const { footageId } = round;
    const clipIds = await Promise.all(
      packet.entries.map(async ({ atSeconds, endSeconds, title }) => {
        if (!footageId) return null;
        const piece = {
          ...{ footageId, speed: 1, freezes: [], caption: title, sound: true, readings: [] },
          startSeconds: Math.max(round.startSeconds, atSeconds - AROUND_SECONDS),
          endSeconds: Math.min(round.endSeconds, Math.max(atSeconds, endSeconds) + AROUND_SECONDS),
        };
        const asked = await askForClip({ pieces: [piece], captions: 'burned' }, [round.id], coach.id);
        return asked.ok ? asked.value.id : null;
      }),
    );
    const rules = await ruleSetOf(pool(), round.ruleSet);
    const about = `${round.a.name} and ${round.b.name}, ${round.heldOn}${rules ? `, ${rules.name}` : ''}`;
    await insertPacket(pool(), { id: packetId, roundId, content: { ...packet, clipIds, about } }, coach.id);
    return { ok: true };
  },
});

/** How far the clips of a packet are: it can be handed over once none is on its way. */
export const lookAtPacket = defineCommand({
  actor: 'coach',
  args: [z.uuid()],
  misfit: 'This packet is no longer there.',
  run: async (
    _coach,
    packetId,
  ): Promise<Outcome<{ readonly progress: number; readonly isReady: boolean; readonly failed: number }>> => {
    const packet = await findPacket(pool(), packetId);
    if (!packet) return refuse('This packet is no longer there.');
    const clips = await listClips(
      pool(),
      packet.content.clipIds.flatMap((id) => id ?? []),
    );
    const underway = clips.filter((one) => one.state === 'waiting' || one.state === 'working');
    const done = clips.reduce((sum, one) => sum + (underway.includes(one) ? one.progress : 1), 0);
    return {
      ok: true,
      progress: clips.length > 0 ? done / clips.length : 1,
      isReady: underway.length === 0,
      failed: clips.filter((one) => one.state === 'failed' || one.state === 'cancelled').length,
    };
  },
});
