'use client';

import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { Button } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';

const Section = styled.section`
  padding: ${space(4)}; overflow: auto; display: flex; flex-direction: column; gap: ${space(4)}; min-height: 0; flex: 1;
  > header { display: flex; align-items: center; }
  > header button { margin-left: auto; }
  h2, h3 { margin: 0; font-family: ${font.serif}; font-size: ${size.large}; font-weight: 500; }
  h3 { font-size: ${size.body}; color: ${color.quiet}; }
  [data-athlete='a'] { color: ${color.focusText}; }
  [data-athlete='b'] { color: ${color.other}; }
  ol { list-style: none; margin: 0; padding: 0; }
  p { margin: 0; color: ${color.quiet}; font-size: ${size.small}; }
  p.doubt { color: ${color.focusText}; }
  button.at { border: 0; background: none; padding: 0; color: ${color.quiet}; font-size: ${size.small}; text-align: right; cursor: pointer; text-decoration: underline; font-family: inherit; }
`;

/** A panel that stands in the ledger's place until it is left. */
export function SidePanel({
  title,
  onLeave,
  className,
  children,
}: {
  readonly title: string;
  readonly onLeave: () => void;
  /** From `styled(SidePanel)`. */
  readonly className?: string;
  readonly children: ReactNode;
}) {
  return (
    <Section aria-label={title} className={className}>
      <header>
        <h2>{title}</h2>
        <Button look="plain" onPress={onLeave}>
          To the ledger
        </Button>
      </header>
      {children}
    </Section>
  );
}
