'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { dayIn, shortNamesOf, type WeightUnit } from '@/core/kernel';
import {
  type ClassPlan,
  type DrillLock,
  type KeptPair,
  leastMinutesOf,
  type OwnBlock,
  type PlanNumbers,
  taughtHere,
} from '@/core/planning';
import { drillsOf } from '@/core/vocabulary';
import { useAction } from '@/forms/useAction';
import { whyNot } from '@/forms/whyNot';
import { expectPerson, generateClassPlan, removeClass } from '@/server/classes/classActions';
import { learnedWords } from '@/terms/effectWords';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { themeWords } from '@/terms/themeWords';
import { useZone } from '@/terms/ZoneContext';
import { ActionLink, Notice, Page, Quiet, Row, Section, Stack } from '@/ui/layout/Page';
import { useLookAgain } from '@/ui/layout/useLookAgain';
import { Button, ConfirmDialog, Select } from '@/ui/primitives';
import { ClassDialog, type ClassFacts } from './ClassDialog';
import { ClassLog, type ClassLogProps } from './ClassLog';
import { clockTime, longDayWords } from './classView';
import { type ExpectablePerson, Expected } from './Expected';
import { KeepPlan } from './KeepPlan';
import { OwnBlocks } from './OwnBlocks';
import { PairsSection, PlanParts } from './PlanParts';
import { RepeatClass } from './RepeatClass';
import { Versions, type VersionsProps } from './Versions';

export interface AskedPlan {
  readonly version: number;
  readonly isUnderway: boolean;
  readonly askedBy?: string;
  /** Why there is no plan. */
  readonly message?: string;
}

export interface ClassPageProps {
  readonly one: ClassFacts & {
    readonly ownBlocks: readonly OwnBlock[];
    readonly keptPairs: readonly KeptPair[];
    readonly isKept: boolean;
  };
  readonly people: readonly ExpectablePerson[];
  readonly chances: Readonly<Record<string, number>>;
  /** What became of it, once it has begun. */
  readonly log?: Pick<ClassLogProps, 'came' | 'howItWas' | 'groupOf' | 'drilled' | 'note'>;
  readonly stored?: {
    readonly plan: ClassPlan;
    readonly locks: readonly DrillLock[];
    readonly version: number;
    readonly ordinal: number;
  };
  readonly versions: VersionsProps['versions'];
  /** The plan that was asked for last, while it is not there. */
  readonly asked?: AskedPlan;
  readonly weightLimitRatio: number;
  /** How the academy plans. */
  readonly numbers: PlanNumbers;
  readonly unit: WeightUnit;
  /** Titles of the curriculum's units. */
  readonly units: readonly string[];
}

