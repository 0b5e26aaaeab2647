'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { captionOf, drawingOf, type ReelEdit, type SavedReel, spanOfPiece } from '@/core/reel';
import { removeReel } from '@/server/reels/reelActions';
import { markAddress } from '@/terms/addresses';
import { KeysDialog } from '@/ui/keys/KeysDialog';
import { useKeyCommands } from '@/ui/keys/useKeyCommands';
import { useReady } from '@/ui/keys/useReady';
import { Owl } from '@/ui/layout/Owl';
import { Button, ConfirmDialog } from '@/ui/primitives';
import { color, font, space } from '@/ui/tokens/tokens';
import { Conflict, keepingWords } from './Conflict';
import { FilmDialog } from './FilmDialog';
import { PieceEditor } from './PieceEditor';
import { ReelStage } from './ReelStage';
import { RemoteDialog } from './RemoteDialog';
import { Body, Frame } from './reelFrame';
import { type EditCommand, editorKeyGroups, editorKeys, type ReelCommand } from './reelKeys';
import type { ReelPiece } from './reelPiece';
import { useFreezeDrawing } from './useFreezeDrawing';
import { useReelEditing } from './useReelEditing';
import { useReelPlay } from './useReelPlay';
import { useRemote } from './useRemote';

const Name = styled.input`
  font-family: ${font.serif}; font-size: 19px; background: transparent; color: ${color.ink}; border: 0; border-bottom: 1px solid ${color.rule}; min-width: 120px; width: 300px; padding: 2px ${space(1)};
`;
const List = styled.ol`
  list-style: none; margin: 0; padding: ${space(2)} 0; overflow-y: auto; min-height: 0; border-left: 1px solid ${color.rule};
`;

export interface SavedReelPageProps {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly content: SavedReel;
  /** What shows each of its moments today, by its id. */
  readonly pieces: readonly ReelPiece[];
  /** Moments that are gone. */
  readonly left: number;
  /** Why no film is made of it, in words. */
  readonly problem?: string;
  readonly remote: { readonly address: string; readonly qr: string };
}

