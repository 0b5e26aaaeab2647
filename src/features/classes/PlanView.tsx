'use client';

import Link from 'next/link';
import { Fragment, useState } from 'react';
import { styled } from 'styled-components';
import type { ClassPlan, DrillLock, PlanBlock, PlanNumbers } from '@/core/planning';
import { type Drill, drillOf, findHazard } from '@/core/vocabulary';
import { reelAddress } from '@/terms/addresses';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { useZone } from '@/terms/ZoneContext';
import { Button } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import {
  beforeLiveWords,
  besideWords,
  blockTitle,
  clipsOf,
  clockTime,
  groupBlocks,
  pairingTitle,
  partWords,
  plainTitle,
  plainWords,
  reasonWords,
  sittingOutWords,
  workWords,
} from './classView';
import type { Arranging } from './useArranging';

const Blocks = styled.ol`
  list-style: none; margin: 0; padding: 0;
  > li { display: grid; grid-template-columns: 62px minmax(0, 1fr) 220px; gap: ${space(1)} ${space(5)}; border-bottom: 1px solid ${color.rule}; padding: ${space(4)} 0; }
  .time { font-family: ${font.serif}; font-size: ${size.large}; font-variant-numeric: tabular-nums; }
  .kind, .why { color: ${color.quiet}; font-size: ${size.small}; }
  h3 { font-size: ${size.large}; cursor: grab; }
  > li[data-over] { background: ${color.focusWash}; }
  .why p { margin-top: 2px; }
  .side { font-size: ${size.small}; display: flex; flex-direction: column; gap: ${space(1.5)}; align-items: flex-start; }
  .lock { display: flex; gap: ${space(1)}; align-items: center; flex-wrap: wrap; }
  .lock button { min-height: 28px; padding: 0 ${space(2)}; font-size: ${size.small}; }
  .swap { padding: 0; min-height: 24px; text-align: left; font-size: ${size.small}; }
  .caution { border-left: 3px solid ${color.focus}; padding-left: ${space(2)}; font-size: ${size.small}; margin-top: ${space(1)}; }
  dl { display: grid; grid-template-columns: 190px minmax(0, 1fr); gap: ${space(1)} ${space(4)}; margin: ${space(3)} 0 ${space(2)}; border-top: 1px solid ${color.rule}; padding-top: ${space(2)}; }
  dt { color: ${color.quiet}; font-size: ${size.small}; padding-top: 2px; }
  dt b { color: ${color.ink}; font-weight: 600; }
  dd { margin: 0; }
`;
const Pairs = styled.div`
  display: grid; grid-template-columns: repeat(auto-fit, minmax(220px, 1fr)); gap: ${space(5)};
  ul { list-style: none; margin: ${space(1)} 0 0; padding: 0; }
  .out { color: ${color.quiet}; font-size: ${size.small}; }
`;

export interface PlanViewProps {
  readonly arranging: Arranging;
  readonly classId: string;
  readonly startsAt: string;
  readonly locks: readonly DrillLock[];
  readonly nameOf: (personId: string) => string;
  readonly onLocks: (locks: readonly DrillLock[]) => void;
  /** How the academy plans. */
  readonly numbers: PlanNumbers;
}

/** The class block by block; a lesson is one entry with its parts inside. */
export function PlanView({ label, ...view }: PlanViewProps & { readonly label: string }) {
  return (
    <Blocks aria-label={label}>
      {groupBlocks(view.arranging.plan.blocks).map((blocks) => (
        <Entry key={blocks[0]?.drillId ?? `${blocks[0]?.kind} ${blocks[0]?.startMinute}`} blocks={blocks} {...view} />
      ))}
    </Blocks>
  );
}

/** Under this name a dragged lesson is known, so that nothing else can be dropped. */
const DRAGGED = 'application/x-owl-lesson';

