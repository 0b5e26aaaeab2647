'use client';

import { useState } from 'react';
import { formatWeight, type WeightUnit } from '@/core/kernel';
import {
  type AgainstGroup,
  chooseWorkOn,
  type Flows,
  type Funnel,
  type Habits,
  listChanged,
  type RecurringError,
  type SideCount,
} from '@/core/patterns';
import { type AnyBelt, beltCloth, beltWords } from '@/core/vocabulary';
import { FiguresDue, type FiguresDueProps } from '@/forms/FiguresDue';
import { dayWords } from '@/terms/dayWords';
import { FoldedBelt } from '@/ui/charts/FoldedBelt';
import { ActionLink, Empty, Notice, Page, Section } from '@/ui/layout/Page';
import type { PieceFootProps } from '@/ui/layout/PieceFoot';
import { PrintButton } from '@/ui/layout/PrintButton';
import { Button } from '@/ui/primitives';
import { AllErrors } from './errors/AllErrors';
import { Changed } from './errors/Changed';
import { TwoPeriods } from './errors/TwoPeriods';
import { WorkOn } from './errors/WorkOn';
import { PersonDialog, type PersonFacts } from './PersonDialog';
import { AgainstWhom } from './rounds/AgainstWhom';
import { Finishes } from './rounds/Finishes';
import { GoesWell } from './rounds/GoesWell';
import { type LateErrors, LeftRightEarlyLate } from './rounds/LeftRightEarlyLate';
import { RiverOfPositions } from './rounds/RiverOfPositions';
import { RoundsTable, type StudentRound } from './rounds/RoundsTable';
import { minutesWords, tideFigure } from './studentView';

export interface StudentPageProps {
  readonly person: PersonFacts & { readonly age?: number };
  readonly errors: readonly RecurringError[];
  readonly habits: Habits;
  readonly flows: Flows;
  readonly funnels: { readonly own: readonly Funnel[]; readonly faced: readonly Funnel[] };
  readonly partners: readonly AgainstGroup[];
  readonly sides: readonly SideCount[];
  readonly late: LateErrors;
  readonly rounds: readonly StudentRound[];
  readonly foot?: PieceFootProps;
  readonly figuresDue: FiguresDueProps;
  /** The day of the oldest round that counts for how often things happen, and how many older ones are looked at for changes. */
  readonly window: { readonly since?: string; readonly earlierRounds: number };
  readonly unit: WeightUnit;
}

/** A student in the order of a coach's questions: what to work on, what changed, what goes well, how the rounds flow, everything else. */
export function StudentPage({ person, rounds, figuresDue, unit, ...figures }: StudentPageProps) {
  const [editing, setEditing] = useState(false);
  const { habits, window } = figures;
  const belt = beltWords(person.belt as AnyBelt, person.stripes);
  const aside = (
    <>
      <FoldedBelt {...beltCloth(person.belt)} stripes={person.stripes} label={belt} /> {belt}
      {person.weightKg === undefined ? '' : ` · ${formatWeight(person.weightKg, unit)}`}
      {person.age === undefined ? '' : ` · ${person.age} years`}
      {habits.rounds > 0 && window.since
        ? ` · ${habits.rounds === 1 ? 'one reviewed round' : `${habits.rounds} reviewed rounds`} since ${dayWords(window.since)}, ${minutesWords(habits.liveMinutes)} live`
        : ''}
      {window.earlierRounds > 0 ? `, ${window.earlierRounds} before` : ''}
    </>
  );
  const actions = (
    <>
      <PrintButton look="plain" />
      <Button onPress={() => setEditing(true)}>Change details</Button>
    </>
  );
  return (
    <Page title={person.name} aside={aside} actions={actions}>
      <FiguresDue {...figuresDue} />
      {person.injuryNote && person.injuredUntil ? (
        <Notice data-tone="caution">
          {person.injuryNote}. Kept out of live work until {dayWords(person.injuredUntil)}. For pain or injury ask a
          licensed medical person.
        </Notice>
      ) : null}
      {habits.rounds === 0 ? (
        <NothingYet name={person.name} waiting={rounds[0]?.id} />
      ) : (
        <WhatRoundsSay rounds={rounds} {...figures} />
      )}
      <PersonDialog person={person} isOpen={editing} onClose={() => setEditing(false)} unit={unit} />
    </Page>
  );
}

