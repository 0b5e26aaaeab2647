'use client';

import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { messageOf } from '@/core/kernel';
import { cutAnew, joinRounds } from '@/server/rounds/cutActions';
import type { KeptPlan, KeptRound, KeptStep } from './keptRounds';

const AWAY = 'The server could not be reached; the round is as it was. Try again in a moment.';

/** Changes of rounds that are there already: done on the server one after the other, each of them taken back by the next undo. */
export function useKeptRounds(rounds: readonly KeptRound[], say: (words: string) => void) {
  const router = useRouter();
  const [isBusy, setBusy] = useState(false);
  const [undos, setUndos] = useState<readonly KeptStep['does'][]>([]);
  const versions = useRef<Readonly<Record<string, number>>>({});

  const ask = async (does: KeptStep['does']): Promise<boolean> => {
    const seen = rounds.find((one) => one.id === does.id)?.version ?? 0;
    const version = Math.max(seen, versions.current[does.id] ?? 0);
    setBusy(true);
    const outcome = await (does.kind === 'cut'
      ? cutAnew({ id: does.id, version }, [...does.parts])
      : joinRounds({ id: does.id, version }, [...does.otherIds], does.span, does.markGaps)
    ).catch(() => undefined);
    setBusy(false);
    if (!outcome?.ok) {
      say(outcome ? messageOf(outcome) : AWAY);
      return false;
    }
    versions.current = { ...versions.current, ...outcome.versions };
    router.refresh();
    return true;
  };
  const take = async (plan: KeptPlan): Promise<void> => {
    if (isBusy) return;
    if ('problem' in plan) return say(plan.problem);
    const { step } = plan;
    if (!(await ask(step.does))) return;
    setUndos((before) => (step.undo ? [...before, step.undo] : []));
    say(step.said);
  };
  const undo = async (): Promise<void> => {
    const last = undos.at(-1);
    if (!last || isBusy || !(await ask(last))) return;
    setUndos((before) => before.slice(0, -1));
    say('Taken back: the round is as it was.');
  };
  return { take, undo, canUndo: undos.length > 0, isBusy };
}
