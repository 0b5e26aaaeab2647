'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { shortNamesOf } from '@/core/kernel';
import {
  addToMatClock,
  bellsBetween,
  type ClassPlan,
  type MatReading,
  MORE_SECONDS,
  minutesDone,
  moveMatClock,
  pauseMatClock,
  readMatClock,
  resumeMatClock,
  startMatClock,
} from '@/core/planning';
import { drillOf } from '@/core/vocabulary';
import { logDrilled } from '@/server/classes/classActions';
import { useHouse } from '@/terms/HouseContext';
import { useKeyCommands } from '@/ui/keys/useKeyCommands';
import { Notice } from '@/ui/layout/Page';
import { Button, ConfirmDialog } from '@/ui/primitives';
import { color, font, space } from '@/ui/tokens/tokens';
import { plainTitle } from '../classView';
import { openBell, ring } from './bell';
import { MatBlock } from './MatBlock';
import { type MatCommand, matKeys } from './matKeys';
import { type KeptClock, useMatClock } from './useMatClock';
import { useWakeLock } from './useWakeLock';

const Frame = styled.div`
  min-height: 100dvh; display: grid; grid-template-rows: auto minmax(0, 1fr) auto; background: ${color.ground}; color: ${color.ink};
  > header { display: flex; align-items: center; gap: ${space(3)}; flex-wrap: wrap; padding: ${space(2)} ${space(4)}; border-bottom: 1px solid ${color.rule}; }
  > header h1 { font-size: 18px; margin-right: auto; }
  > header a, > header button { min-height: 44px; display: inline-flex; align-items: center; }
  > footer { position: sticky; bottom: 0; background: ${color.raised}; border-top: 1px solid ${color.rule}; padding: ${space(3)} ${space(4)}; }
  .next { font-size: 17px; color: ${color.quiet}; margin-bottom: ${space(2)}; }
  .next b { color: ${color.ink}; font-weight: 600; }
  .verbs { display: grid; grid-template-columns: 1fr 1.6fr 1fr 1fr; gap: ${space(2)}; }
  .verbs button { min-height: 60px; padding: 0 4px; font-size: clamp(15px, 4.4vw, 19px); white-space: nowrap; justify-content: center; width: 100%; }
  .clock { font-family: ${font.serif}; font-size: clamp(72px, 19vw, 190px); line-height: 0.95; font-variant-numeric: tabular-nums lining-nums; }
  .clock[data-state='paused'] { color: ${color.quiet}; }
  .clock[data-state='ending'] { color: ${color.focus}; }
`;

/** From so many seconds on the end of a part is announced by colour. */
const ENDING_SECONDS = 15;
const TICK_MS = 250;

export interface MatSideProps {
  readonly classId: string;
  readonly title: string;
  /** Of the group, where there are two. */
  readonly plan: ClassPlan;
  /** Which of two groups this is; 0 for all of the class. */
  readonly group: number;
  readonly names: Readonly<Record<string, string>>;
  readonly kept: KeptClock;
  /** Where the class is logged, and where "Leave" leads. */
  readonly classHref: string;
}

