'use client';

import { ActionLink, Empty, Page, Section } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { Evenings, type RoundLine } from './Evenings';
import { WhatNext, type WhatNextProps } from './WhatNext';

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
            <Evenings rounds={waiting} />
            <PieceFoot {...feet.waiting} />
          </div>
        </Section>
      ) : null}
      {marked.length > 0 ? (
        <Section>
          <h2>Marked</h2>
          <div className="note">By evening, newest first.</div>
          <div className="matter">
            <Evenings rounds={marked} />
            <PieceFoot {...feet.marked} />
          </div>
        </Section>
      ) : null}
    </Page>
  );
}
