'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { styled } from 'styled-components';
import { zoomAt } from '@/player/zoom';
import { KeysDialog } from '@/ui/keys/KeysDialog';
import { useKeyCommands } from '@/ui/keys/useKeyCommands';
import { useReady } from '@/ui/keys/useReady';
import { Owl } from '@/ui/layout/Owl';
import { Button } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { ClipSide } from './ClipSide';
import { type CompareCommand, compareKeyGroups, compareKeys } from './compareKeys';
import { otherSide, type Side, type Tie, tiedMoment } from './tie';
import { type Piece, useClip } from './useClip';

const Frame = styled.div`
  height: 100vh; min-height: 560px; display: grid; grid-template-rows: 46px minmax(0, 1fr) 56px; background: ${color.ground}; color: ${color.ink}; overflow: hidden;
  > header { display: flex; align-items: center; gap: ${space(4)}; padding: 0 ${space(4)}; border-bottom: 1px solid ${color.rule}; }
  > header .home { display: flex; }
  > header h1 { font-family: ${font.serif}; font-size: ${size.large}; font-weight: 500; margin: 0; }
  > header .end { margin-left: auto; display: flex; gap: ${space(3)}; align-items: center; }
  > footer { display: flex; align-items: center; gap: ${space(3)}; padding: 0 ${space(4)}; border-top: 1px solid ${color.rule}; font-size: ${size.small}; color: ${color.quiet}; }
`;
const Both = styled.div`
  display: grid; grid-template-columns: 1fr 1fr; min-height: 0; > :first-child { border-right: 1px solid ${color.rule}; }
`;

export interface ComparePageProps {
  readonly pieces: readonly Piece[];
  readonly leftKey: string;
  readonly rightKey?: string;
  readonly atSeconds?: number;
  readonly rightAtSeconds?: number;
}

/** The likeliest counterpart: another round of the same people, else whatever else there is. */
function counterpartOf(pieces: readonly Piece[], left: Piece): Piece {
  const others = pieces.filter((one) => one !== left);
  const same = others.find((one) => one.personIds.some((id) => left.personIds.includes(id)));
  return same ?? others[0] ?? left;
}

/** Chooses the two clips; each pair gets a fresh board. */
export function ComparePage({ pieces, leftKey, rightKey, atSeconds, rightAtSeconds }: ComparePageProps) {
  const find = (key: string | undefined) => pieces.find((one) => one.key === key);
  const first = find(leftKey) ?? pieces[0]!;
  const [left, setLeft] = useState({ piece: first, at: atSeconds ?? first.startSeconds });
  const [right, setRight] = useState(() => {
    const piece = find(rightKey) ?? counterpartOf(pieces, first);
    return { piece, at: (rightKey === piece.key ? rightAtSeconds : undefined) ?? piece.startSeconds };
  });
  return (
    <Board
      key={`${left.piece.key} ${right.piece.key}`}
      pieces={pieces}
      left={left}
      right={right}
      onChoose={(side, key, otherAt) => {
        const piece = find(key);
        if (!piece) return;
        const [set, setOther] = side === 'left' ? [setLeft, setRight] : [setRight, setLeft];
        set({ piece, at: piece.startSeconds });
        setOther((now) => ({ ...now, at: otherAt }));
      }}
      onExchange={(leftAt, rightAt) => {
        setLeft({ piece: right.piece, at: rightAt });
        setRight({ piece: left.piece, at: leftAt });
      }}
    />
  );
}

interface Placed {
  readonly piece: Piece;
  readonly at: number;
}

