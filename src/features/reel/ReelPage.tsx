'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { formatClock } from '@/core/clock';
import { newPiece, type SavedPiece } from '@/core/reel';
import { IntoReelDialog } from '@/forms/IntoReelDialog';
import { useNewId } from '@/forms/useNewId';
import { whyNot } from '@/forms/whyNot';
import { listKeptReels, putIntoReel, saveReel } from '@/server/reels/reelActions';
import { markAddress } from '@/terms/addresses';
import { KeysDialog } from '@/ui/keys/KeysDialog';
import { useKeyCommands } from '@/ui/keys/useKeyCommands';
import { useReady } from '@/ui/keys/useReady';
import { Owl } from '@/ui/layout/Owl';
import { Button } from '@/ui/primitives';
import { ReelList } from './ReelList';
import { ReelStage } from './ReelStage';
import { Body, Frame } from './reelFrame';
import { type ReelCommand, reelKeyGroups, reelKeys } from './reelKeys';
import type { ReelPiece } from './reelPiece';
import { useReelPlay } from './useReelPlay';

export interface ReelPageProps {
  readonly title: string;
  readonly pieces: readonly ReelPiece[];
  /** Moments that are no longer there. */
  readonly left: number;
  /** A page of the application, where the moments were chosen. */
  readonly back: string;
}

/** Moments that play one after the other, each seen coming; those of rounds that nobody filmed are listed and passed over. */
export function ReelPage({ title, pieces, left, back }: ReelPageProps) {
  const router = useRouter();
  const ready = useReady();
  const [keysOpen, setKeysOpen] = useState(false);
  const [problem, setProblem] = useState<string>();
  const [more, setMore] = useState<readonly SavedPiece[]>();
  const fresh = useNewId();
  const reel = useReelPlay(pieces);
  const { course, commands: playing, playhead } = reel;
  const piece = pieces[course.at];
  const openReview = () =>
    piece &&
    router.push(markAddress({ roundId: piece.roundId, markId: piece.markId ?? '', mediaSeconds: piece.atSeconds }));
  const keep = async () => {
    const id = fresh.id();
    const content = { isRanked: false, pieces: pieces.map(keptPiece) };
    const outcome = await saveReel({ name: title, content }, { id, version: 0 }).catch(() => undefined);
    const why = whyNot(outcome);
    setProblem(why);
    if (!why) router.push(`/reels/${id}`);
  };
  const commands: Record<ReelCommand, () => void> = {
    ...playing,
    'to-review': () => openReview(),
    keys: () => setKeysOpen(true),
    leave: () => router.push(back),
  };
  useKeyCommands(reelKeys, (command) => commands[command]());
  const filmed = pieces.filter((one) => one.footage);
  const seconds = filmed.reduce((sum, one) => sum + one.endSeconds - one.startSeconds, 0);
  return (
    <Frame data-light="loft" aria-busy={!ready}>
      <header>
        <Link href="/footage" className="home" aria-label="To the daybook">
          <Owl size={26} />
        </Link>
        <h1>{title}</h1>
        <span className="count">{countWords(pieces.length, filmed.length, seconds, left)}</span>
        <div className="end">
          {problem ? <span role="alert">{problem}</span> : null}
          <Button onPress={() => void keep()}>Keep as a reel</Button>
          <Button onPress={() => setMore(pieces.map(keptPiece))}>Add to a kept one</Button>
          <Link href={back}>Back (Esc)</Link>
          <Button look="plain" onPress={() => setKeysOpen(true)}>
            Keys (?)
          </Button>
        </div>
      </header>
      <Body>
        <ReelStage reel={reel} piece={piece} />
        <ReelList pieces={pieces} at={course.at} onGo={reel.goTo} />
      </Body>
      <footer>
        <Button look="lead" onPress={commands.play} isDisabled={filmed.length === 0}>
          {course.playing ? 'Pause (Space)' : 'Play in a row (Space)'}
        </Button>
        <Button onPress={commands.again} aria-pressed={course.again}>
          {course.again ? 'Go on after this (O)' : 'Again and again (O)'}
        </Button>
        <Button onPress={commands.slower} aria-label="Slower">
          −
        </Button>
        <span>{playhead?.speed ?? 1}×</span>
        <Button onPress={commands.faster} aria-label="Faster">
          +
        </Button>
        <div className="end">
          <Button onPress={commands['whole-screen']}>Whole screen (F)</Button>
          <Button onPress={openReview} isDisabled={!piece}>
            Open in Review (Enter)
          </Button>
        </div>
      </footer>
      {more ? (
        <IntoReelDialog
          pieces={more}
          name={title}
          list={listKeptReels}
          put={putIntoReel}
          onClose={() => setMore(undefined)}
        />
      ) : null}
      <KeysDialog groups={reelKeyGroups} isOpen={keysOpen} onClose={() => setKeysOpen(false)} />
    </Frame>
  );
}

/** A moment as it is kept: it stands still for a breath where something was drawn. */
const keptPiece = ({ roundId, markId, atSeconds, drawing }: ReelPiece): SavedPiece => ({
  ...newPiece({ id: crypto.randomUUID(), roundId, markId, atSeconds }),
  freezes: drawing.length > 0 ? [{ fromMoment: 0, forSeconds: 3 }] : [],
});

/** "12 moments, 9 filmed, 1:12; 2 are gone". */
export function countWords(all: number, filmed: number, seconds: number, left: number): string {
  const moments = all === 1 ? 'one moment' : `${all} moments`;
  const seen = filmed === all ? '' : filmed === 0 ? ', none filmed' : `, ${filmed} filmed`;
  const gone = left === 0 ? '' : left === 1 ? '; one is gone' : `; ${left} are gone`;
  return `${moments}${seen}, ${formatClock(seconds)}${gone}`;
}
