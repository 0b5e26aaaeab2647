import { type TalkTrack, withBeat } from '@/core/commentary';
import type { TalkFootage } from './talkState';

export interface Recorded {
  readonly sound: Blob;
  readonly track: TalkTrack;
  readonly seconds: number;
}

/** How often the footage is looked at while a talk is recorded. @source own decision: less than a step of speech */
const BEAT_MS = 100;
/** The sound is handed over a second at a time: a page that dies loses no more. */
const PIECE_MS = 1000;

/** Begins to record what is said, and what the footage does meanwhile; undefined where there is no microphone. `done` comes after `stop`. */
export async function recordTalk(
  footage: () => TalkFootage,
  tell: (seconds: number) => void,
): Promise<{ readonly stop: () => void; readonly done: Promise<Recorded> } | undefined> {
  const stream = await navigator.mediaDevices?.getUserMedia({ audio: true }).catch(() => undefined);
  if (!stream || typeof MediaRecorder === 'undefined') return undefined;
  const machine = new MediaRecorder(stream);
  const pieces: Blob[] = [];
  const began = performance.now();
  const talkSeconds = () => (performance.now() - began) / 1000;
  let track: TalkTrack = [];
  const look = () => {
    const { playing, speed, now } = footage();
    track = withBeat(track, { talkSeconds: talkSeconds(), mediaSeconds: now(), rate: playing ? speed : 0 });
  };
  look();
  const looking = setInterval(look, BEAT_MS);
  const telling = setInterval(() => tell(talkSeconds()), PIECE_MS);
  tell(0);
  const done = new Promise<Recorded>((resolve) => {
    machine.ondataavailable = ({ data }) => data.size > 0 && pieces.push(data);
    machine.onstop = () => {
      clearInterval(looking);
      clearInterval(telling);
      for (const one of stream.getTracks()) one.stop();
      resolve({ sound: new Blob(pieces, { type: 'audio/webm' }), track, seconds: Math.max(0.1, talkSeconds()) });
    };
  });
  machine.start(PIECE_MS);
  return { stop: () => machine.state !== 'inactive' && machine.stop(), done };
}
