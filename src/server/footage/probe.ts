import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import { z } from 'zod';
import type { FrameRate } from '@/core/clock';
import { fail, type Result, succeed } from '@/core/kernel';

const run = promisify(execFile);

export interface FootageFacts {
  readonly durationSeconds: number;
  readonly frameRate: FrameRate;
  readonly width: number;
  readonly height: number;
  readonly container: string;
  readonly videoCodec: string;
  readonly audioCodec: string | undefined;
}

export type ProbeProblem =
  | { readonly code: 'not-a-video' }
  | { readonly code: 'no-picture' }
  | { readonly code: 'broken-off' };

const output = z.object({
  format: z.object({ duration: z.coerce.number().optional(), format_name: z.string() }),
  streams: z.array(
    z.object({
      codec_type: z.string().optional(),
      codec_name: z.string().optional(),
      width: z.number().optional(),
      height: z.number().optional(),
      avg_frame_rate: z.string().optional(),
      r_frame_rate: z.string().optional(),
      duration: z.coerce.number().optional(),
      disposition: z.object({ attached_pic: z.number() }).partial().optional(),
    }),
  ),
});

/** What a stored file is: read by ffprobe, refused when it holds no moving picture or ends before its own index says. */
export async function probeFootage(file: string): Promise<Result<FootageFacts, ProbeProblem>> {
  const described = await ffprobe(['-print_format', 'json', '-show_format', '-show_streams', file]);
  const parsed = output.safeParse(described && safeJson(described.stdout));
  if (!parsed.success) return fail({ code: 'not-a-video' });
  const { streams, format } = parsed.data;
  const video = streams.find((one) => one.codec_type === 'video' && one.disposition?.attached_pic !== 1);
  const durationSeconds = format.duration ?? video?.duration ?? 0;
  if (!video?.width || !video.height || !video.codec_name)
    return fail({ code: streams.length > 0 ? 'no-picture' : 'not-a-video' });
  const frameRate = parseRatio(video.avg_frame_rate) ?? parseRatio(video.r_frame_rate);
  // A picture alone, or text that looks like a subtitle, has no duration or no frames to step.
  if (!frameRate || !(durationSeconds > 0.2)) return fail({ code: 'not-a-video' });
  if (await endsEarly(file, durationSeconds)) return fail({ code: 'broken-off' });
  const audioCodec = streams.find((one) => one.codec_type === 'audio')?.codec_name;
  return succeed({
    durationSeconds,
    frameRate,
    width: video.width,
    height: video.height,
    container: format.format_name,
    videoCodec: video.codec_name,
    audioCodec,
  });
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
  return !tail || tail.stdout.trim() === '' || /partial file|Truncat|truncat|Invalid data/.test(tail.stderr);
}

async function ffprobe(args: readonly string[]): Promise<{ stdout: string; stderr: string } | undefined> {
  // Only local files: a playlist inside a hostile file must not make the server open addresses.
  const fixed = ['-v', 'error', '-protocol_whitelist', 'file'];
  return run('ffprobe', [...fixed, ...args], { timeout: 60_000, maxBuffer: 32 * 1024 * 1024 }).catch(() => undefined);
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
