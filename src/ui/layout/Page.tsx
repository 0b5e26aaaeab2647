'use client';

import Link from 'next/link';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { color, font, size, space } from '../tokens/tokens';

const Main = styled.main`
  max-width: 1180px; margin: 0 auto; padding: ${space(7)} ${space(8)} ${space(16)};
  display: flex; flex-direction: column; gap: ${space(7)};
  @media print { zoom: 0.56; padding: 0; max-width: none; gap: ${space(5)}; }
`;
const Head = styled.header`
  display: flex; align-items: flex-end; justify-content: space-between; gap: ${space(6)};
  border-bottom: 3px double ${color.strongRule}; padding-bottom: ${space(3)};
  .aside { color: ${color.quiet}; font-size: ${size.body}; margin-top: ${space(1)}; }
  .actions { display: flex; gap: ${space(3)}; align-items: center; flex: none; }
  @media print { .actions { display: none; } }
`;

export interface PageProps {
  readonly title: string;
  readonly aside?: ReactNode;
  readonly actions?: ReactNode;
  readonly children: ReactNode;
}

export function Page({ title, aside, actions, children }: PageProps) {
  return (
    <Main>
      <Head>
        <div>
          <h1>{title}</h1>
          {aside ? <div className="aside">{aside}</div> : null}
        </div>
        {actions ? <div className="actions">{actions}</div> : null}
      </Head>
      {children}
    </Main>
  );
}

/** A part of a page: heading in the margin, matter beside it. With `data-print="no"` it stays on the screen. */
export const Section = styled.section`
  display: grid; grid-template-columns: 180px minmax(0, 1fr); gap: ${space(3)} ${space(8)};
  > h2 { grid-column: 1; }
  > .note { grid-column: 1; color: ${color.quiet}; font-size: ${size.small}; line-height: 1.4; }
  > .matter { grid-column: 2; grid-row: 1 / span 3; min-width: 0; }
  @media (max-width: 860px) { grid-template-columns: 1fr; > .matter { grid-column: 1; grid-row: auto; } }
  @media print { &[data-print='no'] { display: none; } .note { display: none; } }
`;

/** What stands where there is nothing yet: what this place is for, and the next step. */
export const Empty = styled.div`
  border: 1px solid ${color.rule}; background: ${color.raised}; padding: ${space(7)} ${space(8)};
  display: flex; flex-direction: column; gap: ${space(3)}; align-items: flex-start;
  h2 { font-family: ${font.serif}; }
`;

export const Table = styled.table`
  th { font-size: ${size.small}; color: ${color.quiet}; font-weight: 400; border-bottom: 1px solid ${color.strongRule}; padding: 0 ${space(3)} ${space(1)} 0; white-space: nowrap; }
  td { border-bottom: 1px solid ${color.rule}; padding: ${space(2)} ${space(3)} ${space(2)} 0; vertical-align: baseline; }
  td.figure, th.figure { text-align: right; }
  tr:hover td { background: ${color.raised}; }
`;

/** Looks like a button, goes somewhere. */
export const ActionLink = styled(Link)`
  display: inline-flex; align-items: center; min-height: 36px; padding: 0 ${space(4)}; border: 1px solid ${color.strongRule}; text-decoration: none; border-radius: 2px;
  &:hover { background: ${color.sunken}; }
  &[data-look='lead'] { background: ${color.ink}; color: ${color.ground}; border-color: ${color.ink}; font-weight: 600; }
`;

/** A message that must be read: what happened, and what to do. */
export const Notice = styled.div`
  border-left: 4px solid ${color.harm}; background: ${color.harmWash}; padding: ${space(3)} ${space(4)}; max-width: 80ch;
  &[data-tone='calm'] { border-color: ${color.strongRule}; background: ${color.raised}; }
  &[data-tone='caution'] { border-color: ${color.focus}; background: ${color.focusWash}; }
`;

/** Fields side by side on the page's grid. */
export const Fields = styled.div`
  display: grid; grid-template-columns: repeat(auto-fill, minmax(150px, 1fr)); gap: ${space(4)} ${space(5)}; align-items: start;
`;

export const Row = styled.div`
  display: flex; flex-wrap: wrap; gap: ${space(3)}; align-items: center;
`;

export const Stack = styled.div<{ $gap?: number }>`
  display: flex; flex-direction: column; gap: ${({ $gap = 4 }) => space($gap)};
`;

export const Quiet = styled.span`
  color: ${color.quiet}; font-size: ${size.small};
`;