export function ClassPage({ one, people, chances, log, stored, versions, asked, ...limits }: ClassPageProps) {
  const { weightLimitRatio, unit, numbers, units } = limits;
  const zone = useZone();
  const router = useRouter();
  const [chanceOf, setChanceOf] = useState(chances);
  const [locks, setLocks] = useState<readonly DrillLock[]>(stored?.locks ?? []);
  const { message, setMessage, pending, run } = useAction();
  const underway = asked?.isUnderway === true;
  useLookAgain(underway);
  const [editing, setEditing] = useState(false);
  const [repeating, setRepeating] = useState(false);
  const nameOf = useMemo(() => {
    const short = shortNamesOf(people.map((person) => person.name));
    const names = new Map(people.map((person, at) => [person.id, short[at] ?? person.name]));
    return (id: string) => names.get(id) ?? 'somebody';
  }, [people]);

  const expect = (personId: string, chance: number) => {
    const before = chanceOf;
    setChanceOf({ ...before, [personId]: chance });
    void expectPerson(one.id, personId, chance)
      .catch(() => undefined)
      .then((outcome) => {
        if (outcome?.ok) return;
        setChanceOf(before);
        setMessage(`That tick is not kept. ${whyNot(outcome)}`);
      });
  };
  const generate = () =>
    run(
      () => generateClassPlan(one.id, locks),
      () => router.refresh(),
    );
  const count = Object.values(chanceOf).filter((chance) => chance > 0).length;
  const changed = stored !== undefined && JSON.stringify(stored.locks) !== JSON.stringify(locks);

  return (
    <Page
      title={one.title}
      aside={`${longDayWords(one.startsAt, zone)}, ${clockTime(one.startsAt, 0, zone)} to ${clockTime(one.startsAt, one.minutes, zone)} · ${one.uniform} · ${one.level} · room for ${one.pairsOnMats} pairs`}
      actions={
        <>
          <a href={`/api/classes/${one.id}/calendar`} download>
            Calendar file
          </a>
          <Button look="plain" onPress={() => setRepeating(true)}>
            Every week
          </Button>
          <Button onPress={() => setEditing(true)}>Change</Button>
          {stored ? <PlanLinks classId={one.id} plan={stored.plan} /> : null}
        </>
      }
    >
      {log ? (
        <Section>
          <h2>What became of it</h2>
          <div className="note">Two minutes after class: students’ pages and the Academy read it.</div>
          <div className="matter">
            <ClassLog
              classId={one.id}
              people={people}
              expectedIds={Object.keys(chances)}
              plannedIds={stored?.plan.drills.map((drill) => drill.drillId) ?? []}
              groups={stored?.plan.groups?.length ?? 0}
              {...log}
            />
          </div>
        </Section>
      ) : null}
      <Section>
        <h2>{log ? 'Who was expected' : 'Who comes'}</h2>
        <div className="note">
          {count === 0 ? 'Nobody ticked yet.' : `${count} expected.`} Press the word to say how surely. Whoever usually
          comes on such a day is ticked when the class is set up.
        </div>
        <div className="matter">
          {people.length === 0 ? (
            <p>Nobody is written down yet. People appear when you fill in a round’s card, or under Students.</p>
          ) : (
            <Expected
              people={people}
              chanceOf={chanceOf}
              day={one.startsAt.slice(0, 10)}
              unit={unit}
              onChange={expect}
            />
          )}
        </div>
      </Section>
      <Section>
        <h2>The plan</h2>
        <div className="note">
          {stored ? (
            <PlanFigures plan={stored.plan} ordinal={stored.ordinal} />
          ) : (
            'Made from what keeps happening to those who come, within the minutes, the mats and the limits.'
          )}
        </div>
        <div className="matter">
          <Stack>
            {(message ?? asked?.message) ? <Notice role="alert">{message ?? asked?.message}</Notice> : null}
            <Row>
              <Button look="lead" onPress={generate} isPending={pending || underway}>
                {pending || underway ? 'Weighing the drills …' : stored ? 'Generate again' : 'Generate'}
              </Button>
              {underway ? (
                <Quiet role="status">
                  {asked.askedBy ? `${asked.askedBy} asked for it. ` : ''}You can leave this page: the plan will be
                  here.
                </Quiet>
              ) : null}
              {changed && !underway ? <Quiet>The locks changed: generate again to apply them.</Quiet> : null}
            </Row>
            <LockList locks={locks} onLocks={setLocks} numbers={numbers} />
            <OwnBlocks classId={one.id} blocks={one.ownBlocks} units={units} />
            {stored ? (
              <>
                <KeepPlan classId={one.id} isKept={one.isKept} />
                <PlanParts
                  classId={one.id}
                  version={stored.version}
                  plan={stored.plan}
                  startsAt={one.startsAt}
                  locks={locks}
                  nameOf={nameOf}
                  onLocks={setLocks}
                  numbers={numbers}
                />
              </>
            ) : null}
            <Versions classId={one.id} versions={versions} />
          </Stack>
        </div>
      </Section>
      {stored ? (
        <PairsSection
          classId={one.id}
          plan={stored.plan}
          pairs={one.keptPairs}
          people={people.filter((person) => (chanceOf[person.id] ?? 0) > 0)}
          weightLimitRatio={weightLimitRatio}
          nameOf={nameOf}
        />
      ) : null}
      <DeleteClass classId={one.id} onProblem={setMessage} />
      <ClassDialog one={one} isOpen={editing} onClose={() => setEditing(false)} />
      <RepeatClass
        classId={one.id}
        day={dayIn(zone, one.startsAt)}
        isOpen={repeating}
        onClose={() => setRepeating(false)}
      />
    </Page>
  );
}

