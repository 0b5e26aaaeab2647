'use client';

import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { Dialog } from '../primitives';
import { color, space } from '../tokens/tokens';
import type { KeyEntry } from './keyEntry';

const Columns = styled.div`
  columns: 2; column-gap: ${space(8)};
  div { break-inside: avoid; display: grid; grid-template-columns: 112px 1fr; padding: ${space(0.75)} 0; }
  kbd { font: inherit; font-weight: 600; color: ${color.focusText}; }
`;

export interface KeysDialogProps {
  readonly entries: readonly KeyEntry<string>[];
  readonly isOpen: boolean;
  readonly onClose: () => void;
  readonly children?: ReactNode;
}

/** Every key of a page. */
export function KeysDialog({ entries, isOpen, onClose, children }: KeysDialogProps) {
  return (
    <Dialog title="All keys" isOpen={isOpen} onClose={onClose} light="loft">
      <Columns>
        {entries.map(({ shown, does }) => (
          <div key={shown}>
            <kbd>{shown}</kbd>
            <span>{does}</span>
          </div>
        ))}
      </Columns>
      {children}
    </Dialog>
  );
}
