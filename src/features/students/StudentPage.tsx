'use client';

import Link from 'next/link';
import { useState } from 'react';
import { styled } from 'styled-components';
import { formatWeight, type WeightUnit } from '@/core/kernel';
import type { Habits, RecurringError } from '@/core/patterns';
import { type AnyBelt, beltCloth, beltWords } from '@/core/vocabulary';
import { dayWords } from '@/terms/dayWords';
import { useWordOf } from '@/terms/HouseContext';
import { FoldedBelt } from '@/ui/charts/FoldedBelt';
import { ActionLink, Empty, Notice, Page, Quiet, Section, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { Button } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';
import { AlmanacRow } from './AlmanacRow';
import { FiguresDue, type FiguresDueProps } from './FiguresDue';
import { PersonDialog, type PersonFacts } from './PersonDialog';
import { isOver, minutesWords, percent, roleWord, tideFigure } from './studentView';
import { TideChart } from './TideChart';

const Time = styled.div`
  display: grid; grid-template-columns: minmax(140px, 220px) 52px 1fr 44px; gap: ${space(1)} ${space(3)}; align-items: center;
  .track { height: 12px; background: ${color.sunken}; }
  .fill { height: 100%; background: ${color.other}; }
  .fill[data-over] { background: ${color.focus}; }
`;

export interface StudentRound {
  readonly id: string;
  readonly heldOn: string;
  readonly startSeconds: number;
  readonly partner: string;
  readonly uniform: string;
  readonly markCount: number;
  readonly meanTide?: number;
}

export interface StudentPageProps {
  readonly person: PersonFacts & { readonly age?: number };
  readonly errors: readonly RecurringError[];
  readonly habits: Habits;
  readonly rounds: readonly StudentRound[];
  readonly foot?: PieceFootProps;
  readonly figuresDue: FiguresDueProps;
  readonly windowDays: number;
  readonly unit: WeightUnit;
}

export function StudentPage({ person, errors, habits, rounds, foot, figuresDue, windowDays, unit }: StudentPageProps) {
  const wordOf = useWordOf();
  const [editing, setEditing] = useState(false);
  const labels = new Map(
    rounds.map((round) => [
      round.id,
      { roundId: round.id, startSeconds: round.startSeconds, partner: round.partner.split(' ')[0] ?? round.partner },
    ]),
  );
  const belt = beltWords(person.belt as AnyBelt, person.stripes);
  const aside = (
    <>
      <FoldedBelt {...beltCloth(person.belt)} stripes={person.stripes} label={belt} /> {belt}
      {person.weightKg === undefined ? '' : ` · ${formatWeight(person.weightKg, unit)}`}
      {person.age === undefined ? '' : ` · ${person.age} years`}
      {habits.rounds > 0
        ? ` · ${habits.rounds} reviewed rounds, ${minutesWords(habits.liveMinutes)} live, in ${windowDays} days`
        : ''}
    </>
  );
  return (
    <Page title={person.name} aside={aside} actions={<Button onPress={() => setEditing(true)}>Change details</Button>}>
      <FiguresDue {...figuresDue} />
      {person.injuryNote && person.injuredUntil ? (
        <Notice data-tone="caution">
          {person.injuryNote}. Kept out of live work until {dayWords(person.injuredUntil)}. For pain or injury ask a
          licensed medical person.
        </Notice>
      ) : null}
      {habits.rounds === 0 ? (
        <Empty>
          <h2>Nothing reviewed yet</h2>
          <p>
            What keeps happening shows here once a round of {person.name} is marked.{' '}
            {rounds.length > 0 ? 'A round is waiting.' : 'Cut one out of footage first.'}
          </p>
          <ActionLink data-look="lead" href={rounds[0] ? `/rounds/${rounds[0].id}` : '/footage'}>
            {rounds[0] ? 'Review it now' : 'To Footage'}
          </ActionLink>
        </Empty>
      ) : (
        <>
          <Section>
            <h2>What keeps happening</h2>
            <div className="note">
              Most worth working on first. Each date opens the footage three seconds before the moment.
            </div>
            <div className="matter">
              {errors.length === 0 ? (
                <p>No errors are marked in these rounds.</p>
              ) : (
                errors.map((found) => <AlmanacRow key={found.errorId} found={found} rounds={labels} />)
              )}
            </div>
          </Section>
          <Section>
            <h2>What goes well</h2>
            <div className="matter">
              {habits.strengths.length === 0 ? (
                <p>Nothing is marked as well done yet: write “good …” in Review.</p>
              ) : null}
              {habits.strengths.map(({ strengthId, count }) => (
                <p key={strengthId}>
                  {wordOf(strengthId)} <Quiet>{count === 1 ? 'once' : `${count} times`}</Quiet>
                </p>
              ))}
            </div>
          </Section>
          <Section>
            <h2>Where the time goes</h2>
            <div className="note">
              Live time by position. Amber: on top or attacking. Slate: below, defending or level.
            </div>
            <div className="matter">
              <Time role="table" aria-label="Time per position">
                {habits.positions.slice(0, 12).map((one) => (
                  <PositionTime key={`${one.positionId}/${one.role}`} {...one} />
                ))}
              </Time>
            </div>
          </Section>
          <Section>
            <h2>The tide</h2>
            <div className="note">
              How well placed on average, from +4 (mounted on the partner) to −4. All rounds:{' '}
              <strong>{tideFigure(habits.meanTide)}</strong>
            </div>
            <div className="matter">
              <TideChart
                rounds={[...rounds]
                  .reverse()
                  .flatMap((round) =>
                    round.meanTide === undefined
                      ? []
                      : [{ label: `${dayWords(round.heldOn)} ${round.partner.split(' ')[0]}`, value: round.meanTide }],
                  )}
              />
              <Table>
                <thead>
                  <tr>
                    <th>Day</th>
                    <th>With</th>
                    <th className="figure">Average tide</th>
                    <th className="figure">Marks</th>
                  </tr>
                </thead>
                <tbody>
                  {rounds.map((round) => (
                    <tr key={round.id}>
                      <td>{dayWords(round.heldOn)}</td>
                      <td>
                        <Link href={`/rounds/${round.id}`}>{round.partner}</Link> <Quiet>{round.uniform}</Quiet>
                      </td>
                      <td className="figure">{tideFigure(round.meanTide)}</td>
                      <td className="figure">{round.markCount}</td>
                    </tr>
                  ))}
                </tbody>
              </Table>
              <PieceFoot {...foot} />
            </div>
          </Section>
        </>
      )}
      <PersonDialog person={person} isOpen={editing} onClose={() => setEditing(false)} unit={unit} />
    </Page>
  );
}

function PositionTime({ positionId, role, minutes, ratio }: Habits['positions'][number]) {
  const wordOf = useWordOf();
  return (
    <>
      <span>
        {wordOf(positionId)} <Quiet>{roleWord(role)}</Quiet>
      </span>
      <span>{minutesWords(minutes)}</span>
      <span className="track">
        <div className="fill" data-over={isOver(role) || undefined} style={{ width: `${ratio * 100}%` }} />
      </span>
      <span>{percent(ratio)}</span>
    </>
  );
}
