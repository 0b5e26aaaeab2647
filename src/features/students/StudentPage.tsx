'use client';

import Link from 'next/link';
import { useState } from 'react';
import type { LessonDone } from '@/core/effects';
import { formatWeight, type WeightUnit } from '@/core/kernel';
import {
  type AgainstGroup,
  chooseWorkOn,
  type EdgeWeights,
  type ErrorsAgainst,
  type Flows,
  type Habits,
  listChanged,
  type NotTheirs,
  narrows,
  type RecurringError,
  type RoundFilter,
  type SideCount,
  type ThemeFigures,
} from '@/core/patterns';
import { type AnyBelt, beltCloth, beltWords, isChildBelt } from '@/core/vocabulary';
import { FiguresDue, type FiguresDueProps } from '@/forms/FiguresDue';
import { dayWords } from '@/terms/dayWords';
import { FoldedBelt } from '@/ui/charts/FoldedBelt';
import { ActionLink, Empty, Notice, Page, Section } from '@/ui/layout/Page';
import type { PieceFootProps } from '@/ui/layout/PieceFoot';
import { PrintButton } from '@/ui/layout/PrintButton';
import { Button } from '@/ui/primitives';
import { AllErrors } from './errors/AllErrors';
import { Changed } from './errors/Changed';
import { LessonsDone } from './errors/LessonsDone';
import type { RoundLabels } from './errors/Moments';
import { NotTheirProblem } from './errors/NotTheirProblem';
import { Principles } from './errors/Principles';
import { TwoPeriods, type TwoPeriodsProps } from './errors/TwoPeriods';
import { WorkOn } from './errors/WorkOn';
import { PersonDialog, type PersonFacts } from './PersonDialog';
import { BeltsAndWeights, type BeltsAndWeightsProps } from './past/BeltsAndWeights';
import { type ConsentLine, Consents } from './past/Consents';
import { Curriculum, type CurriculumProps } from './past/Curriculum';
import { Keeping, type KeepingProps } from './past/Keeping';
import { OwnPage, type OwnPageProps } from './past/OwnPage';
import { type QuestionAbout, QuestionsAbout } from './past/QuestionsAbout';
import { Reviews, type SaidLine, type SignedReviewLine } from './past/Reviews';
import { type RoundApartLine, RoundsApart } from './past/RoundsApart';
import { AgainstWhom, edgeWords } from './rounds/AgainstWhom';
import { Chances, type ChancesProps } from './rounds/Chances';
import { GoesWell } from './rounds/GoesWell';
import { type LateErrors, LeftRightEarlyLate, type LeftRightEarlyLateProps } from './rounds/LeftRightEarlyLate';
import { RiverOfPositions } from './rounds/RiverOfPositions';
import { RoundsTable, type StudentRound } from './rounds/RoundsTable';
import { Themes } from './rounds/Themes';
import { minutesWords, tideFigure } from './studentView';
import { WhichRounds, type WhichRoundsProps } from './WhichRounds';

type BeltsPast = Pick<BeltsAndWeightsProps, 'belts' | 'weights'>;

export interface StudentPageProps {
  readonly person: PersonFacts & { readonly age?: number };
  readonly errors: readonly RecurringError[];
  readonly habits: Habits;
  readonly flows: Flows;
  readonly funnels: ChancesProps['funnels'];
  readonly partners: readonly AgainstGroup[];
  readonly errorsAgainst: readonly ErrorsAgainst[];
  readonly edge: EdgeWeights;
  readonly notTheirs: readonly NotTheirs[];
  readonly lessons: readonly LessonDone[];
  readonly filter: RoundFilter;
  readonly met: WhichRoundsProps['met'];
  readonly side: TwoPeriodsProps['side'];
  readonly compared: TwoPeriodsProps['compared'];
  readonly past: BeltsPast & {
    readonly reviews: readonly SignedReviewLine[];
    readonly apart: readonly RoundApartLine[];
    readonly hurts: KeepingProps['hurts'];
    readonly consents: readonly ConsentLine[];
    readonly said: readonly SaidLine[];
    readonly links: OwnPageProps['links'];
    readonly questions: readonly QuestionAbout[];
    readonly units: CurriculumProps['units'];
  };
  readonly themes: readonly ThemeFigures[];
  readonly sides: readonly SideCount[];
  readonly answers: LeftRightEarlyLateProps['answers'];
  readonly late: LateErrors;
  readonly later: LateErrors;
  readonly rounds: readonly StudentRound[];
  readonly foot?: PieceFootProps;
  readonly figuresDue: FiguresDueProps;
  /** The day of the oldest round that counts for how often things happen, and how many older ones are looked at for changes. */
  readonly window: { readonly since?: string; readonly earlierRounds: number; readonly isCut: boolean };
  readonly unit: WeightUnit;
  readonly today: string;
  /** The academy gives students pages of their own. */
  readonly givesPages: boolean;
  /** Whether this coach may erase somebody. */
  readonly mayErase: boolean;
}

