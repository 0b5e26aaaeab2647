import { execFile, spawn } from 'node:child_process';
import { open } from 'node:fs/promises';
import { createInterface } from 'node:readline';
import { promisify } from 'node:util';
import { z } from 'zod';
import type { FrameRate } from '@/core/clock';
import { fail, type Result, succeed } from '@/core/kernel';
import type { FootagePicture } from '@/data/footage/footage';

const run = promisify(execFile);

export interface FootageFacts {
  readonly durationSeconds: number;
  readonly frameRate: FrameRate;
  /** As it is shown: a phone's turned picture counts as turned. */
  readonly width: number;
  readonly height: number;
  readonly container: string;
  readonly videoCodec: string;
  readonly audioCodec: string | undefined;
  readonly picture: FootagePicture;
  /** When the recording began, as the file itself says (ISO, UTC). */
  readonly recordedAt: string | undefined;
}

export type ProbeProblem =
  | { readonly code: 'not-a-video' }
  | { readonly code: 'no-picture' }
  /** The index that a camera writes at the end is missing: the recording was not finished, or the copy is not whole. */
  | { readonly code: 'no-index' }
  | { readonly code: 'one-picture' }
  | { readonly code: 'too-long'; readonly hours: number; readonly mostHours: number }
  | { readonly code: 'broken-off' };

const output = z.object({
  format: z.object({
    duration: z.coerce.number().optional(),
    format_name: z.string(),
    tags: z.record(z.string(), z.string()).optional(),
  }),
  streams: z.array(
    z.object({
      codec_type: z.string().optional(),
      codec_name: z.string().optional(),
      pix_fmt: z.string().optional(),
      width: z.number().optional(),
      height: z.number().optional(),
      avg_frame_rate: z.string().optional(),
      r_frame_rate: z.string().optional(),
      duration: z.coerce.number().optional(),
      disposition: z.object({ attached_pic: z.number() }).partial().optional(),
      side_data_list: z.array(z.looseObject({ rotation: z.number().optional() })).optional(),
    }),
  ),
});

/** The longest film that is taken. @source own decision: a whole day of open mats; longer ones are a clock gone wrong, or a camera left running */
const MOST_HOURS = 10;

/** What a stored file is: read by ffprobe, refused when it holds no moving picture or ends before its own index says. */
export async function probeFootage(file: string): Promise<Result<FootageFacts, ProbeProblem>> {
  const described = await ffprobe(['-print_format', 'json', '-show_format', '-show_streams', file]);
  if (/moov atom not found/i.test(described.stderr))
    return fail({ code: (await beginsLikeFilm(file)) ? 'no-index' : 'not-a-video' });
  const parsed = output.safeParse(safeJson(described.stdout));
  if (!parsed.success) return fail({ code: 'not-a-video' });
  const { streams, format } = parsed.data;
  const video = streams.find((one) => one.codec_type === 'video' && one.disposition?.attached_pic !== 1);
  const durationSeconds = format.duration ?? video?.duration ?? 0;
  if (!video?.width || !video.height || !video.codec_name)
    return fail({ code: streams.length > 0 ? 'no-picture' : 'not-a-video' });
  const told = parseRatio(video.avg_frame_rate) ?? parseRatio(video.r_frame_rate);
  if (durationSeconds > MOST_HOURS * 3600)
    return fail({ code: 'too-long', hours: Math.round(durationSeconds / 360) / 10, mostHours: MOST_HOURS });
  // Text that looks like a subtitle has no frames to step.
  if (!told) return fail({ code: 'not-a-video' });
  if (!(durationSeconds > 0.2) || (await hasOnePicture(file))) return fail({ code: 'one-picture' });
  if (await endsEarly(file, durationSeconds)) return fail({ code: 'broken-off' });
  const audioCodec = streams.find((one) => one.codec_type === 'audio')?.codec_name;
  const pace = await readPace(file, told);
  const rotation = video.side_data_list?.find((one) => one.rotation !== undefined)?.rotation ?? 0;
  const turned = Math.abs(rotation) % 180 === 90;
  return succeed({
    durationSeconds,
    frameRate: pace.variableRate ? told : nominalRate(told, parseRatio(video.r_frame_rate)),
    width: turned ? video.height : video.width,
    height: turned ? video.width : video.height,
    container: format.format_name,
    videoCodec: video.codec_name,
    audioCodec,
    picture: { pixelFormat: video.pix_fmt ?? 'unknown', rotation, ...pace },
    recordedAt: readMoment(format.tags?.creation_time),
  });
}

