'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import { addDays, dayIn, weekdayOf } from '@/core/kernel';
import type { Theme } from '@/core/planning';
import { dayWords } from '@/terms/dayWords';
import { useWordOf } from '@/terms/HouseContext';
import { themeWords } from '@/terms/themeWords';
import { useZone } from '@/terms/ZoneContext';
import { Quiet } from '@/ui/layout/Page';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { clockTime } from './classView';

const Week = styled.div`
  display: grid; grid-template-columns: repeat(7, minmax(0, 1fr)); border-top: 1px solid ${color.rule};
  > div { min-height: 62px; padding: ${space(2)} ${space(2)} ${space(3)}; border-left: 1px solid ${color.rule}; min-width: 0; }
  > div:first-child { border-left: 0; padding-left: 0; }
  .day { font-size: ${size.small}; color: ${color.quiet}; }
  .day[data-today='yes'] { color: ${color.focusText}; font-weight: 600; }
`;
const Card = styled.article`
  margin-top: ${space(1)}; padding-top: ${space(1)}; border-top: 3px solid ${color.ink};
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

/** The coming classes as weeks: what each is about is large, what is not planned yet is open. */
export function Weeks({ classes }: { readonly classes: readonly ClassInWeek[] }) {
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
          {classes
            .filter((one) => dayOf(one) === day)
            .map((one) => (
              <Planned key={one.id} one={one} zone={zone} />
            ))}
        </div>
      ))}
    </Week>
  ));
}

function Planned({ one, zone }: { readonly one: ClassInWeek; readonly zone: string }) {
  const wordOf = useWordOf();
  const themes = (one.themes ?? []).map((theme) => themeWords(theme)).join(', ');
  return (
    <Card data-planned={one.planVersion ? undefined : 'no'} aria-label={one.title}>
      <div className="time">
        {clockTime(one.startsAt, 0, zone)} · {one.expected} expected
      </div>
      <Link href={`/classes/${one.id}`}>{one.title}</Link>
      {one.planVersion ? (
        <>
          <p className="theme">{themes}</p>
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
