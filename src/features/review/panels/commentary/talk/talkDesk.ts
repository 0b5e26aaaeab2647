import { beatAt, mediaOfTalk } from '@/core/commentary';
import { whyNot } from '@/forms/whyNot';
import { removeTalk } from '@/server/rounds/talkActions';
import { createStore } from '@/session/store';
import { keepTalk, saveAsFile } from './keepTalk';
import { recordTalk } from './recordTalk';
import type { RoundTalk, TalkFootage, TalkState } from './talkState';

/** How often the footage is set right while a talk is played. @source own decision: less than a step of speech */
const BEAT_MS = 100;
/** So far the footage may drift from the talk before it is set right. @source own decision */
const DRIFT_SECONDS = 0.35;

const NO_MICROPHONE =
  'The browser gives no microphone. Allow it for this page (the sign beside the address), or record with any program and bring the text with its times.';
const NOT_KEPT =
  'The talk could not be kept here. It was saved as a file on this machine instead; its text can be brought.';
const NOT_PLAYED = 'The sound of this talk cannot be played. Reload the page, then try again.';

/** Talks over the footage of a round: recorded, played with it, removed. It lives as long as the page, whatever panel is open, and draws nothing itself. */
export function createTalkDesk(roundId: string, talks: readonly RoundTalk[], footage: () => TalkFootage) {
  const store = createStore<TalkState>({ talks });
  const change = (patch: Partial<TalkState>) => store.set({ ...store.get(), ...patch });
  let stopRecording: (() => void) | undefined;
  const nothing = () => {};
  let silence = nothing;

  const record = async () => {
    change({ problem: undefined, recording: { state: 'asking', seconds: 0 } });
    const machine = await recordTalk(footage, (seconds) => change({ recording: { state: 'running', seconds } }));
    if (!machine) return change({ recording: undefined, problem: NO_MICROPHONE });
    stopRecording = machine.stop;
    const { sound, track, seconds } = await machine.done;
    stopRecording = undefined;
    change({ recording: { state: 'keeping', seconds } });
    const kept = await keepTalk(roundId, sound, track, seconds);
    if (!kept) saveAsFile(sound, 'talk.webm');
    const { talks: known } = store.get();
    change({ recording: undefined, ...(kept ? { talks: [...known, kept] } : { problem: NOT_KEPT }) });
  };

  /** Plays a talk, and the footage as it was seen meanwhile. */
  const play = (talk: RoundTalk) => {
    silence();
    const audio = new Audio(`/api/talks/${talk.id}`);
    const follow = setInterval(() => {
      const { now, seek, playing, play: start, pause } = footage();
      const at = audio.currentTime;
      const wanted = mediaOfTalk(talk.track, at);
      if (Math.abs(now() - wanted) > DRIFT_SECONDS) seek(wanted);
      const shouldRun = (beatAt(talk.track, at)?.rate ?? 0) > 0;
      if (shouldRun && !playing) start();
      if (!shouldRun && playing) pause();
    }, BEAT_MS);
    silence = () => {
      clearInterval(follow);
      audio.onended = null;
      audio.onerror = null;
      audio.pause();
      footage().pause();
      silence = nothing;
      change({ playing: undefined });
    };
    audio.onended = () => silence();
    audio.onerror = () => {
      silence();
      change({ problem: NOT_PLAYED });
    };
    void audio.play().catch(() => undefined);
    change({ playing: talk.id, problem: undefined });
  };

  const remove = async (talk: RoundTalk) => {
    silence();
    const outcome = await removeTalk(talk.id).catch(() => undefined);
    const { talks: known } = store.get();
    change({ problem: whyNot(outcome), ...(outcome?.ok ? { talks: known.filter((one) => one.id !== talk.id) } : {}) });
  };
  return {
    store,
    record,
    stop: () => stopRecording?.(),
    play,
    silence: () => silence(),
    remove,
    /** The page is left. */
    end: () => {
      stopRecording?.();
      silence();
    },
  };
}
export type TalkDesk = ReturnType<typeof createTalkDesk>;
