'use client';

import Link from 'next/link';
import { dayWords } from '@/terms/dayWords';
import { ActionLink, Empty, Page, Quiet, Section, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { WhatNext, type WhatNextProps } from './WhatNext';

export interface RoundLine {
  readonly id: string;
  readonly heldOn: string;
  readonly numberInSession: number;
  readonly a: string;
  readonly b: string;
  readonly uniform: string;
  readonly theme: string;
  readonly markCount: number;
  readonly filmed: boolean;
}

function RoundTable({ rounds }: { readonly rounds: readonly RoundLine[] }) {
  return (
    <Table>
      <thead>
        <tr>
          <th>Day</th>
          <th className="figure">Round</th>
          <th>Athletes</th>
          <th>Kind</th>
          <th className="figure">Marks</th>
          <th />
        </tr>
      </thead>
      <tbody>
        {rounds.map((round) => (
          <tr key={round.id}>
            <td>{dayWords(round.heldOn)}</td>
            <td className="figure">{round.numberInSession}</td>
            <td>
              <Link href={`/rounds/${round.id}`}>
                {round.a} and {round.b}
              </Link>
            </td>
            <td>
              {round.uniform}
              <Quiet>
                {round.theme ? ` · ${round.theme}` : ''}
                {round.filmed ? '' : ' · no footage'}
              </Quiet>
            </td>
            <td className="figure">{round.markCount}</td>
            <td>
              <Link href={`/rounds/${round.id}/card`}>Card</Link>
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

export interface RoundsPageProps {
  readonly waiting: readonly RoundLine[];
  readonly marked: readonly RoundLine[];
  readonly feet: Readonly<Record<'waiting' | 'marked', PieceFootProps>>;
  readonly next: WhatNextProps;
}

export function RoundsPage({ waiting, marked, feet, next }: RoundsPageProps) {
  return (
    <Page title="Review" aside="Rounds that wait for you, and those already marked.">
      {waiting.length + marked.length === 0 ? (
        <Empty>
          <h2>No round yet</h2>
          <p>A round is cut out of footage. Bring in a file, say who is in it, and it appears here.</p>
          <ActionLink data-look="lead" href="/footage">
            To Footage
          </ActionLink>
        </Empty>
      ) : null}
      {next.waiting.length > 0 ? <WhatNext {...next} /> : null}
      {waiting.length > 0 ? (
        <Section>
          <h2>Waiting</h2>
          <div className="note">Nothing marked yet.</div>
          <div className="matter">
            <RoundTable rounds={waiting} />
            <PieceFoot {...feet.waiting} />
          </div>
        </Section>
      ) : null}
      {marked.length > 0 ? (
        <Section>
          <h2>Marked</h2>
          <div className="note">Newest first.</div>
          <div className="matter">
            <RoundTable rounds={marked} />
            <PieceFoot {...feet.marked} />
          </div>
        </Section>
      ) : null}
    </Page>
  );
}
