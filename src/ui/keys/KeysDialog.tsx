'use client';

import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { Dialog } from '../primitives';
import { color, size, space } from '../tokens/tokens';
import type { KeyGroup } from './keyEntry';

const Columns = styled.div`
  columns: 3; column-gap: ${space(8)}; font-size: ${size.small};
  h3 { break-after: avoid; font-size: ${size.body}; font-weight: 500; color: ${color.quiet}; margin: 0 0 ${space(1)}; border-bottom: 1px solid ${color.rule}; }
  ul { list-style: none; margin: 0; padding: 0; }
  .group { margin-bottom: ${space(5)}; }
  .key { break-inside: avoid; display: grid; grid-template-columns: 84px 1fr; padding: 2px 0; }
  kbd { font: inherit; font-weight: 600; color: ${color.focusText}; }
`;

export interface KeysDialogProps {
  readonly groups: readonly KeyGroup<string>[];
  readonly isOpen: boolean;
  readonly onClose: () => void;
  readonly children?: ReactNode;
}

/** Every key of a page. */
export function KeysDialog({ groups, isOpen, onClose, children }: KeysDialogProps) {
  return (
    <Dialog title="All keys" isOpen={isOpen} onClose={onClose} light="loft" wide>
      <Columns>
        {groups.map(({ title, entries }) => (
          <div key={title} className="group">
            <h3>{title}</h3>
            <ul aria-label={title}>
              {entries.map(({ shown, does }) => (
                <li key={shown} className="key">
                  <kbd>{shown}</kbd>
                  <span>{does}</span>
                </li>
              ))}
            </ul>
          </div>
        ))}
      </Columns>
      {children}
    </Dialog>
  );
}
