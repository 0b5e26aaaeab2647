'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { styled } from 'styled-components';
import { shortNamesOf } from '@/core/kernel';
import type { FoundRun, RunGain } from '@/core/planning';
import { FormMessage } from '@/forms/FormMessage';
import { useNewId } from '@/forms/useNewId';
import { useSending } from '@/forms/useSending';
import { planAhead, stopPlanning } from '@/server/classes/classActions';
import { useWordOf } from '@/terms/HouseContext';
import { Quiet, Row } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { useLookAgain } from '@/ui/layout/useLookAgain';
import { Button } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';

const Above = styled.div`
  display: flex; flex-direction: column; gap: ${space(3)}; margin-bottom: ${space(5)};
`;
const Gains = styled.ul`
  list-style: none; margin: 0; padding: 0;
  li { display: grid; grid-template-columns: 150px minmax(0, 1fr); gap: ${space(4)}; padding: ${space(1.5)} 0; border-bottom: 1px solid ${color.rule}; }
  p + p { margin-top: 2px; }
`;
const SHOWN = 8;

/** The coming classes planned together, as far as it is. */
export interface RunState {
  /** The run that was asked for last. */
  readonly id?: string;
  readonly isUnderway: boolean;
  /** The best that is found, while more is looked for. */
  readonly soFar?: FoundRun;
  readonly askedBy?: string;
  /** Why there is none. */
  readonly message?: string;
  readonly ready?: {
    readonly benefit: number;
    readonly bound?: number;
    readonly aloneBenefit: number;
    readonly frequencyBenefit: number;
    readonly gains: readonly RunGain[];
  };
}

export interface PlanAheadProps {
  readonly run: RunState;
  readonly canPlan: boolean;
  /** The day of a class: "Wed 2 Dec". */
  readonly dayOf: (classId: string) => string | undefined;
}

/** Asks for the coming classes to be planned together, shows what is found so far, and says how much it helps. */
export function PlanAhead({ run, canPlan, dayOf }: PlanAheadProps) {
  const router = useRouter();
  const fresh = useNewId();
  const { messages, isSending, send } = useSending();
  useLookAgain(run.isUnderway);
  const ask = () =>
    send(
      () => planAhead(fresh.id()),
      () => {
        fresh.renew();
        router.refresh();
      },
    );
  const stop = () => {
    if (run.id !== undefined) {
      const { id } = run;
      send(
        () => stopPlanning(id),
        () => router.refresh(),
      );
    }
  };
  return (
    <Above>
      <FormMessage messages={run.message ? { '': run.message, ...messages } : messages} />
      <Row>
        <Button look="lead" onPress={ask} isPending={isSending || run.isUnderway} isDisabled={!canPlan}>
          {run.isUnderway ? 'Weighing three weeks …' : 'Plan the coming weeks together'}
        </Button>
        {run.isUnderway ? (
          <>
            <Button look="plain" onPress={stop}>
              Stop
            </Button>
            <Quiet role="status">
              {run.askedBy ? `${run.askedBy} asked for it. ` : ''}
              {run.soFar ? 'A first run is found; better ones are looked for. ' : ''}You can leave this page: the plans
              will be here.
            </Quiet>
          </>
        ) : (
          <Quiet>{canPlan ? comparedWords(run) : 'Tick who is expected in a class first.'}</Quiet>
        )}
      </Row>
      {run.isUnderway && run.soFar ? <SoFar found={run.soFar} dayOf={dayOf} /> : null}
    </Above>
  );
}

/** The lessons of the best run that is found so far. */
function SoFar({ found, dayOf }: { readonly found: FoundRun } & Pick<PlanAheadProps, 'dayOf'>) {
  const wordOf = useWordOf();
  return (
    <ul aria-label="Found so far">
      {found.classes
        .filter((one) => one.lessons.length > 0)
        .map(({ classId, lessons }) => (
          <li key={classId}>
            <Quiet>{dayOf(classId)}:</Quiet> {lessons.map((one) => wordOf(one.drillId)).join(', ')}
          </li>
        ))}
    </ul>
  );
}

/** How much the run helps, beside what each class would do for itself and the most frequent errors first. */
function comparedWords({ ready }: RunState): string {
  if (!ready)
    return 'Every class gets a theme and its lessons, so that each person is looked after once in the three weeks.';
  const more = (than: number) => (than > 0 ? Math.round((ready.benefit / than - 1) * 100) : 0);
  const parts = [
    more(ready.aloneBenefit) > 0 ? `${more(ready.aloneBenefit)} % more than each class for itself` : '',
    more(ready.frequencyBenefit) > 0
      ? `${more(ready.frequencyBenefit)} % more than the most frequent errors first`
      : '',
  ].filter(Boolean);
  return [parts.length > 0 ? `Expected to help ${parts.join(', ')}.` : '', boundWords(ready)].filter(Boolean).join(' ');
}

/** How near to the best that can be: "Within 3 % of anything possible." */
function boundWords({ benefit, bound }: NonNullable<RunState['ready']>): string {
  if (bound === undefined || benefit <= 0) return '';
  const percent = (bound / benefit - 1) * 100;
  return percent < 0.05
    ? 'Proved best.'
    : `Within ${percent < 1 ? percent.toFixed(1) : Math.ceil(percent)} % of anything possible.`;
}

/** "Flat in half guard waits: other lessons help more. Taps late waits: …" Older runs do not know why. */
function waitWords(
  waits: readonly string[],
  unanswerable: readonly string[] | undefined,
  wordOf: (id: string) => string,
): string {
  const say = (ids: readonly string[], why: string) =>
    ids.length > 0 ? `${ids.map(wordOf).join(', ')} ${ids.length === 1 ? 'waits' : 'wait'}${why}` : '';
  if (!unanswerable) return say(waits, '');
  return [
    say(
      waits.filter((id) => !unanswerable.includes(id)),
      ': other lessons help more',
    ),
    say(unanswerable, ': nothing that they may do in these classes answers it'),
  ]
    .filter(Boolean)
    .join('. ');
}

export interface GainListProps {
  readonly gains: readonly RunGain[];
  readonly names: Readonly<Record<string, string>>;
  /** The day of a class: "Wed 2 Dec". */
  readonly dayOf: (classId: string) => string | undefined;
}

/** What the run does for each person, and what waits. */
export function GainList({ gains, names, dayOf }: GainListProps) {
  const wordOf = useWordOf();
  const { shown, toggle } = useShowAll(gains, SHOWN);
  const short = shortNamesOf(gains.map((one) => names[one.personId] ?? 'somebody'));
  return (
    <>
      <Gains>
        {shown.map(({ personId, gets, waits, unanswerable }) => {
          const name = short[gains.findIndex((one) => one.personId === personId)] ?? 'somebody';
          return (
            <li key={personId}>
              <Link href={`/students/${personId}`}>{name}</Link>
              <div>
                <p>
                  {gets.length === 0
                    ? 'No lesson for them in these weeks.'
                    : gets
                        .map(({ classId, drillId }) => [wordOf(drillId), dayOf(classId)].filter(Boolean).join(', '))
                        .join('; ')}
                </p>
                {waits.length > 0 ? (
                  <p>
                    <Quiet>{waitWords(waits, unanswerable, wordOf)}</Quiet>
                  </p>
                ) : null}
              </div>
            </li>
          );
        })}
      </Gains>
      {toggle}
    </>
  );
}
