'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { groupAlike } from '@/core/callline';
import { formatClock } from '@/core/clock';
import type { MarkLine } from '@/core/search';
import { houseNameOf, isUnnamed, kindOf } from '@/core/vocabulary';
import { useAction } from '@/forms/useAction';
import { nameMarks } from '@/server/language/nameMarksActions';
import { markAddress } from '@/terms/addresses';
import { dayWords } from '@/terms/dayWords';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { ActionLink, Empty, Notice, Page, Quiet, Row, Section, Stack, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { Button, ComboField } from '@/ui/primitives';
import { OwnWordDialog } from './OwnWordDialog';
import { useFinder } from './useFinder';

export type UnnamedMark = MarkLine & {
  readonly conceptId: string;
  /** What the coach wrote or said about it. */
  readonly note: string;
};

/** What was named at once, and what each was before. */
type NamedBefore = readonly { readonly ids: readonly string[]; readonly from: string }[];

/** What was marked without a name: look at it again, and give it one. */
export function UnnamedPage({
  marks,
  foot,
}: {
  readonly marks: readonly UnnamedMark[];
  readonly foot?: PieceFootProps;
}) {
  const house = useHouse();
  const wordOf = useWordOf();
  const find = useFinder();
  const { message, pending, run } = useAction();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [text, setText] = useState('');
  const [conceptId, setConceptId] = useState<string>();
  const [inventing, setInventing] = useState(false);
  const [named, setNamed] = useState<NamedBefore>();
  const first = marks.find((mark) => chosen.has(mark.markId));
  const kind = first ? kindOf(first.conceptId) : undefined;
  const options = useMemo(() => find(text, kind), [find, text, kind]);
  const groups = useMemo(
    () => byKey(marks, (mark) => kindOf(mark.conceptId) ?? '').flatMap((kin) => groupAlike(kin, ({ note }) => note)),
    [marks],
  );
  const toggle = (id: string) =>
    setChosen((known) => {
      const next = new Set(known);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  const name = (asId: string | undefined, ids: readonly string[]) => {
    if (!asId || ids.length === 0) return;
    const picked = marks.filter((mark) => ids.includes(mark.markId));
    const before = byKey(picked, (mark) => mark.conceptId).map((group) => ({
      from: group[0]?.conceptId ?? '',
      ids: group.map((mark) => mark.markId),
    }));
    run(
      () => nameMarks(ids, asId),
      () => {
        setNamed(before);
        setChosen(new Set());
        setText('');
        setConceptId(undefined);
      },
    );
  };
  return (
    <Page
      title="Without a name"
      aside="Kept in your own words, or as “a sweep without a name”: to be named when you know."
      actions={<ActionLink href="/library">To the library</ActionLink>}
    >
      {named ? (
        <Notice data-tone="calm" role="status">
          Named.{' '}
          <Button
            look="plain"
            onPress={() =>
              run(
                () => nameAgain(named),
                () => setNamed(undefined),
              )
            }
          >
            Undo
          </Button>
        </Notice>
      ) : null}
      {message ? <Notice role="alert">{message}</Notice> : null}
      {marks.length === 0 ? (
        <Empty>
          <h2>Everything has a name</h2>
          <p>In Review write “ana unnamed sweep - turns under the far leg” for a move that nobody can name yet.</p>
        </Empty>
      ) : (
        <Section>
          <h2>{marks.length === 1 ? '1 mark' : `${marks.length} marks`}</h2>
          <div className="note">
            What is alike stands together. Take a name that is offered, or choose marks and name them at once.
          </div>
          <div className="matter">
            <Stack>
              <Table>
                <thead>
                  <tr>
                    <th />
                    <th>Marked as</th>
                    <th>Round</th>
                    <th className="figure">At</th>
                    <th>Perhaps</th>
                  </tr>
                </thead>
                {groups.map((group) => (
                  <tbody key={group[0]?.markId}>
                    {group.map((mark, place) => (
                      <tr key={mark.markId}>
                        <td>
                          <input
                            type="checkbox"
                            aria-label={`Choose ${wordOf(mark.conceptId)} at ${formatClock(mark.roundSeconds)}`}
                            checked={chosen.has(mark.markId)}
                            onChange={() => toggle(mark.markId)}
                          />
                        </td>
                        <td>
                          {mark.note || mark.words}
                          {mark.note ? (
                            <div>
                              <Quiet>{mark.words.replace(` - ${mark.note}`, '')}</Quiet>
                            </div>
                          ) : null}
                        </td>
                        <td>
                          {mark.a} with {mark.b} <Quiet>{dayWords(mark.heldOn)}</Quiet>
                        </td>
                        <td className="figure">
                          <Link href={markAddress(mark)}>{formatClock(mark.roundSeconds)}</Link>
                        </td>
                        <td>
                          {place === 0 ? (
                            <Perhaps
                              group={group}
                              options={find(mark.note, kindOf(mark.conceptId), 2)}
                              onName={(id) =>
                                name(
                                  id,
                                  group.map((one) => one.markId),
                                )
                              }
                            />
                          ) : (
                            <Quiet>alike</Quiet>
                          )}
                        </td>
                      </tr>
                    ))}
                  </tbody>
                ))}
              </Table>
              <PieceFoot {...foot} />
              <Row style={{ alignItems: 'flex-end' }}>
                <ComboField
                  label={first ? 'They are' : 'Choose marks first'}
                  text={text}
                  onText={(typed) => {
                    setText(typed);
                    setConceptId(undefined);
                  }}
                  options={options}
                  onChoose={(id) => {
                    setConceptId(id);
                    setText(houseNameOf(house, id));
                  }}
                />
                <Button
                  look="lead"
                  isDisabled={!conceptId || !first}
                  isPending={pending}
                  onPress={() => name(conceptId, [...chosen])}
                >
                  Name {chosen.size <= 1 ? 'it' : `these ${chosen.size}`}
                </Button>
                <Button isDisabled={!first} onPress={() => setInventing(true)}>
                  It needs a new word
                </Button>
              </Row>
            </Stack>
          </div>
        </Section>
      )}
      {first ? <OwnWordDialog likeId={first.conceptId} isOpen={inventing} onClose={() => setInventing(false)} /> : null}
    </Page>
  );
}

/** Marks of one key together, in the order of the first of each. */
function byKey(marks: readonly UnnamedMark[], keyOf: (mark: UnnamedMark) => string): UnnamedMark[][] {
  const groups = new Map<string, UnnamedMark[]>();
  for (const mark of marks) groups.set(keyOf(mark), [...(groups.get(keyOf(mark)) ?? []), mark]);
  return [...groups.values()];
}

/** Takes names back: what was marked before stands again, mark by mark. */
async function nameAgain(before: NamedBefore): ReturnType<typeof nameMarks> {
  const outcomes = [];
  for (const { ids, from } of before) outcomes.push(await nameMarks(ids, from));
  return outcomes.find((one) => !one.ok) ?? (outcomes[0] as Awaited<ReturnType<typeof nameMarks>>);
}

/** Entries that the words of what is alike may mean: one press names all of it. */
function Perhaps({
  group,
  options,
  onName,
}: {
  readonly group: readonly UnnamedMark[];
  readonly options: readonly { readonly id: string; readonly label: string }[];
  readonly onName: (conceptId: string) => void;
}) {
  return (
    <>
      {options
        .filter(({ id }) => !isUnnamed(id))
        .map(({ id, label }) => (
          <Button key={id} look="plain" style={{ textAlign: 'left' }} onPress={() => onName(id)}>
            {label}
            {group.length > 1 ? ` (all ${group.length})` : ''}
          </Button>
        ))}
    </>
  );
}
