'use client';

let sound: AudioContext | undefined;

/** Lets the page ring from now on: browsers want a press before anything sounds. */
export function openBell(): void {
  try {
    sound ??= new AudioContext();
    void sound.resume();
  } catch {
    // No sound on this device: the picture still tells.
  }
}

/** A bell as of a ring: struck once, or three times when a part is over. */
export function ring(kind: 'long' | 'short'): void {
  if (!sound) return;
  for (const after of kind === 'long' ? [0, 0.45, 0.9] : [0]) {
    const [tone, loudness] = [sound.createOscillator(), sound.createGain()];
    const at = sound.currentTime + after;
    tone.frequency.value = kind === 'long' ? 880 : 1320;
    loudness.gain.setValueAtTime(0.5, at);
    loudness.gain.exponentialRampToValueAtTime(0.001, at + 0.4);
    tone.connect(loudness).connect(sound.destination);
    tone.start(at);
    tone.stop(at + 0.42);
  }
}
