'use client';

import { useState } from 'react';
import { styled } from 'styled-components';
import { whyNot } from '@/forms/whyNot';
import { pressRemote } from '@/server/reels/reelActions';
import type { RemoteCommand } from '@/server/reels/reelInput';
import { color, font, space } from '@/ui/tokens/tokens';

const Pad = styled.main`
  min-height: 100dvh; padding: ${space(4)}; display: grid; grid-template-rows: auto 1fr auto; gap: ${space(4)}; background: ${color.ground}; color: ${color.ink};
  h1 { font-family: ${font.serif}; font-size: 22px; font-weight: 500; }
  .keys { display: grid; grid-template-columns: 1fr 1fr; grid-auto-rows: minmax(84px, 1fr); gap: ${space(3)}; }
  .keys button { border: 1px solid ${color.strongRule}; background: ${color.raised}; color: ${color.ink}; font: inherit; font-size: 20px; cursor: pointer; touch-action: manipulation; }
  .keys button:active { background: ${color.focusWash}; }
  .keys [data-wide] { grid-column: 1 / -1; }
  [role='alert'] { color: ${color.harm}; }
`;

const keys: readonly { readonly command: RemoteCommand; readonly label: string; readonly wide?: true }[] = [
  { command: 'play', label: 'Play or pause', wide: true },
  { command: 'previous', label: 'Before' },
  { command: 'next', label: 'Next' },
  { command: 'again', label: 'Again and again', wide: true },
  { command: 'slower', label: 'Slower' },
  { command: 'faster', label: 'Faster' },
];

/** The remote of a reel, for a thumb. */
export function RemotePage({ reelId, name }: { readonly reelId: string; readonly name: string }) {
  const [problem, setProblem] = useState<string>();
  const press = async (command: RemoteCommand) =>
    setProblem(whyNot(await pressRemote(reelId, command).catch(() => undefined)));
  return (
    <Pad data-light="loft">
      <h1>{name}</h1>
      <div className="keys">
        {keys.map(({ command, label, wide }) => (
          <button key={command} type="button" data-wide={wide} onClick={() => void press(command)}>
            {label}
          </button>
        ))}
      </div>
      <p role="alert">{problem}</p>
    </Pad>
  );
}
