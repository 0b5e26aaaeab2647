'use client';

import { useEffect, useState } from 'react';
import { type KnownClass, readAttendance } from '@/core/attendance';
import type { KnownPerson } from '@/core/roster';
import { dayOrderOf } from '@/forms/dayOrder';
import { readTextFile, tableOf } from '@/forms/readTable';
import { useZone } from '@/terms/ZoneContext';
import { ActionLink, Notice, Page, Quiet, Row, Stack } from '@/ui/layout/Page';
import { Button, FileDrop } from '@/ui/primitives';
import { BroughtTable } from './BroughtTable';
import { type Brought, broughtByAttendance, broughtByCalendar } from './brought';
import { leftOutWords, NO_ATTENDANCE, unreadWords } from './broughtWords';
import { readCalendar } from './readCalendar';

export interface BringInPageProps {
  readonly today: string;
  readonly people: readonly KnownPerson[];
  readonly classes: readonly KnownClass[];
}

interface Read extends Brought {
  readonly name: string;
  /** What of the file is left out, in a sentence; empty for nothing. */
  readonly said: string;
}

/** Classes from a calendar program, or who was at which class from a list: read, shown, written down. */
export function BringInPage({ today, people, classes }: BringInPageProps) {
  const zone = useZone();
  const [read, setRead] = useState<Read>();
  const [problem, setProblem] = useState<string>();
  // Known once the page is there: the server's place writes dates in another order.
  const [order, setOrder] = useState(dayOrderOf(undefined));
  useEffect(() => setOrder(dayOrderOf(navigator.language)), []);
  const look = async (file: File): Promise<Read | string> => {
    const file_ = await readTextFile(file, 'calendar or list');
    if (typeof file_ === 'string') return file_;
    if (/^BEGIN:VCALENDAR/m.test(file_.text.slice(0, 2000))) {
      const calendar = await readCalendar(file_.text, zone, today);
      if (typeof calendar === 'string') return calendar;
      if (calendar.events.length === 0) return 'No event in this calendar is a class of the coming half year.';
      return { ...broughtByCalendar(calendar.events, classes), name: file.name, said: leftOutWords(calendar.leftOut) };
    }
    const [head = [], ...rows] = await tableOf(file_.text);
    const attendance = readAttendance({ head, rows }, today, order);
    if (!attendance || attendance.lines.length === 0) return NO_ATTENDANCE;
    return {
      ...broughtByAttendance(attendance, classes, people),
      name: file.name,
      said: unreadWords(attendance.unread),
    };
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    const found = await look(file).catch(() => 'This file cannot be read. Is it still there?');
    if (typeof found === 'string') return setProblem(found);
    setProblem(undefined);
    setRead(found);
  };
  return (
    <Page
      title="Classes from elsewhere"
      aside="A calendar’s classes, or who was at which class"
      actions={<ActionLink href="/classes">To Classes</ActionLink>}
    >
      {read ? (
        <Stack>
          <Row>
            <Quiet>{read.name}</Quiet>
            <Button look="plain" onPress={() => setRead(undefined)}>
              Another file
            </Button>
          </Row>
          <BroughtTable key={read.name} brought={read} said={read.said} />
        </Stack>
      ) : (
        <Stack>
          <FileDrop
            words="Drop a calendar or an attendance list here"
            hint="iCalendar (.ics), or CSV with a row for each visit or a column for each day. Nothing is written down before you have seen it."
            choose="Choose a file"
            accept={['.ics', '.csv', '.tsv', '.txt', 'text/calendar', 'text/csv', 'text/plain']}
            onFiles={([file]) => void take(file)}
          />
          {problem ? <Notice role="alert">{problem}</Notice> : null}
        </Stack>
      )}
    </Page>
  );
}
