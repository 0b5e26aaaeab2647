const RATE = 24_000;

/** The sound of a film as 16-bit mono WAV: room noise, mat thuds, one bell at the start of the round, three at its end. */
export function makeSound(totalSeconds: number, roundStart: number, roundEnd: number): Buffer {
  const samples = new Float32Array(Math.ceil(totalSeconds * RATE));
  let state = 12345;
  const noise = () => {
    state = (Math.imul(state, 1_103_515_245) + 12_345) & 0x7fffffff;
    return state / 0x3fffffff - 1;
  };
  let low = 0;
  for (let index = 0; index < samples.length; index += 1) {
    low = low * 0.985 + noise() * 0.015;
    samples[index] = low * 0.12;
  }
  for (let at = roundStart + 4; at < roundEnd; at += 6.3) addThud(samples, at, noise);
  ringBell(samples, roundStart);
  for (const delay of [0, 0.55, 1.1]) ringBell(samples, roundEnd + delay);
  return wav(samples);
}

function addThud(samples: Float32Array, at: number, noise: () => number): void {
  const first = Math.floor(at * RATE);
  for (let index = 0; index < RATE * 0.18 && first + index < samples.length; index += 1) {
    const seconds = index / RATE;
    samples[first + index]! += (Math.sin(2 * Math.PI * 70 * seconds) * 0.25 + noise() * 0.05) * Math.exp(-seconds * 28);
  }
}

/** A struck bell of 2,100 Hz with its inharmonic partials, ringing for about a second. */
function ringBell(samples: Float32Array, at: number): void {
  const first = Math.floor(at * RATE);
  const partials = [
    [2100, 1, 4],
    [3380, 0.5, 6],
    [4920, 0.28, 9],
    [1050, 0.35, 3],
  ] as const;
  for (let index = 0; index < RATE * 1.2 && first + index < samples.length; index += 1) {
    const seconds = index / RATE;
    let value = 0;
    for (const [hertz, loud, decay] of partials)
      value += Math.sin(2 * Math.PI * hertz * seconds) * loud * Math.exp(-decay * seconds);
    samples[first + index]! += value * 0.3;
  }
}

function wav(samples: Float32Array): Buffer {
  const buffer = Buffer.alloc(44 + samples.length * 2);
  buffer.write('RIFF', 0);
  buffer.writeUInt32LE(36 + samples.length * 2, 4);
  buffer.write('WAVEfmt ', 8);
  buffer.writeUInt32LE(16, 16);
  buffer.writeUInt16LE(1, 20);
  buffer.writeUInt16LE(1, 22);
  buffer.writeUInt32LE(RATE, 24);
  buffer.writeUInt32LE(RATE * 2, 28);
  buffer.writeUInt16LE(2, 32);
  buffer.writeUInt16LE(16, 34);
  buffer.write('data', 36);
  buffer.writeUInt32LE(samples.length * 2, 40);
  for (const [index, value] of samples.entries())
    buffer.writeInt16LE(Math.round(Math.max(-1, Math.min(1, value)) * 32_000), 44 + index * 2);
  return buffer;
}
