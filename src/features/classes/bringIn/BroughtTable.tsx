'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { FormMessages } from '@/forms/FormMessage';
import { useSending } from '@/forms/useSending';
import { bringClassesIn, takeClassesBack } from '@/server/classes/bringInActions';
import { dayWords } from '@/terms/dayWords';
import { Notice, Quiet, Row, Stack, Table } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';
import { type Brought, type BroughtClass, uniformOf } from './brought';
import { broughtCount, matchWords, unknownWords } from './broughtWords';

const SHOWN = 200;
const USUAL_MINUTES = 60;

/** What was written down, as the server told it. */
interface Written {
  readonly classIds: readonly string[];
  readonly visits: readonly {
    readonly classId: string;
    readonly expected: readonly string[];
    readonly others: readonly string[];
  }[];
}

/** What a calendar or a list would bring: written down by a press, and taken back by another. */
export function BroughtTable({ brought, said }: { readonly brought: Brought; readonly said: string }) {
  const { classes, unknown } = brought;
  const ids = useMemo(() => new Map(classes.map((one) => [one.key, idOf(one)])), [classes]);
  const [written, setWritten] = useState<Written>();
  const [isBack, setBack] = useState(false);
  const { messages, isSending, send } = useSending();
  const news = classes.filter((one) => one.match.kind === 'new');
  const visits = classes.flatMap((one) => {
    const classId = ids.get(one.key);
    if (!classId || one.visits.length === 0) return [];
    const of = (came: boolean) => one.visits.filter((visit) => visit.came === came).map((visit) => visit.personId);
    return [{ classId, came: of(true), away: of(false) }];
  });
  const keep = () =>
    send(
      () =>
        bringClassesIn({
          visits,
          classes: news.map((one) => ({
            id: ids.get(one.key) ?? '',
            title: one.title || 'Class',
            startsAt: `${one.day}T${one.match.kind === 'new' ? one.match.time : one.time}`,
            minutes: one.minutes ?? USUAL_MINUTES,
            uniform: uniformOf(one.title),
          })),
        }),
      ({ classIds, visits: noted }) => setWritten({ classIds, visits: noted }),
    );
  if (written && !isBack)
    return (
      <Stack>
        <Notice data-tone="calm" role="status">
          {writtenWords(written)} <Link href="/classes">To Classes</Link>
        </Notice>
        <FormMessages messages={messages} lead="They stay" />
        <Row>
          <Button
            isPending={isSending}
            onPress={() =>
              send(
                () => takeClassesBack({ classIds: [...written.classIds], visits: [...written.visits] }),
                () => setBack(true),
              )
            }
          >
            Take all of it back out
          </Button>
        </Row>
      </Stack>
    );
  return (
    <Stack>
      {isBack ? <Notice data-tone="calm">All of it is out again.</Notice> : null}
      <Quiet role="status">{broughtCount(brought)}</Quiet>
      {said ? <Quiet>{said}</Quiet> : null}
      {unknown.length > 0 ? (
        <Notice data-tone="calm">
          Nobody here is called so: {unknownWords(unknown)}. Their visits are left out;{' '}
          <Link href="/students/bring-in">bring a list of students in</Link> first to have them.
        </Notice>
      ) : null}
      <FormMessages messages={messages} lead="Nothing is written down yet" />
      <Row>
        <Button look="lead" onPress={keep} isPending={isSending} isDisabled={news.length + visits.length === 0}>
          {news.length + visits.length === 0 ? 'Nothing new in it' : 'Write it down'}
        </Button>
      </Row>
      <Table aria-label="The classes of the file">
        <thead>
          <tr>
            <th>When</th>
            <th>Class</th>
            <th className="figure">Came</th>
            <th>How it stands</th>
          </tr>
        </thead>
        <tbody>
          {classes.slice(0, SHOWN).map((one) => (
            <tr key={one.key}>
              <td>
                {[dayWords(one.day), one.match.kind === 'several' ? one.time : one.match.time]
                  .filter(Boolean)
                  .join(', ')}
              </td>
              <td>{one.title || <Quiet>no title</Quiet>}</td>
              <td className="figure">{one.visits.filter((visit) => visit.came).length || ''}</td>
              <td>{matchWords(one.match)}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      {classes.length > SHOWN ? <Quiet>and {classes.length - SHOWN} more</Quiet> : null}
    </Stack>
  );
}

/** The id under which a class is noted: its own where it is here, a new one where it is new. */
function idOf({ match }: BroughtClass): string | undefined {
  if (match.kind === 'several') return undefined;
  return match.kind === 'here' ? match.id : crypto.randomUUID();
}

function writtenWords({ classIds, visits }: Written): string {
  const classes = classIds.length === 1 ? 'One class is set up' : `${classIds.length} classes are set up`;
  const noted = visits.reduce((sum, one) => sum + one.expected.length + one.others.length, 0);
  if (noted === 0) return `${classes}.`;
  return `${classes}; ${noted === 1 ? 'one visit is' : `${noted} visits are`} noted.`;
}