/** An even film's nominal rate is exact, the mean of a short one is not; a nominal rate far off counts fields, not pictures. */
function nominalRate(mean: FrameRate, nominal: FrameRate | undefined): FrameRate {
  if (!nominal) return mean;
  const ratio = (nominal.numerator * mean.denominator) / (nominal.denominator * mean.numerator);
  return Math.abs(ratio - 1) < 0.02 ? nominal : mean;
}

function readMoment(text: string | undefined): string | undefined {
  const date = new Date(text ?? '');
  // Cameras with an unset clock write 1904 or 1970.
  return Number.isFinite(date.getTime()) && date.getUTCFullYear() > 2000 ? date.toISOString() : undefined;
}

/** Distances between pictures and between key frames, from the index of packets. */
async function readPace(file: string, told: FrameRate): Promise<{ mostKeyDistance: number; variableRate: boolean }> {
  const child = spawn('ffprobe', [
    ...onlyLocalFiles,
    '-select_streams',
    'v:0',
    '-show_entries',
    'packet=pts_time,flags',
    '-of',
    'csv=p=0',
    file,
  ]);
  child.stderr.resume();
  const times: number[] = [];
  let sinceKey = 0;
  let mostKeyDistance = 0;
  for await (const line of createInterface({ input: child.stdout })) {
    const [time, flags = ''] = line.split(',');
    const seconds = Number(time);
    if (Number.isFinite(seconds) && time !== '') times.push(seconds);
    sinceKey = flags.startsWith('K') ? 1 : sinceKey + 1;
    mostKeyDistance = Math.max(mostKeyDistance, sinceKey);
  }
  return { mostKeyDistance, variableRate: isUneven(times, told) };
}

/** Whether more than one picture in fifty comes a third of a picture too early or too late. Containers round times to a millisecond. */
function isUneven(times: readonly number[], told: FrameRate): boolean {
  const sorted = Float64Array.from(times).sort();
  if (sorted.length < 10) return false;
  const usual = told.denominator / told.numerator;
  let odd = 0;
  for (let index = 1; index < sorted.length; index += 1)
    if (Math.abs(sorted[index]! - sorted[index - 1]! - usual) > usual / 3 + 0.001) odd += 1;
  return odd / sorted.length > 0.02;
}

async function endsEarly(file: string, durationSeconds: number): Promise<boolean> {
  const from = Math.max(0, durationSeconds - 3);
  const tail = await ffprobe([
    '-select_streams',
    'v:0',
    '-show_entries',
    'packet=pts_time',
    '-of',
    'csv=p=0',
    '-read_intervals',
    `${from}%`,
    file,
  ]);
  return tail.stdout.trim() === '' || /partial file|Truncat|truncat|Invalid data/.test(tail.stderr);
}

// Only local files: a playlist inside a hostile file must not make the server open addresses.
const onlyLocalFiles = ['-v', 'error', '-protocol_whitelist', 'file'];

/** Runs ffprobe; what it complains of is told also when it fails. */
async function ffprobe(args: readonly string[]): Promise<{ stdout: string; stderr: string }> {
  return run('ffprobe', [...onlyLocalFiles, ...args], { timeout: 60_000, maxBuffer: 32 * 1024 * 1024 }).catch(
    (error: { stdout?: string; stderr?: string }) => ({ stdout: error.stdout ?? '', stderr: error.stderr ?? '' }),
  );
}

/** Whether a file begins with a box of a film; the tools guess that from a name, too. @source ISO/IEC 14496-12, 4.2 (size and type of a box) */
async function beginsLikeFilm(file: string): Promise<boolean> {
  const handle = await open(/*turbopackIgnore: true*/ file, 'r');
  try {
    const { buffer, bytesRead } = await handle.read(Buffer.alloc(8), 0, 8, 0);
    return bytesRead === 8 && /^(ftyp|mdat|wide|free|skip|moof|pnot)$/.test(buffer.toString('latin1', 4));
  } finally {
    await handle.close();
  }
}

async function hasOnePicture(file: string): Promise<boolean> {
  const packets = ['-select_streams', 'v:0', '-show_entries', 'packet=pts_time', '-of', 'csv=p=0'];
  const { stdout } = await ffprobe([...packets, '-read_intervals', '%+#2', file]);
  return stdout.trim().split('\n').length < 2;
}

function safeJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

function parseRatio(text: string | undefined): FrameRate | undefined {
  const match = /^(\d+)\/(\d+)$/.exec(text ?? '');
  const numerator = Number(match?.[1] ?? 0);
  const denominator = Number(match?.[2] ?? 0);
  return numerator > 0 && denominator > 0 ? { numerator, denominator } : undefined;
}
