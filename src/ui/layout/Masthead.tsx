'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { color, font, size, space } from '../tokens/tokens';
import { Owl } from './Owl';

const Bar = styled.header`
  display: flex; align-items: center; gap: ${space(7)}; padding: 0 ${space(8)}; height: 48px; border-bottom: 1px solid ${color.rule}; background: ${color.ground};
  .name { display: flex; align-items: center; gap: ${space(2)}; font-family: ${font.serif}; font-size: ${size.large}; text-decoration: none; font-style: italic; }
  nav { display: flex; gap: ${space(6)}; }
  nav a { text-decoration: none; padding: ${space(3)} 0; border-bottom: 2px solid transparent; }
  nav a:hover { border-color: ${color.rule}; }
  nav a[aria-current='page'] { border-color: ${color.focus}; }
  .end { margin-left: auto; display: flex; align-items: center; gap: ${space(4)}; font-size: ${size.small}; color: ${color.quiet}; }
  .name, nav, .end { white-space: nowrap; }
  .end { min-width: 0; }
  .end form { min-width: 0; flex-shrink: 1; }
  .end form input { min-width: 0; width: 100%; }
  @media (max-width: 1180px) { gap: ${space(5)}; padding: 0 ${space(5)}; nav { gap: ${space(4)}; } .wordmark { position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%); } }
  @media (max-width: 560px) { padding: 0 ${space(4)}; .whose { display: none; } }
  @media print { display: none; }
`;

export interface MastheadProps {
  readonly places: readonly { readonly href: string; readonly label: string; readonly within?: readonly string[] }[];
  readonly end: ReactNode;
}

export function Masthead({ places, end }: MastheadProps) {
  const path = usePathname() ?? '';
  return (
    <Bar>
      <Link href={places[0]?.href ?? '/'} className="name">
        <Owl size={26} /> <span className="wordmark">Unhurried Owl</span>
      </Link>
      <nav aria-label="Main">
        {places.map(({ href, label, within = [] }) => (
          <Link
            key={href}
            href={href}
            aria-current={
              [href, ...within].some((one) => path === one || path.startsWith(`${one}/`)) ? 'page' : undefined
            }
          >
            {label}
          </Link>
        ))}
      </nav>
      <div className="end">{end}</div>
    </Bar>
  );
}
