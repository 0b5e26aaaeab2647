'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { styled } from 'styled-components';
import { backChances, chanceFigures } from '@/core/attempts';
import { formatClock } from '@/core/clock';
import { roundFigures } from '@/core/figures';
import { findPassiveStretches, listReactions, PASSIVE_SECONDS, reactionFigures } from '@/core/reaction';
import { checkHomework, type Homework } from '@/core/reviewing';
import { type Athlete, type RoundReading, type Tide, thirdsOf } from '@/core/round';
import { dayWords } from '@/terms/dayWords';
import { useWordOf } from '@/terms/HouseContext';
import { homeworkWords } from '@/terms/homeworkWords';
import { color, size, space } from '@/ui/tokens/tokens';
import type { Names } from '../../reviewView';
import { SidePanel } from '../../SidePanel';
import { chanceWords, classWords, conversionWords, nextMarkWords, reactionWords, thirdWords } from './figuresView';

const Matter = styled.div`
  display: contents;
  section { display: flex; flex-direction: column; gap: ${space(1.5)}; border-top: 1px solid ${color.rule}; padding-top: ${space(3)}; }
  li { display: grid; grid-template-columns: 110px minmax(0, 1fr) auto; gap: ${space(2)}; padding: 2px 0; align-items: baseline; font-size: ${size.small}; }
  li .far { color: ${color.quiet}; white-space: nowrap; }
  .plain li { display: block; }
`;

export interface FiguresPanelProps {
  readonly roundId: string;
  readonly reading: RoundReading;
  readonly tide: Tide;
  readonly names: Names;
  readonly homework: readonly Homework[];
  readonly onLook: (seconds: number) => void;
  readonly onLeave: () => void;
}

/** What the round says in figures: homework looked for, openings against attempts, answers, waiting, and the three thirds. */
export function FiguresPanel({ roundId, reading, tide, names, homework, onLook, onLeave }: FiguresPanelProps) {
  const thirds = useMemo(() => thirdsOf(reading, tide), [reading, tide]);
  return (
    <SidePanel title="The round in figures" onLeave={onLeave}>
      <Matter>
        {homework.length > 0 ? (
          <HomeworkLines roundId={roundId} reading={reading} names={names} homework={homework} />
        ) : null}
        <section>
          <h3>Early, middle, late</h3>
          <ol>
            {thirds.map((third, at) => (
              <li key={third.startSeconds}>
                <button
                  type="button"
                  className="at"
                  style={{ textAlign: 'left' }}
                  onClick={() => onLook(third.startSeconds)}
                >
                  {['first third', 'middle third', 'last third'][at]}
                </button>
                <span>{thirdWords(third, names)}</span>
              </li>
            ))}
          </ol>
        </section>
        {(['a', 'b'] as const).map((athlete) => (
          <AthleteLines key={athlete} athlete={athlete} reading={reading} names={names} onLook={onLook} />
        ))}
        <p>
          Intervals are 95 % (Wilson): few attempts say little. Set apart: declined on purpose, given lightly, or tapped
          for injury, illness or courtesy. Slow is over 1.5 s, waiting from 3 s on.
        </p>
      </Matter>
    </SidePanel>
  );
}

function AthleteLines({
  athlete,
  reading,
  names,
  onLook,
}: {
  readonly athlete: Athlete;
  readonly reading: RoundReading;
  readonly names: Names;
  readonly onLook: (seconds: number) => void;
}) {
  const figures = useMemo(() => {
    const reactions = listReactions(reading, athlete);
    const timed = reactions.filter((one) => one.from === 'stopwatch');
    return {
      chances: chanceFigures(reading.marks, athlete),
      back: backChances(reading, athlete),
      timed,
      answers: reactionFigures(timed),
      marked: reactionFigures(reactions.filter((one) => one.from === 'marks')),
      passive: findPassiveStretches(reading, athlete),
    };
  }, [reading, athlete]);
  const { chances, back, timed, answers, marked, passive } = figures;
  return (
    <section aria-label={`Figures of ${names[athlete]}`}>
      <h3>
        <span data-athlete={athlete}>{names[athlete]}</span>
      </h3>
      {chances.length > 0 ? (
        <ol>
          {chances.map((one) => (
            <li key={one.techniqueClass}>
              <span>{classWords[one.techniqueClass]}</span>
              <span>{chanceWords(one)}</span>
              <span className="far">{conversionWords(one)}</span>
            </li>
          ))}
          {back.entries > 0 ? (
            <li>
              <span>At the back</span>
              <span>
                {back.entries === 1 ? 'once' : `${back.entries} times`}, {back.withHooks} with hooks, {back.kept} kept
                ten seconds, {back.finished} finished
              </span>
            </li>
          ) : null}
        </ol>
      ) : (
        <p>No attempt or missed chance is marked.</p>
      )}
      <p>Timed answers: {reactionWords(answers, timed.length)}.</p>
      {marked ? <p className="far">{nextMarkWords(marked)}</p> : null}
      {passive.length > 0 ? (
        <ol className="plain" aria-label={`Waiting of ${names[athlete]}`}>
          {passive.map((one) => (
            <li key={one.startSeconds}>
              <button type="button" className="at" onClick={() => onLook(one.startSeconds)}>
                {formatClock(one.startSeconds - reading.round.startSeconds)}–
                {formatClock(one.endSeconds - reading.round.startSeconds)}
              </button>{' '}
              nothing marked of {names[athlete]} while the other worked
            </li>
          ))}
        </ol>
      ) : (
        <p>No stretch of {PASSIVE_SECONDS} s without anything done while the other worked.</p>
      )}
    </section>
  );
}

function HomeworkLines({
  roundId,
  reading,
  names,
  homework,
}: {
  readonly roundId: string;
  readonly reading: RoundReading;
  readonly names: Names;
  readonly homework: readonly Homework[];
}) {
  const wordOf = useWordOf();
  const figures = useMemo(() => {
    const of = (athlete: Athlete) =>
      roundFigures({
        roundId,
        heldOn: '',
        span: reading.round,
        athlete,
        beltGap: 0,
        weightGap: undefined,
        marks: reading.marks,
      });
    return { a: of('a'), b: of('b') };
  }, [roundId, reading]);
  return (
    <section aria-label="Homework">
      <h3>Homework from earlier rounds</h3>
      {homework.map((one) => (
        <div key={`${one.athlete} ${one.errorId}`}>
          <span data-athlete={one.athlete}>{names[one.athlete]}</span>: {one.text}{' '}
          <Link href={`/rounds/${one.roundId}/closing`}>given {dayWords(one.givenOn)}</Link>
          {one.due ? `, to be looked at by ${one.due}` : ''}. {wordOf(one.errorId)}:{' '}
          <strong>{homeworkWords(checkHomework(figures[one.athlete], one.errorId), one.countThen)}</strong>
        </div>
      ))}
    </section>
  );
}
