'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { formatClock } from '@/core/clock';
import type { MarkLine } from '@/core/search';
import { houseNameOf, kindOf } from '@/core/vocabulary';
import { nameMarks } from '@/server/language/nameMarksActions';
import { markAddress } from '@/terms/addresses';
import { dayWords } from '@/terms/dayWords';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { ActionLink, Empty, Notice, Page, Quiet, Row, Section, Stack, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { Button, ComboField } from '@/ui/primitives';
import { OwnWordDialog } from './OwnWordDialog';
import { useFinder } from './useFinder';
import { useWordAction } from './useWordAction';

export type UnnamedMark = MarkLine & { readonly conceptId: string };

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
  const { message, pending, run } = useWordAction();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [text, setText] = useState('');
  const [conceptId, setConceptId] = useState<string>();
  const [inventing, setInventing] = useState(false);
  const [named, setNamed] = useState<{ readonly ids: readonly string[]; readonly from: string }>();
  const first = marks.find((mark) => chosen.has(mark.markId));
  const kind = first ? kindOf(first.conceptId) : undefined;
  const options = useMemo(() => find(text, kind), [find, text, kind]);
  const toggle = (id: string) =>
    setChosen((known) => {
      const next = new Set(known);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  const name = () => {
    if (!conceptId || !first) return;
    const ids = [...chosen];
    run(
      () => nameMarks(ids, conceptId),
      () => {
        setNamed({ ids, from: first.conceptId });
        setChosen(new Set());
        setText('');
        setConceptId(undefined);
      },
    );
  };
  return (
    <Page
      title="Without a name"
      aside="Marked as “unnamed sweep”, “unnamed pass” … to be named when you know."
      actions={<ActionLink href="/library">To the library</ActionLink>}
    >
      {named ? (
        <Notice data-tone="calm" role="status">
          Named.{' '}
          <Button
            look="plain"
            onPress={() =>
              run(
                () => nameMarks(named.ids, named.from),
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
          <div className="note">Choose those that are the same move, then name them together.</div>
          <div className="matter">
            <Stack>
              <Table>
                <thead>
                  <tr>
                    <th />
                    <th>Marked as</th>
                    <th>Round</th>
                    <th className="figure">At</th>
                  </tr>
                </thead>
                <tbody>
                  {marks.map((mark) => (
                    <tr key={mark.markId}>
                      <td>
                        <input
                          type="checkbox"
                          aria-label={`Choose ${wordOf(mark.conceptId)} at ${formatClock(mark.roundSeconds)}`}
                          checked={chosen.has(mark.markId)}
                          onChange={() => toggle(mark.markId)}
                        />
                      </td>
                      <td>{mark.words}</td>
                      <td>
                        {mark.a} with {mark.b} <Quiet>{dayWords(mark.heldOn)}</Quiet>
                      </td>
                      <td className="figure">
                        <Link href={markAddress(mark)}>{formatClock(mark.roundSeconds)}</Link>
                      </td>
                    </tr>
                  ))}
                </tbody>
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
                <Button look="lead" isDisabled={!conceptId || !first} isPending={pending} onPress={name}>
                  Name {chosen.size === 1 ? 'it' : `these ${chosen.size}`}
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
