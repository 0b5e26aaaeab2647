'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import type { AcademyTable, SharedError } from '@/core/patterns';
import { type Belt, beltWords } from '@/core/vocabulary';
import { FiguresDue, type FiguresDueProps } from '@/forms/FiguresDue';
import { LessonEffects, type ShownEffect } from '@/forms/LessonEffects';
import { familyWord } from '@/terms/familyWords';
import { useWordOf } from '@/terms/HouseContext';
import { times } from '@/terms/times';
import { ActionLink, Empty, Page, Quiet, Section } from '@/ui/layout/Page';
import { PrintButton } from '@/ui/layout/PrintButton';
import { useShowAll } from '@/ui/layout/ShowAll';
import { color, space } from '@/ui/tokens/tokens';
import { BrickTable } from './BrickTable';
import { Reviewers, type ReviewersAgreed } from './Reviewers';
import { type HazardSeen, SafetyLog, type SafetyLogProps } from './SafetyLog';
import { agoWords, type Taught, WorthAClass } from './WorthAClass';

const Opened = styled.div`
  margin-top: ${space(5)}; padding-left: ${space(4)}; border-left: 3px solid ${color.harm};
  h3 { margin-bottom: ${space(2)}; }
  p { margin-bottom: ${space(1)}; }
`;
const Numbers = styled.dl`
  display: grid; grid-template-columns: repeat(3, auto); gap: 0 ${space(10)}; justify-content: start; margin: 0;
  dt { grid-row: 2; color: ${color.quiet}; }
  dd { margin: 0; font-size: 28px; }
`;

export interface AcademyPageProps {
  readonly table: AcademyTable;
  readonly shared: readonly SharedError[];
  readonly taught: readonly Taught[];
  readonly effects: readonly ShownEffect[];
  readonly hazards: readonly HazardSeen[];
  readonly moreHazards: boolean;
  readonly inClasses: SafetyLogProps['inClasses'];
  readonly work: { readonly marked: number; readonly unmarked: number; readonly unsigned: number };
  readonly reviewers: readonly ReviewersAgreed[];
  /** One cell of the table, opened: who shows what. */
  readonly open?: {
    readonly family: string;
    readonly belt: Belt;
    readonly errors: readonly {
      readonly errorId: string;
      readonly count: number;
      readonly people: readonly { readonly personId: string; readonly name: string; readonly count: number }[];
    }[];
  };
  readonly today: string;
  readonly figuresDue: FiguresDueProps;
}

const SHOWN_TAUGHT = 10;

/** Where every time that a belt made an error is found, with its clips. */
const seenAddress = (belt: Belt, name: string, errorId: string): string =>
  `/search?${new URLSearchParams({ q: `${belt} belts ${name}`, as: errorId })}`;

/** The academy as a whole: who errs where, what to teach, what was taught, what was dangerous, what waits. */
export function AcademyPage({
  table,
  shared,
  taught,
  effects,
  hazards,
  moreHazards,
  inClasses,
  work,
  reviewers,
  open,
  today,
  figuresDue,
}: AcademyPageProps) {
  const wordOf = useWordOf();
  const drills = useShowAll(taught, SHOWN_TAUGHT);
  return (
    <Page
      title="The academy"
      aside="Across all students, from the rounds of their last months."
      actions={
        <>
          <PrintButton look="plain" />
          <ActionLink href="/academy/closing">Close the week</ActionLink>
        </>
      }
    >
      <FiguresDue {...figuresDue} />
      {table.belts.length === 0 ? (
        <Empty>
          <h2>Nothing reviewed yet</h2>
          <p>Once rounds are marked, this page shows which belts share which errors, and what is worth a class.</p>
          <ActionLink data-look="lead" href="/review">
            To Review
          </ActionLink>
        </Empty>
      ) : (
        <>
          <Section>
            <h2>Where it goes wrong</h2>
            <div className="note">
              Errors in ten live minutes. The deeper the brick, the more harm; a dashed edge: cannot be told from the
              other belts. A brick opens who and what.
            </div>
            <div className="matter">
              <BrickTable table={table} open={open} />
              {open ? (
                <Opened id="cell">
                  <h3>
                    {familyWord(open.family)}, {beltWords(open.belt, 0)}
                  </h3>
                  {open.errors.length === 0 ? <p>No error of this kind was seen at this belt.</p> : null}
                  {open.errors.map(({ errorId, count, people }) => (
                    <p key={errorId}>
                      <Link href={`/library/${errorId}`}>{wordOf(errorId)}</Link>{' '}
                      <Quiet>
                        <Link href={seenAddress(open.belt, wordOf(errorId), errorId)}>{times(count)}</Link>:
                      </Quiet>{' '}
                      {people.map((one, at) => (
                        <span key={one.personId}>
                          {at > 0 ? ', ' : ''}
                          <Link href={`/students/${one.personId}`}>{one.name}</Link> <Quiet>{one.count}</Quiet>
                        </span>
                      ))}
                    </p>
                  ))}
                </Opened>
              ) : null}
            </div>
          </Section>
          <Section>
            <h2>Worth a class</h2>
            <div className="note">
              What several make, by how often, how much it costs, and how much a lesson can change at their belts.
            </div>
            <div className="matter">
              <WorthAClass shared={shared} taught={taught} today={today} />
            </div>
          </Section>
          <Section>
            <h2>What was taught</h2>
            <div className="note">In the classes of the last half year whose drills are known.</div>
            <div className="matter">
              {taught.length === 0 ? <p>No class of the last half year says what was drilled.</p> : null}
              {drills.shown.map((one) => (
                <p key={one.drillId}>
                  <Link href={`/library/${one.drillId}`}>{wordOf(one.drillId)}</Link>{' '}
                  <Quiet>
                    {agoWords(one.lastDay, today)}, {times(one.times)}, {one.minutes} minutes
                  </Quiet>
                </p>
              ))}
              {drills.toggle}
            </div>
          </Section>
          <Section>
            <h2>Did it work?</h2>
            <div className="note">What became of each error of those who came to a lesson on it.</div>
            <div className="matter">
              {effects.length === 0 ? (
                <p>
                  Nothing can be said yet: it begins once a class says who came and what was drilled, and rounds from
                  before and after it are marked.
                </p>
              ) : (
                <LessonEffects effects={effects} />
              )}
            </div>
          </Section>
        </>
      )}
      <Section>
        <h2>Safety</h2>
        <div className="note">
          Hazards marked on film and what classes’ logs say, newest first. For injuries ask a licensed medical person.
        </div>
        <div className="matter">
          <SafetyLog hazards={hazards} isCut={moreHazards} inClasses={inClasses} />
        </div>
      </Section>
      <Section>
        <h2>Reviewers</h2>
        <div className="note">
          How far a second, blind review agrees: where the two are second by second (Cohen’s kappa, 1 is all, 0 is
          chance), and errors that both marked.
        </div>
        <div className="matter">
          <Reviewers reviews={reviewers} />
        </div>
      </Section>
      <Section>
        <h2>Work</h2>
        <div className="matter">
          <Numbers>
            <dd>{work.marked}</dd>
            <dt>rounds marked</dt>
            <dd>{work.unsigned}</dd>
            <dt>of them without a signed review</dt>
            <dd>{work.unmarked}</dd>
            <dt>
              <Link href="/review">waiting to be marked</Link>
            </dt>
          </Numbers>
        </div>
      </Section>
    </Page>
  );
}
