'use client';

import { styled } from 'styled-components';
import { Dialog } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';
import { reviewKeys } from './reviewKeys';

const Columns = styled.div`
  columns: 2; column-gap: ${space(8)};
  div { break-inside: avoid; display: grid; grid-template-columns: 112px 1fr; padding: ${space(0.75)} 0; }
  kbd { font: inherit; font-weight: 600; color: ${color.focusText}; }
`;

export function KeysDialog({ isOpen, onClose }: { readonly isOpen: boolean; readonly onClose: () => void }) {
  return (
    <Dialog title="All keys" isOpen={isOpen} onClose={onClose} light="loft">
      <Columns>
        {reviewKeys.map(({ shown, does }) => (
          <div key={shown}>
            <kbd>{shown}</kbd>
            <span>{does}</span>
          </div>
        ))}
      </Columns>
      <p>
        A call: who, what, how. “ana knee slice control”, “marek elbows flared punished”, “good frame inside”, “stop
        12”, “3 back ana mount”, “at 2:41 …”, a remark after a dash.
      </p>
    </Dialog>
  );
}
