'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { dayIn } from '@/core/kernel';
import { FormMessage } from '@/forms/FormMessage';
import { useSending } from '@/forms/useSending';
import { moveTheme } from '@/server/classes/calendarActions';
import { dayWords } from '@/terms/dayWords';
import { useZone } from '@/terms/ZoneContext';
import { ActionLink, Empty, Page, Quiet, Section, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { Button } from '@/ui/primitives';
import { CalendarDialog, type Holiday } from './CalendarDialog';
import { CalendarProgram, type CalendarProgramProps } from './CalendarProgram';
import { ClassDialog, type ClassFacts } from './ClassDialog';
import { GainList, PlanAhead, type RunState } from './ComingWeeks';
import { clockTime, longDayWords } from './classView';
import { PlanFirst, type PlanFirstProps } from './PlanFirst';
import { type ClassInWeek, Weeks } from './Weeks';

export interface ClassLine extends ClassFacts, Pick<ClassInWeek, 'expected' | 'planVersion' | 'themes' | 'lessonIds'> {}

function ClassTable({ classes }: { readonly classes: readonly ClassLine[] }) {
  const zone = useZone();
  return (
    <Table>
      <thead>
        <tr>
          <th>When</th>
          <th>Class</th>
          <th>Worn</th>
          <th className="figure">Length</th>
          <th className="figure">Expected</th>
          <th>Plan</th>
        </tr>
      </thead>
      <tbody>
        {classes.map((one) => (
          <tr key={one.id}>
            <td>
              {longDayWords(one.startsAt, zone)}, {clockTime(one.startsAt, 0, zone)}
            </td>
            <td>
              <Link href={`/classes/${one.id}`}>{one.title}</Link> <Quiet>{one.level}</Quiet>
            </td>
            <td>{one.uniform}</td>
            <td className="figure">{one.minutes} min</td>
            <td className="figure">{one.expected}</td>
            <td>
              {one.planVersion ? <Link href={`/classes/${one.id}/sheet`}>sheet</Link> : <Quiet>not planned yet</Quiet>}
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

export function ClassesPage({
  upcoming,
  past,
  foot,
  people,
  run,
  names,
  holidays,
  calendar,
  ...first
}: PlanFirstProps & {
  readonly upcoming: readonly ClassLine[];
  readonly past: readonly ClassLine[];
  readonly foot?: PieceFootProps;
  readonly people: number;
  readonly run: RunState;
  readonly names: Readonly<Record<string, string>>;
  /** Days without classes, from today on. */
  readonly holidays: readonly Holiday[];
  readonly calendar?: CalendarProgramProps['address'];
}) {
  const zone = useZone();
  const router = useRouter();
  const { messages, send } = useSending();
  const [arranging, setArranging] = useState(false);
  const [subscribing, setSubscribing] = useState(false);
  const giveTheme = (fromId: string, toId: string) =>
    send(
      () => moveTheme(fromId, toId),
      () => router.refresh(),
    );
  const dayOfClass = (classId: string) => {
    const one = [...upcoming, ...past].find((other) => other.id === classId);
    return one && dayWords(dayIn(zone, one.startsAt));
  };
  const [adding, setAdding] = useState(false);
  return (
    <Page
      title="Classes"
      aside="What comes, who is expected, and what it should answer."
      actions={
        <>
          <Button look="plain" onPress={() => setSubscribing(true)}>
            In your calendar
          </Button>
          <Link href="/classes/bring-in">From elsewhere</Link>
          <Link href="/classes/curriculum">Curriculum</Link>
          <Button look="plain" onPress={() => setArranging(true)}>
            Copy weeks
          </Button>
          <Button onPress={() => setAdding(true)}>A new class</Button>
        </>
      }
    >
      {upcoming.length === 0 ? (
        <Empty>
          <h2>No class ahead</h2>
          <p>
            {people === 0
              ? 'First bring in footage and review a round: a plan answers what keeps happening to those who come.'
              : 'Set up the next class, tick who is expected, and let a plan be made from what keeps happening to them.'}
          </p>
          {people === 0 ? (
            <ActionLink data-look="lead" href="/footage">
              To Footage
            </ActionLink>
          ) : (
            <Button look="lead" onPress={() => setAdding(true)}>
              Set up a class
            </Button>
          )}
        </Empty>
      ) : (
        <>
          <Section>
            <h2>The coming weeks</h2>
            <div className="note">
              Planned together for three weeks at most. What you locked stays; what you signed in reviews comes before
              what was worked out.
            </div>
            <div className="matter">
              <PlanAhead run={run} canPlan={upcoming.some((one) => one.expected > 1)} dayOf={dayOfClass} />
              <PlanFirst {...first} />
              <FormMessage messages={messages} />
              <Weeks classes={upcoming} holidays={holidays} onMoveTheme={giveTheme} />
            </div>
          </Section>
          {run.ready && run.ready.gains.length > 0 ? (
            <Section>
              <h2>What each gets</h2>
              <div className="note">Those who get least come first.</div>
              <div className="matter">
                <GainList gains={run.ready.gains} names={names} dayOf={dayOfClass} />
              </div>
            </Section>
          ) : null}
        </>
      )}
      {past.length > 0 ? (
        <Section>
          <h2>Behind</h2>
          <div className="matter">
            <ClassTable classes={past} />
            <PieceFoot {...foot} />
          </div>
        </Section>
      ) : null}
      <CalendarDialog
        holidays={holidays}
        today={dayIn(zone, new Date().toISOString())}
        isOpen={arranging}
        onClose={() => setArranging(false)}
      />
      <CalendarProgram address={calendar} isOpen={subscribing} onClose={() => setSubscribing(false)} />
      <ClassDialog isOpen={adding} onClose={() => setAdding(false)} />
    </Page>
  );
}