function Entry({ blocks, ...view }: PlanViewProps & { readonly blocks: readonly PlanBlock[] }) {
  const zone = useZone();
  const house = useHouse();
  const [isOver, setIsOver] = useState(false);
  const [first] = blocks;
  if (!first) return null;
  const drill = first.drillId ? drillOf(house, first.drillId) : undefined;
  const minutes = blocks.reduce((sum, block) => sum + block.minutes, 0);
  return (
    <li
      data-over={isOver || undefined}
      onDragOver={(event) => {
        if (!drill || !event.dataTransfer.types.includes(DRAGGED)) return;
        event.preventDefault();
        setIsOver(true);
      }}
      onDragLeave={() => setIsOver(false)}
      onDrop={(event) => {
        setIsOver(false);
        const draggedId = event.dataTransfer.getData(DRAGGED);
        if (!drill || !draggedId || draggedId === drill.id) return;
        event.preventDefault();
        view.arranging.onDrop(draggedId, drill.id);
      }}
    >
      <div className="time">{clockTime(view.startsAt, first.startMinute, zone)}</div>
      {drill ? (
        <LessonText drill={drill} blocks={blocks} minutes={minutes} nameOf={view.nameOf} classId={view.classId} />
      ) : (
        <div>
          <div className="kind">
            {plainTitle(first)} · {workWords(first)}
          </div>
          <p>
            <PlainBlock block={first} />
          </p>
        </div>
      )}
      {drill ? <LessonSide drillId={drill.id} {...view} /> : <div />}
    </li>
  );
}

/** A lesson as a page of a book: what, how, part by part, for whom. */
function LessonText({
  drill,
  blocks,
  minutes,
  nameOf,
  classId,
}: Pick<PlanViewProps, 'nameOf' | 'classId'> & {
  readonly drill: Drill;
  readonly blocks: readonly PlanBlock[];
  readonly minutes: number;
}) {
  const wordOf = useWordOf();
  const [first] = blocks;
  const clips = first ? clipsOf(first) : [];
  return (
    <div>
      <div className="kind">Lesson · {minutes} min</div>
      <h3
        draggable
        title="Drag onto another lesson"
        onDragStart={(event) => event.dataTransfer.setData(DRAGGED, drill.id)}
      >
        {drill.name}
      </h3>
      <dl>
        {blocks.map((block) => (
          <Fragment key={block.kind}>
            <dt>
              <b>{blockTitle[block.kind]}</b>
              <br />
              {workWords(block)}
            </dt>
            <dd>
              {partWords(drill, block.kind).map((words) => (
                <p key={words}>{words}</p>
              ))}
            </dd>
          </Fragment>
        ))}
      </dl>
      <p className="kind">
        Too hard: {drill.easier}. Too easy: {drill.harder}.
      </p>
      {drill.hazardIds.map((id) => (
        <p key={id} className="caution">
          {findHazard(id)?.caution}
        </p>
      ))}
      {first?.alternativeId ? (
        <p className="kind">
          Meanwhile {first.excludedIds.map(nameOf).join(', ')}: {wordOf(first.alternativeId)} (belt, age or a sore joint
          keeps them out of this one).
        </p>
      ) : null}
      <div className="why">
        {(first?.reasons ?? []).map((reason) => (
          <p key={reason.errorId}>{reasonWords(reason, nameOf, wordOf)}</p>
        ))}
        {clips.length > 0 ? (
          <p>
            <Link
              href={reelAddress({
                title: drill.name,
                moments: clips.map((markId) => ({ markId })),
                back: `/classes/${classId}`,
              })}
            >
              Show the class {clips.length === 1 ? 'the clip' : `these ${clips.length} clips`}
            </Link>
          </p>
        ) : null}
      </div>
    </div>
  );
}

function LessonSide({ drillId, ...view }: PlanViewProps & { readonly drillId: string }) {
  const chosen = view.arranging.plan.drills.find((one) => one.drillId === drillId);
  return chosen ? <LessonControls chosen={chosen} {...view} /> : <div />;
}

