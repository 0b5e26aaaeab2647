'use client';

import { styled } from 'styled-components';
import { type ClassPlan, type DrillLock, leastMinutesOf, type PlanBlock } from '@/core/planning';
import { drillOf, findDrill, findHazard } from '@/core/vocabulary';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { useZone } from '@/terms/ZoneContext';
import { Quiet } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import {
  beforeLiveWords,
  blockTitle,
  branchWords,
  clockTime,
  phaseTitle,
  reasonWords,
  sittingOutWords,
  workWords,
} from './classView';

const Blocks = styled.ol`
  list-style: none; margin: 0; padding: 0;
  li { display: grid; grid-template-columns: 62px minmax(0, 1fr) 210px; gap: ${space(1)} ${space(5)}; border-bottom: 1px solid ${color.rule}; padding: ${space(3)} 0; }
  .time { font-family: ${font.serif}; font-size: ${size.large}; }
  .kind { color: ${color.quiet}; font-size: ${size.small}; }
  h3 { font-size: ${size.large}; }
  .why { font-size: ${size.small}; color: ${color.quiet}; }
  .why p { margin-top: 2px; }
  .side { font-size: ${size.small}; display: flex; flex-direction: column; gap: ${space(1.5)}; align-items: flex-start; }
  .lock { display: flex; gap: ${space(1)}; align-items: center; flex-wrap: wrap; }
  .lock button { min-height: 28px; padding: 0 ${space(2)}; font-size: ${size.small}; }
  .caution { border-left: 3px solid ${color.focus}; padding-left: ${space(2)}; font-size: ${size.small}; margin-top: ${space(1)}; }
`;
const Pairs = styled.div`
  display: grid; grid-template-columns: repeat(auto-fit, minmax(220px, 1fr)); gap: ${space(5)};
  ul { list-style: none; margin: ${space(1)} 0 0; padding: 0; }
  .out { color: ${color.quiet}; font-size: ${size.small}; }
`;

export interface PlanViewProps {
  readonly plan: ClassPlan;
  readonly startsAt: string;
  readonly locks: readonly DrillLock[];
  readonly nameOf: (personId: string) => string;
  readonly onLocks: (locks: readonly DrillLock[]) => void;
}

export function PlanView({ plan, startsAt, locks, nameOf, onLocks }: PlanViewProps) {
  const shown = new Set<string>();
  return (
    <Blocks aria-label="Blocks of the plan">
      {plan.blocks.map((block) => {
        const first = block.drillId !== undefined && !shown.has(block.drillId);
        if (block.drillId) shown.add(block.drillId);
        return (
          <Block
            key={`${block.kind}/${block.drillId ?? ''}`}
            block={block}
            plan={plan}
            startsAt={startsAt}
            first={first}
            locks={locks}
            nameOf={nameOf}
            onLocks={onLocks}
          />
        );
      })}
    </Blocks>
  );
}

function Block({
  block,
  plan,
  startsAt,
  first,
  locks,
  nameOf,
  onLocks,
}: PlanViewProps & { readonly block: PlanBlock; readonly first: boolean }) {
  const zone = useZone();
  const house = useHouse();
  const wordOf = useWordOf();
  const drill = block.drillId ? drillOf(house, block.drillId) : undefined;
  const chosen = plan.drills.find((one) => one.drillId === block.drillId);
  return (
    <li>
      <div className="time">{clockTime(startsAt, block.startMinute, zone)}</div>
      <div>
        <div className="kind">
          {blockTitle[block.kind]} · {workWords(block)}
        </div>
        {drill ? (
          <>
            <h3>{drill.name}</h3>
            {first ? (
              <>
                <p>
                  {drill.start} {drill.cue} <Quiet>{drill.constraint}</Quiet>
                </p>
                {drill.hazardIds.map((id) => (
                  <p key={id} className="caution">
                    {findHazard(id)?.caution}
                  </p>
                ))}
                {block.alternativeId ? (
                  <p className="kind">
                    Meanwhile {block.excludedIds.map(nameOf).join(', ')}: {wordOf(block.alternativeId)} (belt or age
                    keeps them out of this one).
                  </p>
                ) : null}
              </>
            ) : null}
            {block.kind === 'positional' ? (
              <p>Live from this position: start again on success, on escape, or on the bell.</p>
            ) : null}
            {block.kind === 'progressive' ? <p>{branchWords(drill.branches)}</p> : null}
          </>
        ) : (
          <p>{plainBlock[block.kind]}</p>
        )}
        {first && block.reasons.length > 0 ? (
          <div className="why">
            {block.reasons.map((reason) => (
              <p key={reason.errorId}>{reasonWords(reason, nameOf, wordOf)}</p>
            ))}
          </div>
        ) : null}
      </div>
      {first && chosen && block.drillId ? (
        <LockControls
          drillId={block.drillId}
          minutes={chosen.minutes}
          chosen={chosen}
          locks={locks}
          onLocks={onLocks}
        />
      ) : (
        <div />
      )}
    </li>
  );
}