/** A student in the order of a coach's questions: what to work on, what changed, what goes well, how the rounds flow, everything else. */
export function StudentPage({
  person,
  rounds,
  figuresDue,
  unit,
  today,
  givesPages,
  mayErase,
  ...figures
}: StudentPageProps) {
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
      {window.isCut ? '; older ones are not looked at here: choose days' : ''}
    </>
  );
  const actions = (
    <>
      <a
        href={`/api/students/${person.id}/package`}
        title="All that is known of them and their rounds, as a ZIP of JSON"
      >
        Take along
      </a>
      <PrintButton look="plain" />
      <ActionLink href={`/students/${person.id}/closing`}>Close an evening</ActionLink>
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
      <WhichRounds filter={figures.filter} met={figures.met} />
      {habits.rounds === 0 ? (
        narrows(figures.filter) ? (
          <p>No reviewed round is left: take a part away above.</p>
        ) : (
          <NothingYet name={person.name} waiting={rounds[0]?.id} />
        )
      ) : (
        <WhatRoundsSay rounds={rounds} name={person.name} {...figures} />
      )}
      <Past person={person} rounds={rounds} unit={unit} today={today} givesPages={givesPages} {...figures} />
      {mayErase ? (
        <p data-print="no">
          <Link href={`/students/${person.id}/erase`}>Erase {person.name} …</Link>
        </p>
      ) : null}
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

type FiguresProps = Omit<StudentPageProps, 'person' | 'figuresDue' | 'unit' | 'today' | 'givesPages' | 'mayErase'>;

const labelsOf = (rounds: readonly StudentRound[]): RoundLabels =>
  new Map(
    rounds.map((round) => [
      round.id,
      {
        ...{ roundId: round.id, startSeconds: round.startSeconds, filmed: round.filmed },
        partner: round.partner.split(' ')[0] ?? round.partner,
      },
    ]),
  );

function WhatRoundsSay({ errors, rounds, name, ...figures }: FiguresProps & { readonly name: string }) {
  const labels = labelsOf(rounds);
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
      <HowRoundsGo labels={labels} {...figures} />
      <Section data-print="no">
        <h2>Did it work?</h2>
        <div className="note">Before and since a class or homework was first about it.</div>
        <div className="matter">
          <LessonsDone lessons={figures.lessons} />
        </div>
      </Section>
      <Section data-print="no">
        <h2>All errors</h2>
        <div className="note">A name opens its moments and figures.</div>
        <div className="matter">
          <Principles errors={errors} rounds={labels} />
          <AllErrors errors={errors} rounds={labels} />
          <NotTheirProblem errors={figures.notTheirs} />
        </div>
      </Section>
      <Section data-print="no">
        <h2>Side by side</h2>
        <div className="note">Before and after a class, a belt, an injury; two kinds of rounds; two students.</div>
        <div className="matter">
          <TwoPeriods
            side={figures.side}
            name={name}
            compared={figures.compared}
            errors={errors}
            belts={figures.past.belts}
            hurts={figures.past.hurts}
          />
        </div>
      </Section>
    </>
  );
}

type GoProps = Pick<
  FiguresProps,
  | 'habits'
  | 'themes'
  | 'flows'
  | 'funnels'
  | 'partners'
  | 'errorsAgainst'
  | 'edge'
  | 'sides'
  | 'late'
  | 'later'
  | 'answers'
> & {
  readonly labels: RoundLabels;
};

/** What goes well, how rounds flow, what becomes of chances, against whom, to which side and when. */
function HowRoundsGo({ labels, habits, flows, funnels, partners, errorsAgainst, edge, themes, ...flagged }: GoProps) {
  return (
    <>
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
          <Chances funnels={funnels} rounds={labels} />
          <Themes themes={themes} rounds={labels} />
        </div>
      </Section>
      <Section>
        <h2>Against whom</h2>
        <div className="note">
          A tap decides a round, else the tide. Expected from belts and weights alone, {edgeWords(edge)}.
        </div>
        <div className="matter">
          <AgainstWhom groups={partners} errors={errorsAgainst} />
        </div>
      </Section>
      <Section data-print="no">
        <h2>Left and right, early and late, answering</h2>
        <div className="matter">
          <LeftRightEarlyLate {...flagged} labels={labels} />
        </div>
      </Section>
    </>
  );
}

type PastProps = Pick<StudentPageProps, 'person' | 'rounds' | 'foot' | 'past' | 'unit' | 'today' | 'givesPages'>;

/** Rounds, signed reviews, belts and weights over time, and what is to be kept in mind. */
function Past({ person, rounds, foot, past, unit, today, givesPages }: PastProps) {
  return (
    <>
      <Section data-print="no">
        <h2>Rounds</h2>
        <div className="matter">
          <RoundsApart rounds={past.apart} />
          <RoundsTable person={person} rounds={rounds} foot={foot} />
        </div>
      </Section>
      <Section data-print="no">
        <h2>Your questions</h2>
        <div className="matter">
          <QuestionsAbout questions={past.questions} />
        </div>
      </Section>
      <Section data-print="no">
        <h2>Reviews and homework</h2>
        <div className="matter">
          <Reviews personId={person.id} reviews={past.reviews} said={past.said} />
        </div>
      </Section>
      <Section data-print="no">
        <h2>Curriculum</h2>
        <div className="note">
          What they were taught and what was seen of them. Whether that is enough is yours to say.
        </div>
        <div className="matter">
          <Curriculum units={past.units} />
        </div>
      </Section>
      <Section data-print="no">
        <h2>Belts and weights</h2>
        <div className="matter">
          <BeltsAndWeights belts={past.belts} weights={past.weights} unit={unit} />
        </div>
      </Section>
      <Section data-print="no">
        <h2>To keep in mind</h2>
        <div className="matter">
          <Keeping person={person} hurts={past.hurts} />
        </div>
      </Section>
      <Section data-print="no">
        <h2>Filming and showing</h2>
        <div className="note">Who agreed to what. Nothing with a minor is shared without a guardian’s consent.</div>
        <div className="matter">
          <Consents person={person} childBelt={isChildBelt(person.belt)} consents={past.consents} day={today} />
        </div>
      </Section>
      {givesPages || past.links.length > 0 ? (
        <Section data-print="no">
          <h2>Their own page</h2>
          <div className="note">Behind a link: what is shared with them, homework, what to work on.</div>
          <div className="matter">
            <OwnPage personId={person.id} links={past.links} givesPages={givesPages} />
          </div>
        </Section>
      ) : null}
    </>
  );
}
