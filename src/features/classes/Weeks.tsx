'use client';

import Link from 'next/link';
import { type DragEvent, useState } from 'react';
import { styled } from 'styled-components';
import { addDays, dayIn, weekdayOf } from '@/core/kernel';
import type { Theme } from '@/core/planning';
import { dayWords } from '@/terms/dayWords';
import { useWordOf } from '@/terms/HouseContext';
import { themeWords } from '@/terms/themeWords';
import { useZone } from '@/terms/ZoneContext';
import { Quiet } from '@/ui/layout/Page';
import { color, font, size, space } from '@/ui/tokens/tokens';
import type { Holiday } from './CalendarDialog';
import { clockTime } from './classView';

const Week = styled.div`
  display: grid; grid-template-columns: repeat(7, minmax(0, 1fr)); border-top: 1px solid ${color.rule};
  > div { min-height: 62px; padding: ${space(2)} ${space(2)} ${space(3)}; border-left: 1px solid ${color.rule}; min-width: 0; }
  > div:first-child { border-left: 0; padding-left: 0; }
  .day { font-size: ${size.small}; color: ${color.quiet}; }
  .free { font-size: ${size.small}; font-style: italic; color: ${color.focusText}; }
  .day[data-today='yes'] { color: ${color.focusText}; font-weight: 600; }
`;
const Card = styled.article`
  margin-top: ${space(1)}; padding-top: ${space(1)}; border-top: 3px solid ${color.ink};
  &[data-over] { outline: 2px dashed ${color.focus}; outline-offset: 4px; }
  .theme[draggable='true'] { cursor: grab; }
  &[data-planned='no'] { border-top: 3px dashed ${color.focus}; }
  .time { font-size: ${size.small}; color: ${color.quiet}; font-variant-numeric: tabular-nums; }
  .theme { font-family: ${font.serif}; font-size: ${size.large}; line-height: 1.15; margin: 2px 0; }
  ul { list-style: none; margin: 0; padding: 0; font-size: ${size.small}; }
  li { padding: 1px 0; }
  & + & { margin-top: ${space(3)}; }
`;

export interface ClassInWeek {
  readonly id: string;
  readonly title: string;
  readonly startsAt: string;
  readonly expected: number;
  readonly planVersion?: number;
  readonly themes?: readonly Theme[];
  readonly lessonIds?: readonly string[];
  /** What the coach set it to be about. */
  readonly setTheme?: Theme;
}

/** Mondays from that of the first class to that of the last one. */
export function mondaysOf(days: readonly string[]): string[] {
  const mondays = days.map((day) => addDays(day, 1 - weekdayOf(day))).sort();
  const [first, last] = [mondays[0], mondays.at(-1)];
  const all: string[] = [];
  if (first && last)
    for (let monday = first; monday <= last && all.length < 60; monday = addDays(monday, 7)) all.push(monday);
  return all;
}

export interface WeeksProps {
  readonly classes: readonly ClassInWeek[];
  readonly holidays: readonly Holiday[];
  /** Gives the theme of one class to another. */
  readonly onMoveTheme: (fromId: string, toId: string) => void;
}

/** The coming classes as weeks: what each is about is large, what is not planned yet is open. A theme can be dragged onto another class. */
export function Weeks({ classes, holidays, onMoveTheme }: WeeksProps) {
  const zone = useZone();
  const today = dayIn(zone, new Date().toISOString());
  const dayOf = (one: ClassInWeek) => dayIn(zone, one.startsAt);
  return mondaysOf(classes.map(dayOf)).map((monday) => (
    <Week key={monday} role="group" aria-label={`Week of ${dayWords(monday)}`}>
      {Array.from({ length: 7 }, (_, at) => addDays(monday, at)).map((day) => (
        <div key={day}>
          <div className="day" data-today={day === today ? 'yes' : undefined}>
            {dayWords(day)}
          </div>
          {holidays
            .filter((one) => one.day === day)
            .map((one) => (
              <div key={one.day} className="free">
                {one.title || 'no classes'}
              </div>
            ))}
          {classes
            .filter((one) => dayOf(one) === day)
            .map((one) => (
              <Planned key={one.id} one={one} zone={zone} onMoveTheme={onMoveTheme} />
            ))}
        </div>
      ))}
    </Week>
  ));
}

interface PlannedProps extends Pick<WeeksProps, 'onMoveTheme'> {
  readonly one: ClassInWeek;
  readonly zone: string;
}

/** Under this name a dragged class is known, so that nothing else can be dropped. */
const DRAGGED = 'application/x-owl-class';

function Planned({ one, zone, onMoveTheme }: PlannedProps) {
  const wordOf = useWordOf();
  const [isOver, setIsOver] = useState(false);
  const isSet = one.setTheme !== undefined;
  const themes = (one.setTheme ? [one.setTheme] : (one.themes ?? [])).map((theme) => themeWords(theme)).join(', ');
  const isDragged = (event: DragEvent) => event.dataTransfer.types.includes(DRAGGED);
  return (
    <Card
      data-planned={one.planVersion ? undefined : 'no'}
      data-over={isOver || undefined}
      aria-label={one.title}
      onDragOver={(event) => {
        if (!isDragged(event)) return;
        event.preventDefault();
        setIsOver(true);
      }}
      onDragLeave={() => setIsOver(false)}
      onDrop={(event) => {
        setIsOver(false);
        const fromId = event.dataTransfer.getData(DRAGGED);
        if (!fromId || fromId === one.id) return;
        event.preventDefault();
        onMoveTheme(fromId, one.id);
      }}
    >
      <div className="time">
        {clockTime(one.startsAt, 0, zone)} · {one.expected} expected
      </div>
      <Link href={`/classes/${one.id}`}>{one.title}</Link>
      {themes ? (
        <p
          className="theme"
          draggable
          title="Drag onto another class"
          onDragStart={(event) => event.dataTransfer.setData(DRAGGED, one.id)}
        >
          {themes}
        </p>
      ) : null}
      {isSet ? <Quiet>set by you</Quiet> : null}
      {one.planVersion ? (
        <>
          <ul>
            {(one.lessonIds ?? []).map((id) => (
              <li key={id}>{wordOf(id)}</li>
            ))}
          </ul>
          <Link href={`/classes/${one.id}/sheet`}>sheet</Link>
        </>
      ) : (
        <p>
          <Quiet>not planned yet</Quiet>
        </p>
      )}
    </Card>
  );
}