function NothingYet({ name, waiting }: { readonly name: string; readonly waiting: string | undefined }) {
  return (
    <Empty>
      <h2>Nothing reviewed yet</h2>
      <p>
        What keeps happening shows here once a round of {name} is marked.{' '}
        {waiting ? 'A round is waiting.' : 'Cut one out of footage first.'}
      </p>
      <ActionLink data-look="lead" href={waiting ? `/rounds/${waiting}` : '/footage'}>
        {waiting ? 'Review it now' : 'To Footage'}
      </ActionLink>
    </Empty>
  );
}

type SaidProps = Omit<StudentPageProps, 'person' | 'figuresDue' | 'unit'>;

function WhatRoundsSay({ errors, habits, flows, funnels, partners, sides, late, window, rounds, foot }: SaidProps) {
  const labels = new Map(
    rounds.map((round) => [
      round.id,
      { roundId: round.id, startSeconds: round.startSeconds, partner: round.partner.split(' ')[0] ?? round.partner },
    ]),
  );
  const workOn = chooseWorkOn(errors);
  const changed = listChanged(errors);
  return (
    <>
      <Section>
        <h2>Work on now</h2>
        <div className="note">First causes, most worth it first. Each date opens the footage three seconds before.</div>
        <div className="matter">
          {workOn.length === 0 ? (
            <p>{errors.length === 0 ? 'No errors are marked in these rounds.' : 'Nothing that is still there.'}</p>
          ) : null}
          {workOn.map((found) => (
            <WorkOn key={found.errorId} found={found} rounds={labels} />
          ))}
        </div>
      </Section>
      <Section>
        <h2>What has changed</h2>
        <div className="note">Only what the rounds make likely; the rest may have changed and cannot be told.</div>
        <div className="matter">
          {changed.length === 0 ? <p>No change that could be told from this much footage.</p> : null}
          {changed.map((found) => (
            <Changed key={found.errorId} found={found} />
          ))}
        </div>
      </Section>
      <Section>
        <h2>What goes well</h2>
        <div className="matter">
          <GoesWell strengths={habits.strengths} rounds={labels} />
        </div>
      </Section>
      <Section>
        <h2>How the rounds flow</h2>
        <div className="note">
          Best placed above, worst below. Amber goes up, slate goes down. A stream opens its moments. On average:{' '}
          <strong>{tideFigure(habits.meanTide)}</strong> on the tide, from +4 (mounted on the partner) to −4.
        </div>
        <div className="matter">
          <RiverOfPositions flows={flows} rounds={labels} />
        </div>
      </Section>
      <Section>
        <h2>Chances and finishes</h2>
        <div className="note">The bar is where the true share lies, 19 times in 20.</div>
        <div className="matter">
          <Finishes funnels={funnels.own} label="Own attempts" />
          <Finishes funnels={funnels.faced} label="Attempts of partners" />
        </div>
      </Section>
      <Section>
        <h2>Against whom</h2>
        <div className="note">
          A tap decides a round, else the tide. Expected from belts and weights alone: a house estimate.
        </div>
        <div className="matter">
          <AgainstWhom groups={partners} />
        </div>
      </Section>
      <Section data-print="no">
        <h2>Left and right, early and late</h2>
        <div className="matter">
          <LeftRightEarlyLate sides={sides} late={late} />
        </div>
      </Section>
      <Section data-print="no">
        <h2>All errors</h2>
        <div className="note">A name opens its moments and figures.</div>
        <div className="matter">
          <AllErrors errors={errors} rounds={labels} />
        </div>
      </Section>
      <Section data-print="no">
        <h2>Two periods</h2>
        <div className="note">Before and after a class, a belt, an injury; or two kinds of rounds.</div>
        <div className="matter">
          <TwoPeriods errors={errors} middleDay={window.since ?? ''} />
        </div>
      </Section>
      <Section data-print="no">
        <h2>Rounds</h2>
        <div className="matter">
          <RoundsTable rounds={rounds} foot={foot} />
        </div>
      </Section>
    </>
  );
}