function PlainBlock({ block }: { readonly block: PlanBlock }) {
  const house = useHouse();
  const wordOf = useWordOf();
  const from = block.fromDrillId ? drillOf(house, block.fromDrillId)?.game : undefined;
  if (block.kind === 'rounds' && from)
    return (
      <>
        The first third of them from the lesson: {from.start.charAt(0).toLowerCase() + from.start.slice(1)}. Then free,
        with the pairs below.
      </>
    );
  if (block.kind === 'own')
    return block.conceptId ? <Link href={`/library/${block.conceptId}`}>{wordOf(block.conceptId)}</Link> : null;
  return <>{plainWords[block.kind]}</>;
}

function LessonControls({
  chosen,
  arranging,
  locks,
  onLocks,
}: Pick<PlanViewProps, 'locks' | 'onLocks' | 'arranging'> & { readonly chosen: ClassPlan['drills'][number] }) {
  const { drillId, minutes } = chosen;
  const lock = locks.find((one) => one.drillId === drillId);
  const others = locks.filter((one) => one.drillId !== drillId);
  const locked = lock?.kind === 'keep' ? lock.minutes : undefined;
  const wordOf = useWordOf();
  const place = arranging.lessons.findIndex((one) => one.drillId === drillId);
  const swapFor = (id: string) =>
    onLocks([
      ...others.filter((one) => one.drillId !== id),
      { kind: 'drop', drillId },
      { kind: 'keep', drillId: id, minutes },
    ]);
  return (
    <div className="side">
      <span>
        {minutes} minutes in all
        {chosen.displaced.length > 0
          ? `; without it ${chosen.displaced.map((id) => wordOf(id)).join(', ')} would come in`
          : ''}
        {chosen.benefitLostRatio > 0.005
          ? `${chosen.displaced.length > 0 ? ', for' : '; without it'} ${Math.round(chosen.benefitLostRatio * 100)} % less`
          : ''}
        .
      </span>
      <span className="lock">
        <Button aria-label={`One minute less of ${wordOf(drillId)}`} onPress={() => arranging.onMinutes(drillId, -1)}>
          −
        </Button>
        <Button aria-label={`One minute more of ${wordOf(drillId)}`} onPress={() => arranging.onMinutes(drillId, 1)}>
          +
        </Button>
        <Button
          aria-label={`${wordOf(drillId)} earlier`}
          isDisabled={place <= 0}
          onPress={() => arranging.onMove(drillId, -1)}
        >
          ↑
        </Button>
        <Button
          aria-label={`${wordOf(drillId)} later`}
          isDisabled={place < 0 || place >= arranging.lessons.length - 1}
          onPress={() => arranging.onMove(drillId, 1)}
        >
          ↓
        </Button>
      </span>
      <span className="lock">
        <Button
          aria-pressed={locked !== undefined}
          onPress={() => onLocks(locked === undefined ? [...others, { kind: 'keep', drillId, minutes }] : others)}
        >
          {locked === undefined ? 'Lock' : `Locked, ${locked} min`}
        </Button>
        <Button look="plain" onPress={() => onLocks([...others, { kind: 'drop', drillId }])}>
          Leave out
        </Button>
      </span>
      {(chosen.instead ?? []).length > 0 ? <span>Instead:</span> : null}
      {(chosen.instead ?? []).map((one) => (
        <Button key={one.drillId} look="plain" className="swap" onPress={() => swapFor(one.drillId)}>
          {wordOf(one.drillId)}, {worthWords(one.benefitRatio)}
        </Button>
      ))}
    </div>
  );
}

/** "as much", "9 % less". */
const worthWords = (ratio: number): string => {
  const percent = Math.round((1 - ratio) * 100);
  return percent <= 0 ? 'as much' : `${percent} % less`;
};

export function PairsView({
  plan,
  nameOf,
}: {
  readonly plan: ClassPlan;
  readonly nameOf: (personId: string) => string;
}) {
  const wordOf = useWordOf();
  return (
    <Pairs>
      {plan.pairings.map((pairing) => (
        <div key={pairing.drillId ?? pairing.phase}>
          <h3>{pairingTitle(pairing, wordOf)}</h3>
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
            {besideWords(pairing, nameOf).map((words) => (
              <li key={words} className="out">
                {words}
              </li>
            ))}
          </ul>
        </div>
      ))}
    </Pairs>
  );
}
