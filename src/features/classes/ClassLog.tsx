'use client';

import { useState } from 'react';
import { styled } from 'styled-components';
import type { Outcome } from '@/core/kernel';
import { drillsOf } from '@/core/vocabulary';
import { AddByName } from '@/forms/AddByName';
import { whyNot } from '@/forms/whyNot';
import { logCame, logDrilled } from '@/server/classes/classActions';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { Notice, Quiet, Stack } from '@/ui/layout/Page';
import { Button, Checkbox } from '@/ui/primitives';
import { space } from '@/ui/tokens/tokens';
import { type ClassNoteFacts, HowItWent } from './HowItWent';
import { type HowItWas, WhoCame } from './WhoCame';

const Drills = styled.ul`
  list-style: none; margin: 0; padding: 0;
  li { display: flex; align-items: center; gap: ${space(3)}; min-height: 34px; }
`;

export interface ClassLogProps {
  readonly classId: string;
  readonly people: readonly { readonly id: string; readonly name: string }[];
  readonly expectedIds: readonly string[];
  readonly plannedIds: readonly string[];
  readonly came: Readonly<Record<string, boolean>>;
  /** Of those who came, where something is said. */
  readonly howItWas: Readonly<Record<string, HowItWas>>;
  /** How many groups the plan parts the class into, 0 for none, and who was in which (0: all of the class). */
  readonly groups: number;
  readonly groupOf: Readonly<Record<string, number>>;
  /** Minutes by drill. */
  readonly drilled: Readonly<Record<string, number>>;
  readonly note: ClassNoteFacts;
}

/** Minutes that a drill is taken to have lasted until somebody says otherwise. @source own decision: the usual length of a block */
const USUAL_MINUTES = 10;
const STEP_MINUTES = 5;
const MOST_MINUTES = 240;

/**
 * What became of a class: who came and how it was for them, what was drilled, how it went. Ticks are kept at once. Who was expected and what was planned is
 * there to be ticked; others are added by name.
 */
export function ClassLog({ classId, people, expectedIds, plannedIds, groups, ...kept }: ClassLogProps) {
  const wordOf = useWordOf();
  const house = useHouse();
  const [came, setCame] = useState(kept.came);
  const [drilled, setDrilled] = useState(kept.drilled);
  const [message, setMessage] = useState<string>();
  const keep = async (sent: Promise<Outcome>, takeBack: () => void) => {
    const outcome = await sent.catch(() => undefined);
    setMessage(outcome?.ok ? undefined : `That is not kept. ${whyNot(outcome)}`);
    if (!outcome?.ok) takeBack();
  };
  const tick = (personId: string, isThere: boolean) => {
    const before = came[personId] ?? false;
    const put = (value: boolean) => setCame((all) => ({ ...all, [personId]: value }));
    put(isThere);
    void keep(logCame(classId, personId, isThere), () => put(before));
  };
  const drill = (drillId: string, minutes: number) => {
    const before = drilled[drillId] ?? 0;
    const put = (value: number) => setDrilled((all) => ({ ...all, [drillId]: value }));
    put(minutes);
    void keep(logDrilled(classId, drillId, minutes), () => put(before));
  };
  const listed = people.filter((one) => expectedIds.includes(one.id) || one.id in came);
  const unsaid = listed.filter((one) => !(one.id in came));
  const drills = [...new Set([...plannedIds, ...Object.keys(drilled)])];
  const known = drillsOf(house).map((one) => one.id);
  return (
    <Stack>
      {message ? <Notice role="alert">{message}</Notice> : null}
      <WhoCame
        classId={classId}
        people={listed}
        came={came}
        howItWas={kept.howItWas}
        groupOf={groups > 1 ? kept.groupOf : undefined}
        onTick={tick}
        onSend={keep}
      />
      {unsaid.length > 1 ? (
        <div>
          <Button
            onPress={() => {
              for (const one of unsaid) tick(one.id, true);
            }}
          >
            All {unsaid.length} who were expected came
          </Button>
        </div>
      ) : null}
      <AddByName
        label="Somebody else came"
        options={people.filter((one) => !listed.includes(one))}
        onChoose={(id) => tick(id, true)}
      />
      <Drills aria-label="What was drilled">
        {drills.map((drillId) => {
          const minutes = drilled[drillId] ?? 0;
          return (
            <li key={drillId}>
              <Checkbox isSelected={minutes > 0} onChange={(isDone) => drill(drillId, isDone ? USUAL_MINUTES : 0)}>
                {wordOf(drillId)}
              </Checkbox>
              {minutes > 0 ? (
                <>
                  <Button
                    look="plain"
                    aria-label={`${wordOf(drillId)}: five minutes less`}
                    isDisabled={minutes <= STEP_MINUTES}
                    onPress={() => drill(drillId, Math.max(1, minutes - STEP_MINUTES))}
                  >
                    −
                  </Button>
                  <Quiet>{minutes} minutes</Quiet>
                  <Button
                    look="plain"
                    aria-label={`${wordOf(drillId)}: five minutes more`}
                    isDisabled={minutes + STEP_MINUTES > MOST_MINUTES}
                    onPress={() => drill(drillId, minutes + STEP_MINUTES)}
                  >
                    +
                  </Button>
                </>
              ) : null}
            </li>
          );
        })}
      </Drills>
      <AddByName
        label="Something else was drilled"
        options={known.filter((id) => !drills.includes(id)).map((id) => ({ id, name: wordOf(id) }))}
        onChoose={(id) => drill(id, USUAL_MINUTES)}
      />
      <HowItWent classId={classId} note={kept.note} />
    </Stack>
  );
}