/** The class at arm's length: what is on, how long still, what comes; with pauses and a bell, the same on every device, also while the connection is away. */
export function MatSide({ classId, title, plan, group, names, kept, classHref }: MatSideProps) {
  const { blocks } = plan;
  const house = useHouse();
  const lengths = useMemo(() => blocks.map((block) => block.minutes * 60), [blocks]);
  const { clock, set, now, isAway, told } = useMatClock({ classId, group }, kept);
  const [isBright, setIsBright] = useState(false);
  const [hasBell, setHasBell] = useState(true);
  const reading = useReading(() => clock && readMatClock(clock, lengths, now()));
  const at = reading?.at ?? 0;
  const block = blocks[at];
  const game = block?.kind === 'positional' && block.drillId ? drillOf(house, block.drillId)?.game : undefined;
  useBell(reading, hasBell, game?.seconds);
  useWakeLock(reading !== undefined && !reading.isPaused && !reading.isOver);
  const act: Record<MatCommand, () => void> = {
    pause: () => {
      openBell();
      if (!clock) return set(startMatClock(now()));
      set(clock.pausedAt === undefined ? pauseMatClock(clock, lengths, now()) : resumeMatClock(clock, now()));
    },
    next: () => clock && set(moveMatClock(clock, lengths, 1, now())),
    back: () => clock && set(moveMatClock(clock, lengths, -1, now())),
    more: () => clock && set(addToMatClock(clock, lengths, MORE_SECONDS, now())),
  };
  useKeyCommands(matKeys, (command) => act[command]());
  const nameOf = useShortNames(names);
  if (!block) return null;
  return (
    <Frame data-light={isBright ? 'daybook' : 'loft'}>
      <header>
        <h1>
          {title}
          {group > 0 ? `, group ${group}` : ''}
        </h1>
        {group > 0 ? <Link href={`/classes/${classId}/mat?group=${3 - group}`}>Group {3 - group}</Link> : null}
        {isAway ? <span role="status">No connection: it goes on here and is sent later.</span> : null}
        <Button look="plain" onPress={() => setIsBright(!isBright)}>
          {isBright ? 'Dim' : 'Bright'}
        </Button>
        <Button look="plain" onPress={() => setHasBell(!hasBell)}>
          {hasBell ? 'Bell is on' : 'Bell is off'}
        </Button>
        <Link href={classHref}>Leave</Link>
      </header>
      <MatBlock plan={plan} at={at} nameOf={nameOf}>
        {told ? <Notice role="status">{told}</Notice> : null}
        <div
          className="clock"
          role="timer"
          aria-label="Time left"
          data-state={stateOf(reading)}
          suppressHydrationWarning
        >
          {formatClock(Math.ceil(reading?.secondsLeft ?? lengths[at] ?? 0))}
        </div>
      </MatBlock>
      <footer>
        {reading?.isOver ? (
          <WriteDown
            classId={classId}
            classHref={classHref}
            done={clock ? minutesDone(clock, blocks, now()) : new Map()}
          />
        ) : (
          <div className="next">
            {blocks[at + 1] ? (
              <>
                Next: <b>{nextWords(blocks[at + 1], (id) => drillOf(house, id)?.name)}</b>
              </>
            ) : (
              'The last part.'
            )}
          </div>
        )}
        <div className="verbs">
          <Button onPress={act.back} isDisabled={!clock || at === 0}>
            Back
          </Button>
          <Button look="lead" onPress={act.pause}>
            {!clock ? 'Start' : clock.pausedAt === undefined ? 'Pause' : 'Go on'}
          </Button>
          <Button onPress={act.next} isDisabled={!clock || at >= blocks.length - 1}>
            Next
          </Button>
          <Button onPress={act.more} isDisabled={!clock}>
            + 2 min
          </Button>
        </div>
      </footer>
    </Frame>
  );
}

/** "Repeat: Half guard on the side, 5 min". */
function nextWords(block: ClassPlan['blocks'][number] | undefined, nameOf: (id: string) => string | undefined): string {
  if (!block) return '';
  const name = block.drillId ? nameOf(block.drillId) : undefined;
  return `${[plainTitle(block), name].filter(Boolean).join(': ')}, ${block.minutes} min`;
}

const stateOf = (reading: MatReading | undefined): string =>
  !reading || reading.isPaused ? 'paused' : reading.secondsLeft <= ENDING_SECONDS ? 'ending' : 'running';

/** What the clock says now, looked at four times a second. */
function useReading(read: () => MatReading | undefined): MatReading | undefined {
  const [, tick] = useState(0);
  useEffect(() => {
    const timer = setInterval(() => tick((count) => count + 1), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  return read();
}

function useBell(reading: MatReading | undefined, hasBell: boolean, everySeconds: number | undefined): void {
  const before = useRef<MatReading | undefined>(undefined);
  useEffect(() => {
    const bell = before.current && reading && bellsBetween(before.current, reading, everySeconds);
    before.current = reading;
    if (bell && hasBell) ring(bell);
  });
}

function useShortNames(names: Readonly<Record<string, string>>) {
  return useCallback(
    (id: string) => {
      const ids = Object.keys(names);
      const short = shortNamesOf(ids.map((one) => names[one] ?? ''));
      return short[ids.indexOf(id)] ?? 'somebody';
    },
    [names],
  );
}

/** After the last bell: what was really drilled goes to the class's log by one press. */
function WriteDown({
  classId,
  classHref,
  done,
}: {
  readonly classId: string;
  readonly classHref: string;
  readonly done: ReadonlyMap<string, number>;
}) {
  const router = useRouter();
  const [asking, setAsking] = useState(false);
  const [message, setMessage] = useState<string>();
  const keep = async () => {
    for (const [drillId, minutes] of done) {
      const outcome = await logDrilled(classId, drillId, minutes).catch(() => undefined);
      if (!outcome?.ok) return setMessage('Not all of it is kept: there is no connection. Press again when there is.');
    }
    router.push(classHref);
  };
  return (
    <div className="next">
      {message ? <Notice role="alert">{message}</Notice> : null}
      The class is over.{' '}
      <Button look="lead" onPress={() => setAsking(true)}>
        Write down what was done
      </Button>
      <ConfirmDialog
        title="Write down what was done?"
        text={`${done.size === 1 ? 'One lesson' : `${done.size} lessons`} with the minutes that they really took. Who came is ticked on the class’s page.`}
        confirm="Write it down"
        isOpen={asking}
        onClose={() => setAsking(false)}
        onConfirm={() => void keep()}
      />
    </div>
  );
}