function Board({
  pieces,
  left: leftPlaced,
  right: rightPlaced,
  onChoose,
  onExchange,
}: {
  readonly pieces: readonly Piece[];
  readonly left: Placed;
  readonly right: Placed;
  readonly onChoose: (side: Side, key: string, otherAt: number) => void;
  readonly onExchange: (leftAt: number, rightAt: number) => void;
}) {
  const router = useRouter();
  const left = useClip(leftPlaced.piece, leftPlaced.at);
  const right = useClip(rightPlaced.piece, rightPlaced.at);
  const clips = { left, right };
  const [active, setActive] = useState<Side>('right');
  const [tie, setTie] = useState<Tie>();
  const [keysOpen, setKeysOpen] = useState(false);
  const speeds = { left: left.playhead.speed, right: right.playhead.speed };
  const playing = left.playhead.playing || right.playhead.playing;
  const ready = useReady();

  /** Moves one clip, and the other with it while they are tied. */
  const seek = (side: Side, seconds: number) => {
    clips[side].playhead.seek(seconds);
    if (tie) clips[otherSide(side)].playhead.seek(tiedMoment(tie, side, clips[side].playhead.now(), speeds));
  };
  const step = (frames: number) => {
    clips[active].playhead.step(frames);
    if (tie) {
      clips[otherSide(active)].playhead.pause();
      seek(active, clips[active].playhead.now());
    }
  };
  const playBoth = () => {
    if (playing) {
      left.playhead.pause();
      right.playhead.pause();
      // Two players never keep step to the picture: at rest they are put together again.
      if (tie) seek(active, clips[active].playhead.now());
      return;
    }
    left.playhead.play();
    right.playhead.play();
  };
  const zoomActive = (factor: number) => clips[active].setZoom((now) => zoomAt(now, factor));
  const back = left.piece.roundId ?? right.piece.roundId;
  const commands: Record<CompareCommand, () => void> = {
    play: playBoth,
    left: () => setActive('left'),
    right: () => setActive('right'),
    'frame-back': () => step(-1),
    'frame-on': () => step(1),
    'jump-back': () => seek(active, clips[active].playhead.now() - 5),
    'jump-on': () => seek(active, clips[active].playhead.now() + 5),
    slower: () => clips[active].playhead.changeSpeed(-1),
    faster: () => clips[active].playhead.changeSpeed(1),
    tie: () => setTie({ left: left.playhead.now(), right: right.playhead.now() }),
    untie: () => setTie(undefined),
    'to-tie': () => tie && seek(active, tie[active]),
    loop: () => {
      left.playhead.toggleLoop();
      right.playhead.toggleLoop();
    },
    closer: () => zoomActive(1.4),
    wider: () => zoomActive(1 / 1.4),
    exchange: () => onExchange(left.playhead.now(), right.playhead.now()),
    keys: () => setKeysOpen(true),
    leave: () => router.push(back ? `/rounds/${back}?at=${clips.left.playhead.now().toFixed(2)}` : '/review'),
  };
  useKeyCommands(compareKeys, (command) => commands[command]());
  return (
    <Frame data-light="loft" aria-busy={!ready}>
      <header>
        <Link href="/review" className="home" aria-label="Back to all rounds">
          <Owl size={26} />
        </Link>
        <h1>Side by side</h1>
        <div className="end">
          {back ? <Link href={`/rounds/${back}`}>Back to the review (Esc)</Link> : null}
          <Button look="plain" onPress={() => setKeysOpen(true)}>
            Keys (?)
          </Button>
        </div>
      </header>
      <Both>
        {(['left', 'right'] as const).map((side) => (
          <ClipSide
            key={side}
            side={side}
            clip={clips[side]}
            active={active === side}
            pieces={pieces}
            tiedAt={tie?.[side]}
            onChoose={(key) => onChoose(side, key, clips[otherSide(side)].playhead.now())}
            onActivate={() => setActive(side)}
            onSeek={(seconds) => seek(side, seconds)}
          />
        ))}
      </Both>
      <footer>
        <Button onPress={playBoth}>{playing ? 'Pause both (Space)' : 'Play both (Space)'}</Button>
        {tie ? (
          <Button onPress={commands.untie}>Untie (Shift T)</Button>
        ) : (
          <Button look="lead" onPress={commands.tie}>
            Tie them here (T)
          </Button>
        )}
        <span>
          {tie
            ? 'Tied: moving one moves the other. Enter goes back to where they are tied.'
            : 'Bring both to the same moment, each with 1 or 2 and the arrows, then tie them.'}
        </span>
      </footer>
      <KeysDialog groups={compareKeyGroups} isOpen={keysOpen} onClose={() => setKeysOpen(false)} />
    </Frame>
  );
}
