import { newPiece, type SavedPiece } from '@/core/reel';
import { zoomAt } from '@/player/zoom';
import { textOfMark } from './CallLine';
import {
  copyForOther,
  copyForOtherSide,
  withEndAt,
  withNextPunisher,
  withNextPunishment,
  withNextStage,
  withNextTapCause,
  withNextVerdict,
  withQuestion,
} from './markEdits';
import type { PanelCommand } from './panels/registry';
import type { ReviewCommand } from './reviewKeys';
import type { ReviewDeskParts } from './useReviewDesk';
import { withNextAnswerer } from './useStopwatch';

/** The chosen marks as moments of a reel; with none chosen, this moment. */
function momentsForReel({ moves, round, playhead }: ReviewDeskParts): readonly SavedPiece[] {
  const chosen = moves.chosen.map((mark) => ({ markId: mark.id, atSeconds: mark.atSeconds }));
  const moments = chosen.length > 0 ? chosen : [{ markId: undefined, atSeconds: playhead.now() }];
  return moments.map((one) => newPiece({ ...one, id: crypto.randomUUID(), roundId: round.id }));
}

/** What each command of Review does on the desk as it lies. */
export function reviewCommands(
  desk: ReviewDeskParts,
  go: (path: string) => void,
): Readonly<Record<Exclude<ReviewCommand, PanelCommand>, (key: string) => void>> {
  const { playhead, moves, marks, drawing, secondPass, lulls, lull, question, questions, names, setSaid } = desk;
  const { goTo, neighbour, replaceSelected, selected } = moves;
  return {
    call: () => (moves.linkFrom ? moves.link() : desk.openCall('')),
    'next-call': (key) => {
      if (drawing.open) drawing.takeByKey(key);
      else if (secondPass.on) secondPass.answer(Number(key));
      else desk.nextCallAt(Number(key) - 1);
    },
    play: () => (playhead.playing ? playhead.pause() : playhead.play()),
    'frame-back': () => playhead.step(-1),
    'frame-on': () => playhead.step(1),
    'jump-back': () => playhead.jump(-5),
    'jump-on': () => playhead.jump(5),
    'mark-before': () => goTo(neighbour(-1)),
    'mark-after': () => (secondPass.on ? secondPass.skip() : goTo(neighbour(1))),
    'choose-before': () => moves.chooseMore(neighbour(-1)),
    'choose-after': () => moves.chooseMore(neighbour(1)),
    slower: () => playhead.changeSpeed(-1),
    faster: () => playhead.changeSpeed(1),
    loop: playhead.toggleLoop,
    edit: () =>
      selected ? desk.openCall(textOfMark(selected, names), selected) : setSaid('Choose a mark first, with ↑ and ↓.'),
    delete: () => (drawing.open ? drawing.remove() : moves.removeChosen()),
    repeat: moves.repeatLast,
    'for-other': () =>
      moves.addCopy(copyForOther, 'This belongs to both athletes, or to none: there is nothing to copy to the other.'),
    'other-side': () => moves.addCopy(copyForOtherSide, 'It says no left or right. E adds the side.'),
    punished: () => replaceSelected(withNextPunishment),
    punisher: () => replaceSelected(withNextPunisher),
    stage: () => replaceSelected(withNextStage),
    'tap-cause': () => replaceSelected(withNextTapCause),
    verdict: () => replaceSelected(withNextVerdict),
    ask: () => replaceSelected(withQuestion),
    'end-here': () => replaceSelected((mark) => withEndAt(mark, playhead.now())),
    'led-to': moves.link,
    'to-cause': moves.toCause,
    undo: marks.undo,
    redo: marks.redo,
    filter: () => desk.filter.setOpen(!desk.filter.open),
    'second-pass': secondPass.toggle,
    draw: drawing.toggle,
    stopwatch: desk.stopwatch.press,
    answerer: () => replaceSelected(withNextAnswerer),
    'turn-press': () => {
      desk.overtime.press();
      if (desk.overtime.rules) desk.setPanel('overtime');
    },
    times: () => setSaid(desk.face.turn()),
    'tide-view': () => desk.setTideOf(desk.tideOf === 'a' ? 'b' : 'a'),
    compare: () => go(`/compare?left=${desk.round.id}&at=${playhead.now().toFixed(2)}`),
    'into-reel': () => desk.setForReel(momentsForReel(desk)),
    closer: () => desk.setZoom((now) => zoomAt(now, 1.4)),
    wider: () => desk.setZoom((now) => zoomAt(now, 1 / 1.4)),
    'skip-lulls': playhead.toggleSkipping,
    'lull-look': () => lull && playhead.seek(lull.startSeconds - 1),
    yes: () => (question ? questions.confirm(question) : desk.markLull(false)),
    'next-question': desk.nextQuestion,
    'lull-unseen': () => desk.markLull(true),
    no: () => (question ? questions.wave(question) : lull && lulls.wave(lull)),
    'ask-again': () => {
      const count = questions.waved + lulls.waved;
      if (count === 0) return setSaid('Nothing was waved away in this round.');
      questions.askAgain();
      lulls.askAgain();
      setSaid(`${count === 1 ? 'One question is' : `${count} questions are`} asked again. R goes to the first.`);
    },
    'close-review': () =>
      desk.second ? setSaid('A second review is not signed: “Done” above compares it.') : desk.toClosing(),
    find: () => go('/search'),
    keys: () => desk.setKeysOpen(true),
    leave: () => {
      moves.unlink();
      moves.unchoose();
      drawing.close();
      desk.stopwatch.drop();
      if (secondPass.on) secondPass.toggle();
      setSaid(undefined);
      desk.stills.draw(undefined);
      marks.select(undefined);
    },
  };
}
