'use client';

import Link from 'next/link';
import { useEffect, useMemo, useState } from 'react';
import { styled } from 'styled-components';
import { formatWeight } from '@/core/kernel';
import {
  guessColumns,
  matchRoster,
  type RosterField,
  type RosterLine,
  type RosterMatch,
  readRoster,
} from '@/core/roster';
import { beltWords } from '@/core/vocabulary';
import { dayOrderOf } from '@/forms/dayOrder';
import { FormMessages } from '@/forms/FormMessage';
import { useSending } from '@/forms/useSending';
import { addRoster, takeRosterBack } from '@/server/people/rosterActions';
import { dayWords } from '@/terms/dayWords';
import { Notice, Quiet, Row, Stack, Table } from '@/ui/layout/Page';
import { Button, Checkbox, Select } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';
import type { List } from './readList';
import type { RosterKnows } from './rosterKnows';
import { columnOptions, countWords, matchWords, problemWords } from './rosterWords';

const Columns = styled.div`
  display: grid; grid-template-columns: repeat(auto-fill, minmax(170px, 1fr)); gap: ${space(3)};
`;
const Sheet = styled.div`
  overflow-x: auto;
  td { vertical-align: top; }
  tr[data-match='here'] td, tr[data-match='twice'] td, tr[data-match='nobody'] td { color: ${color.quiet}; }
  .unread { color: ${color.harm}; font-size: ${size.small}; }
`;

/** What is shown of a long list; all of it is brought in. */
const SHOWN = 200;
const NOTHING = 'nothing';

/** The people of a list as they would be written down, with what each column holds, to be corrected. */
export function RosterTable({ list, known, today, unit }: RosterKnows & { readonly list: List }) {
  const [columns, setColumns] = useState(() => guessColumns(list.head, list.rows.slice(0, 100)));
  const [namesakes, setNamesakes] = useState(false);
  // Known once the page is there: the server's place writes dates in another order.
  const [dayOrder, setDayOrder] = useState(dayOrderOf(undefined));
  useEffect(() => setDayOrder(dayOrderOf(navigator.language)), []);
  const { lines, matches, ids } = useMemo(() => {
    const read = readRoster(list.rows, columns, { today, dayOrder, weightUnit: unit });
    return { lines: read, matches: matchRoster(read, known), ids: read.map(() => crypto.randomUUID()) };
  }, [list, columns, known, today, dayOrder, unit]);
  const [added, setAdded] = useState<readonly string[]>();
  const [isBack, setBack] = useState(false);
  const { messages, isSending, send } = useSending();
  const isWanted = (match: RosterMatch | undefined) => match === 'new' || (namesakes && match === 'namesake');
  const wanted = lines.flatMap(({ person }, at) =>
    person && isWanted(matches[at]) ? [{ ...person, id: ids[at] ?? '' }] : [],
  );
  const keep = () =>
    send(
      () => addRoster(wanted.map(({ bornOn, ...one }) => ({ ...one, bornOn: bornOn ?? '' }))),
      () => setAdded(wanted.map((one) => one.id)),
    );
  const change = (at: number, field: RosterField | undefined) =>
    setColumns(columns.map((one, place) => (place === at ? field : one === field ? undefined : one)));
  if (added && !isBack)
    return (
      <Stack>
        <Notice data-tone="calm" role="status">
          {added.length === 1 ? 'One person is' : `${added.length} people are`} written down.{' '}
          <Link href="/students">To Students</Link>
        </Notice>
        <FormMessages messages={messages} lead="They stay" />
        <Row>
          <Button
            onPress={() =>
              send(
                () => takeRosterBack([...added]),
                () => setBack(true),
              )
            }
            isPending={isSending}
          >
            Take all of them back out
          </Button>
        </Row>
      </Stack>
    );
  return (
    <Stack>
      {isBack ? <Notice data-tone="calm">All of them are out again.</Notice> : null}
      <Columns role="group" aria-label="What each column holds">
        {columns.map((field, at) => (
          <Select
            key={at}
            label={list.head?.[at]?.trim() || `Column ${at + 1}`}
            value={field ?? NOTHING}
            onChange={(value) => change(at, value === NOTHING ? undefined : (value as RosterField))}
            options={[{ value: NOTHING, label: 'is left out' }, ...columnOptions]}
          />
        ))}
      </Columns>
      <Quiet role="status">{countWords(lines, matches)}</Quiet>
      {matches.includes('namesake') ? (
        <Checkbox isSelected={namesakes} onChange={setNamesakes}>
          Those with the name of somebody here and another birthday are others: write them down too
        </Checkbox>
      ) : null}
      <FormMessages messages={messages} lead="Nobody is written down yet" />
      <Row>
        <Button look="lead" onPress={keep} isPending={isSending} isDisabled={wanted.length === 0}>
          {wanted.length === 0
            ? 'Nobody new in it'
            : wanted.length === 1
              ? 'Write one person down'
              : `Write ${wanted.length} people down`}
        </Button>
      </Row>
      <Sheet>
        <Table aria-label="The people of the list">
          <thead>
            <tr>
              <th className="figure">Row</th>
              <th>Name</th>
              <th>Born</th>
              <th>Belt</th>
              <th className="figure">Weight</th>
              <th>E-mail</th>
              <th>How it stands</th>
            </tr>
          </thead>
          <tbody>
            {lines.slice(0, SHOWN).map((line, at) => (
              <Person key={line.number} line={line} match={matches[at] ?? 'nobody'} unit={unit} />
            ))}
          </tbody>
        </Table>
      </Sheet>
      {lines.length > SHOWN ? <Quiet>and {lines.length - SHOWN} more</Quiet> : null}
    </Stack>
  );
}

function Person({
  line: { number, person, problems },
  match,
  unit,
}: {
  readonly line: RosterLine;
  readonly match: RosterMatch;
  readonly unit: RosterKnows['unit'];
}) {
  return (
    <tr data-match={match}>
      <td className="figure">{number}</td>
      <td>{person?.name ?? '–'}</td>
      <td>{person?.bornOn ? dayWords(person.bornOn) : ''}</td>
      <td>{person?.belt ? beltWords(person.belt, person.stripes) : ''}</td>
      <td className="figure">{person?.weightKg === undefined ? '' : formatWeight(person.weightKg, unit)}</td>
      <td>{person?.email}</td>
      <td>
        {matchWords[match]}
        {problems.map(({ field, text }) => (
          <div key={field} className="unread">
            {problemWords(field, text)}
          </div>
        ))}
      </td>
    </tr>
  );
}
