'use client';

import type { ReactNode } from 'react';
import { Dialog as AriaDialog } from 'react-aria-components/Dialog';
import { Heading } from 'react-aria-components/Heading';
import { Modal, ModalOverlay } from 'react-aria-components/Modal';
import { styled } from 'styled-components';
import { color, space } from '../tokens/tokens';
import { Button } from './Button';

const Veil = styled(ModalOverlay)`
  position: fixed; inset: 0; z-index: 50; background: rgb(10 14 12 / 0.55); display: grid; place-items: center; padding: ${space(6)};
`;
const Sheet = styled(Modal)`
  background: ${color.ground}; color: ${color.ink}; border: 1px solid ${color.strongRule}; max-width: 640px; width: 100%; max-height: 88vh; overflow: auto;
  section { padding: ${space(6)}; outline: none; display: flex; flex-direction: column; gap: ${space(4)}; }
  section > form { display: flex; flex-direction: column; gap: ${space(4)}; }
  &[data-wide] { max-width: 1120px; }
  .buttons { display: flex; gap: ${space(3)}; justify-content: flex-end; }
`;

export interface DialogProps {
  readonly title: string;
  readonly isOpen: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
  readonly light?: 'loft' | 'daybook';
  readonly wide?: boolean;
}

/** A sheet above the page; Escape and a press outside close it. */
export function Dialog({ title, isOpen, onClose, children, light = 'daybook', wide }: DialogProps) {
  return (
    <Veil isOpen={isOpen} onOpenChange={(open) => !open && onClose()} isDismissable data-light={light}>
      <Sheet data-wide={wide || undefined}>
        <AriaDialog>
          <Heading slot="title">{title}</Heading>
          {children}
        </AriaDialog>
      </Sheet>
    </Veil>
  );
}

/** Asks before something is lost. */
export function ConfirmDialog({
  title,
  text,
  confirm,
  isOpen,
  onConfirm,
  onClose,
  light,
}: Omit<DialogProps, 'children'> & {
  readonly text: string;
  readonly confirm: string;
  readonly onConfirm: () => void;
}) {
  return (
    <Dialog title={title} isOpen={isOpen} onClose={onClose} light={light}>
      <p>{text}</p>
      <div className="buttons">
        <Button onPress={onClose} autoFocus>
          Keep it
        </Button>
        <Button
          look="harm"
          onPress={() => {
            onConfirm();
            onClose();
          }}
        >
          {confirm}
        </Button>
      </div>
    </Dialog>
  );
}