const plainBlock: Readonly<Partial<Record<PlanBlock['kind'], string>>> = {
  'warm-up': 'Joints, falls, then the movements of the first drill without a partner.',
  rounds: 'Free rounds with the pairs below.',
  close: 'One thing each that worked. Who is sore?',
};

function LockControls({
  drillId,
  minutes,
  chosen,
  locks,
  onLocks,
}: {
  readonly drillId: string;
  readonly minutes: number;
  readonly chosen: ClassPlan['drills'][number];
  readonly locks: readonly DrillLock[];
  readonly onLocks: (locks: readonly DrillLock[]) => void;
}) {
  const lock = locks.find((one) => one.drillId === drillId);
  const others = locks.filter((one) => one.drillId !== drillId);
  const locked = lock?.kind === 'keep' ? lock.minutes : undefined;
  const wordOf = useWordOf();
  const drill = findDrill(drillId);
  const setMinutes = (wanted: number) => {
    const bounded = drill ? Math.min(drill.mostMinutes, Math.max(leastMinutesOf(drill), wanted)) : wanted;
    onLocks([...others, { kind: 'keep', drillId, minutes: bounded }]);
  };
  return (
    <div className="side">
      <span>
        {minutes} minutes in all
        {chosen.displaced.length > 0
          ? `; without it ${chosen.displaced.map((id) => wordOf(id)).join(', ')} would come in`
          : ''}
        {chosen.benefitLostRatio > 0.005 ? `, for ${Math.round(chosen.benefitLostRatio * 100)} % less` : ''}.
      </span>
      <span className="lock">
        <Button
          aria-label={`One minute less of ${wordOf(drillId)}`}
          onPress={() => setMinutes((locked ?? minutes) - 1)}
        >
          −
        </Button>
        <Button
          aria-pressed={locked !== undefined}
          onPress={() => (locked === undefined ? setMinutes(minutes) : onLocks(others))}
        >
          {locked === undefined ? 'Lock' : `Locked, ${locked} min`}
        </Button>
        <Button
          aria-label={`One minute more of ${wordOf(drillId)}`}
          onPress={() => setMinutes((locked ?? minutes) + 1)}
        >
          +
        </Button>
        <Button look="plain" onPress={() => onLocks([...others, { kind: 'drop', drillId }])}>
          Leave out
        </Button>
      </span>
    </div>
  );
}

export function PairsView({
  plan,
  nameOf,
}: {
  readonly plan: ClassPlan;
  readonly nameOf: (personId: string) => string;
}) {
  return (
    <Pairs>
      {plan.pairings.map((pairing) => (
        <div key={pairing.phase}>
          <h3>{phaseTitle[pairing.phase]}</h3>
          <ul>
            {pairing.groups.map((group) => (
              <li key={group.join(' ')}>
                {group.map(nameOf).join(' and ')}
                {group.length === 3 ? ' (three, rotating)' : ''}
              </li>
            ))}
            {pairing.sittingOut.map((one) => (
              <li key={one.personId} className="out">
                {nameOf(one.personId)}: {sittingOutWords(one.rules)}
              </li>
            ))}
            {beforeLiveWords(pairing, nameOf).map((words) => (
              <li key={words} className="out">
                {words}
              </li>
            ))}
            {pairing.injuredIds.map((id) => (
              <li key={id} className="out">
                {nameOf(id)} rests: injured
              </li>
            ))}
          </ul>
        </div>
      ))}
    </Pairs>
  );
}
