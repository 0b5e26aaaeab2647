import type { Playhead } from './usePlayhead';

/** What the keys that move the playhead do, wherever footage is looked at. */
export const moveCommands = (playhead: Playhead, goTo: (seconds: number) => void) => ({
  play: () => (playhead.playing ? playhead.pause() : playhead.play()),
  'frame-back': () => playhead.step(-1),
  'frame-on': () => playhead.step(1),
  'jump-back': () => goTo(playhead.now() - 5),
  'jump-on': () => goTo(playhead.now() + 5),
  'leap-back': () => goTo(playhead.now() - 30),
  'leap-on': () => goTo(playhead.now() + 30),
});