function DeleteClass({
  classId,
  onProblem,
}: {
  readonly classId: string;
  readonly onProblem: (message: string | undefined) => void;
}) {
  const router = useRouter();
  const [asking, setAsking] = useState(false);
  const remove = async () => {
    const outcome = await removeClass(classId).catch(() => undefined);
    if (outcome?.ok) router.push('/classes');
    else onProblem(whyNot(outcome));
  };
  return (
    <Row>
      <Button look="plain" onPress={() => setAsking(true)}>
        Delete this class
      </Button>
      <ConfirmDialog
        title="Delete this class?"
        text="The class and its plans are deleted and cannot be brought back."
        confirm="Delete the class"
        isOpen={asking}
        onClose={() => setAsking(false)}
        onConfirm={() => void remove()}
      />
    </Row>
  );
}

/** Where the plan goes: onto the mat, for each group its own, and onto paper. */
function PlanLinks({ classId, plan }: { readonly classId: string; readonly plan: ClassPlan }) {
  const groups = plan.groups?.map((_, at) => at + 1) ?? [];
  return (
    <>
      {groups.length === 0 ? <ActionLink href={`/classes/${classId}/mat`}>On the mat</ActionLink> : null}
      {groups.map((group) => (
        <ActionLink key={group} href={`/classes/${classId}/mat?group=${group}`}>
          On the mat, group {group}
        </ActionLink>
      ))}
      <ActionLink data-look="lead" href={`/classes/${classId}/sheet`}>
        The sheet
      </ActionLink>
    </>
  );
}

function PlanFigures({ plan, ordinal }: { readonly plan: ClassPlan; readonly ordinal: number }) {
  const wordOf = useWordOf();
  const better =
    plan.frequencyBenefit > 0 && !plan.isOfRun && !plan.isArranged
      ? Math.round((plan.benefit / plan.frequencyBenefit - 1) * 100)
      : undefined;
  return (
    <>
      {(plan.themes ?? []).length > 0 ? (
        <>
          <strong>{(plan.themes ?? []).map((theme) => themeWords(theme)).join(' and ')}</strong>
          <br />
        </>
      ) : null}
      {plan.fromUnit ? (
        <>
          From the curriculum: <Link href="/classes/curriculum">{plan.fromUnit.title}</Link>.
          <br />
        </>
      ) : null}
      {plan.groups && plan.served !== undefined && plan.servedAsOne !== undefined ? (
        <>
          Two groups side by side: {servedWords(plan.served)} get a lesson on one of their first errors, in one group{' '}
          {servedWords(plan.servedAsOne)}.
          <br />
        </>
      ) : null}
      Version {ordinal},{' '}
      {plan.isArranged
        ? 'arranged by hand'
        : plan.isOfRun
          ? 'planned together with the other classes of the coming weeks'
          : plan.optimal
            ? 'proved the best choice'
            : 'the best found in the time'}
      .{' '}
      {better === undefined
        ? ''
        : `Expected to help ${better > 0 ? `${better} % more than` : 'as much as'} taking the most frequent errors first.`}
      {(plan.learned ?? []).map((one) => (
        <span key={one.drillId}>
          <br />
          {wordOf(one.drillId)}: {learnedWords(one)}.
        </span>
      ))}
    </>
  );
}

/** People by their chance of coming: as many as may be thought to be there. */
const servedWords = (expected: number): string => `about ${Math.round(expected)}`;

/** Drills that are locked in or left out, and a way to lock one that the plan did not choose. */
function LockList({
  locks,
  onLocks,
  numbers,
}: {
  readonly locks: readonly DrillLock[];
  readonly onLocks: (locks: readonly DrillLock[]) => void;
  readonly numbers: PlanNumbers;
}) {
  const house = useHouse();
  const wordOf = useWordOf();
  const add = (drillId: string) => {
    const [drill] = taughtHere(drillsOf(house), numbers).filter((one) => one.id === drillId);
    if (drill)
      onLocks([
        ...locks.filter((one) => one.drillId !== drillId),
        { kind: 'keep', drillId, minutes: leastMinutesOf(drill) },
      ]);
  };
  return (
    <Row>
      {locks.map((lock) => (
        <Button key={lock.drillId} onPress={() => onLocks(locks.filter((one) => one !== lock))}>
          {lock.kind === 'keep'
            ? `Locked: ${wordOf(lock.drillId)}, ${lock.minutes} min`
            : `Left out: ${wordOf(lock.drillId)}`}{' '}
          ×
        </Button>
      ))}
      <Select
        label="Lock a drill of your choice"
        options={drillsOf(house).map((drill) => ({ value: drill.id, label: drill.name }))}
        value={undefined}
        onChange={add}
        placeholder="From the library …"
      />
    </Row>
  );
}
