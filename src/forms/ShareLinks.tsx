'use client';

import { useState } from 'react';
import { styled } from 'styled-components';
import { momentWords } from '@/terms/dayWords';
import { useZone } from '@/terms/ZoneContext';
import { Notice, Quiet, Row } from '@/ui/layout/Page';
import { Button, ConfirmDialog } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';

export interface LinkLine {
  readonly id: string;
  readonly madeByName?: string;
  readonly madeAt: string;
  readonly expiresAt: string;
  readonly revokedAt?: string;
  readonly openedCount: number;
  readonly lastOpenedAt?: string;
  readonly isOpen: boolean;
}

/** A link as it is told once. */
export interface NewLink {
  readonly address: string;
  /** A picture of it, as SVG. */
  readonly qr: string;
  readonly isSent: boolean;
}

const Told = styled.div`
  display: grid; grid-template-columns: 150px minmax(0, 1fr); gap: ${space(4)}; align-items: center; border: 1px solid ${color.focus}; background: ${color.raised}; padding: ${space(4)}; max-width: 640px;
  .qr { width: 150px; height: 150px; background: #fff; }
  input { width: 100%; border: 0; border-bottom: 1px solid ${color.strongRule}; background: transparent; height: 34px; font-size: ${size.small}; }
  .words { display: flex; flex-direction: column; gap: ${space(2)}; min-width: 0; }
  @media print { border: 0; padding: 0; button, .screen { display: none; } }
`;

/** A link that was just made: to be copied, shown to a phone, or printed. It is told this once. */
export function ToldLink({ link }: { readonly link: NewLink }) {
  const [isCopied, setCopied] = useState(false);
  const copy = () =>
    navigator.clipboard?.writeText(link.address).then(
      () => setCopied(true),
      () => undefined,
    );
  return (
    <Told>
      {/* biome-ignore lint/performance/noImgElement: drawn from the address itself, there is nothing to load */}
      <img
        className="qr"
        alt="The link, for a phone’s camera"
        src={`data:image/svg+xml,${encodeURIComponent(link.qr)}`}
      />
      <div className="words">
        <strong>{link.isSent ? 'The link is in the outbox, and here.' : 'Hand this link over.'}</strong>
        <input readOnly aria-label="The link" value={link.address} onFocus={(event) => event.target.select()} />
        <Row>
          <Button onPress={copy}>{isCopied ? 'Copied' : 'Copy the link'}</Button>
        </Row>
        <span className="screen">
          <Quiet>It is shown only now: nobody can look it up later. A new one can be made at any time.</Quiet>
        </span>
      </div>
    </Told>
  );
}

const List = styled.ul`
  list-style: none; margin: 0; padding: 0; max-width: 760px;
  li { display: flex; justify-content: space-between; gap: ${space(3)}; align-items: baseline; border-bottom: 1px solid ${color.rule}; padding: ${space(1.5)} 0; }
  li[data-closed] { color: ${color.quiet}; }
`;

/** The links that lead to something: until when, how often opened, and closed at once. */
export function ShareLinks({
  links,
  onClose,
}: {
  readonly links: readonly LinkLine[];
  readonly onClose: (linkId: string) => void;
}) {
  const zone = useZone();
  const [closing, setClosing] = useState<string>();
  if (links.length === 0) return null;
  return (
    <>
      <List aria-label="Links">
        {links.map((link) => (
          <li key={link.id} data-closed={link.isOpen ? undefined : true}>
            <span>
              made {momentWords(link.madeAt, zone)}
              {link.madeByName ? ` by ${link.madeByName}` : ''} · {openedWords(link, zone)} ·{' '}
              {link.revokedAt
                ? `closed ${momentWords(link.revokedAt, zone)}`
                : `${link.isOpen ? 'until' : 'ended'} ${momentWords(link.expiresAt, zone)}`}
            </span>
            {link.isOpen ? (
              <Button look="plain" onPress={() => setClosing(link.id)}>
                Close it
              </Button>
            ) : null}
          </li>
        ))}
      </List>
      <ConfirmDialog
        title="Close this link?"
        text="Whoever has it sees nothing any more, at once. It cannot be opened again; a new one can be made."
        confirm="Close it"
        isOpen={closing !== undefined}
        onClose={() => setClosing(undefined)}
        onConfirm={() => closing && onClose(closing)}
      />
    </>
  );
}

function openedWords({ openedCount, lastOpenedAt }: LinkLine, zone: string): string {
  if (openedCount === 0 || !lastOpenedAt) return 'not opened yet';
  const often = openedCount === 1 ? 'opened once' : `opened ${openedCount} times`;
  return `${often}, last ${momentWords(lastOpenedAt, zone)}`;
}

/** What stands against sharing, where something does. */
export const NotShared = ({ why }: { readonly why: string | undefined }) =>
  why ? <Notice data-tone="caution">{why}</Notice> : null;