/** A saved reel: played, shown to a class, and put together by keys. */
export function SavedReelPage({ id, left, problem, remote, ...page }: SavedReelPageProps) {
  const router = useRouter();
  const ready = useReady();
  const [open, setOpen] = useState<'keys' | 'film' | 'remote' | 'remove'>();
  const editing = useReelEditing(id, page);
  const { content, edit } = editing;
  const pieces = useMemo(() => piecesOf(content, page.pieces), [content, page.pieces]);
  const reel = useReelPlay(pieces);
  const { course, playhead } = reel;
  const at = course.at;
  const piece = pieces[at];
  const saved = content.pieces[at];
  const caption = useRef<HTMLTextAreaElement>(null);
  const here = (what: 'begin-here' | 'end-here' | 'stop-here') => () => {
    if (playhead && piece) edit({ edit: what, at, seconds: playhead.now() });
  };
  const moved = (by: 1 | -1) => () => {
    edit({ edit: 'move', at, by });
    reel.goTo(Math.min(content.pieces.length - 1, Math.max(0, at + by)));
  };
  const drawn = useFreezeDrawing({ piece, saved, at, playhead, edit, pause: () => reel.play(false) });
  const change = (patch: Extract<ReelEdit, { edit: 'change' }>['change']) =>
    edit({ edit: 'change', at, change: patch });
  const commands: Record<ReelCommand | EditCommand, () => void> = {
    ...reel.commands,
    'begin-here': here('begin-here'),
    'end-here': here('end-here'),
    'stop-here': here('stop-here'),
    draw: drawn.toggle,
    write: () => {
      reel.play(false);
      caption.current?.focus();
    },
    sound: () => saved && change({ sound: !saved.sound }),
    reading: () => saved && change({ reading: !saved.reading }),
    earlier: moved(-1),
    later: moved(1),
    drop: () => edit({ edit: 'drop', at }),
    undo: editing.undo,
    redo: editing.redo,
    'to-review': () =>
      piece &&
      router.push(markAddress({ roundId: piece.roundId, markId: piece.markId ?? '', mediaSeconds: piece.atSeconds })),
    keys: () => setOpen('keys'),
    leave: () => router.push('/reels'),
  };
  useKeyCommands(editorKeys, (command) => commands[command]());
  useRemote(id, (command) => commands[command]());
  const seconds = pieces.reduce((sum, one) => sum + one.lasts, 0);
  return (
    <Frame data-light="loft" aria-busy={!ready}>
      <header>
        <Link href="/reels" className="home" aria-label="To the reels">
          <Owl size={26} />
        </Link>
        <Name
          aria-label="Name of the reel"
          value={editing.name}
          maxLength={120}
          onChange={(event) => editing.rename(event.target.value)}
        />
        <span className="count" role="status">
          {pieces.length === 1 ? 'one moment' : `${pieces.length} moments`}, {formatClock(seconds)}
          {left > 0 ? `; ${left} gone` : ''} · {keepingWords(editing.keeping)}
        </span>
        <div className="end">
          <Button look="plain" isDisabled={!editing.canUndo} onPress={editing.undo}>
            Undo (Z)
          </Button>
          <Button onPress={() => setOpen('film')}>Make a film</Button>
          <Button onPress={() => setOpen('remote')}>Phone as remote</Button>
          <Button look="plain" onPress={() => setOpen('keys')}>
            Keys (?)
          </Button>
        </div>
      </header>
      <Body>
        <ReelStage
          reel={reel}
          piece={saved && piece}
          showing={piece?.showing}
          drawn={drawn.on}
          caption={captionOf(content, at)}
        >
          {editing.keeping === 'conflict' ? <Conflict reelId={id} draft={{ name: editing.name, content }} /> : null}
        </ReelStage>
        <List aria-label="Moments">
          {pieces.map((one, place) => (
            <PieceEditor
              key={one.key}
              number={content.isRanked ? pieces.length - place : place + 1}
              piece={one}
              saved={content.pieces[place]}
              isCurrent={place === at}
              captionField={caption}
              beside={besideAddress(one, pieces[place + 1])}
              onGo={() => reel.goTo(place)}
              onEdit={(what) => edit({ ...what, at: place } as ReelEdit)}
            />
          ))}
        </List>
      </Body>
      <footer>
        <Button look="lead" onPress={commands.play} isDisabled={pieces.length === 0}>
          {course.playing ? 'Pause (Space)' : 'Play in a row (Space)'}
        </Button>
        <Button onPress={commands['begin-here']} isDisabled={!saved}>
          Begins here (Q)
        </Button>
        <Button onPress={commands['end-here']} isDisabled={!saved}>
          Ends here (W)
        </Button>
        <Button onPress={commands['stop-here']} isDisabled={!saved}>
          Stands still (E)
        </Button>
        <Button onPress={commands.draw} isDisabled={!saved} aria-pressed={drawn.on.isOpen}>
          Draw (D)
        </Button>
        <Button onPress={() => edit({ edit: 'rank', isRanked: !content.isRanked })} aria-pressed={content.isRanked}>
          {content.isRanked ? 'Ranked, down to one' : 'Rank them'}
        </Button>
        <div className="end">
          <Button onPress={commands['whole-screen']}>To the class (F)</Button>
          <Button look="plain" onPress={() => setOpen('remove')}>
            Remove
          </Button>
        </div>
      </footer>
      <KeysDialog groups={editorKeyGroups} isOpen={open === 'keys'} onClose={() => setOpen(undefined)} />
      {open === 'film' ? (
        <FilmDialog reelId={id} name={editing.name} problem={problem} onClose={() => setOpen(undefined)} />
      ) : null}
      {open === 'remote' ? <RemoteDialog {...remote} onClose={() => setOpen(undefined)} /> : null}
      <ConfirmDialog
        light="loft"
        title="Remove this reel?"
        text="Its moments stay in their rounds; how they are put together here is gone."
        confirm="Remove it"
        isOpen={open === 'remove'}
        onClose={() => setOpen(undefined)}
        onConfirm={() =>
          void removeReel(id)
            .catch(() => undefined)
            .then((outcome) => outcome?.ok && router.push('/reels'))
        }
      />
    </Frame>
  );
}

/** Two moments beside each other, as rounds are compared. */
const besideAddress = (one: ReelPiece, next: ReelPiece | undefined): string | undefined =>
  one.footage && next?.footage
    ? `/compare?${new URLSearchParams({ left: one.roundId, right: next.roundId, at: one.startSeconds.toFixed(1), rightAt: next.startSeconds.toFixed(1) })}`
    : undefined;

/** The pieces as they are put together now, with what shows each of them. */
function piecesOf(content: SavedReel, known: readonly ReelPiece[]) {
  const byKey = new Map(known.map((one) => [one.key, one]));
  return content.pieces.flatMap((saved) => {
    const piece = byKey.get(saved.id);
    if (!piece) return [];
    const span = spanOfPiece(saved, piece.round);
    const freezes = saved.freezes
      .map((freeze) => ({
        ...{ atSeconds: saved.atSeconds + freeze.fromMoment, forSeconds: freeze.forSeconds },
        drawing: drawingOf(freeze, piece.drawing),
      }))
      .filter((one) => one.atSeconds >= span.startSeconds && one.atSeconds <= span.endSeconds);
    const stops = freezes.reduce((sum, one) => sum + one.forSeconds, 0);
    return [
      {
        ...{ ...piece, ...span, readings: saved.reading ? piece.readings : [] },
        lasts: (span.endSeconds - span.startSeconds) / saved.speed + stops,
        showing: { freezes, speed: saved.speed, sound: saved.sound },
      },
    ];
  });
}
