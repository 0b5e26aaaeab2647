import type { TimedText, TimedTextProblem } from '@/core/commentary';
import { tableOf } from '@/forms/readTable';

/** The words of a file with their times: captions, timed lines, or a table. The reader is loaded when the first file comes. */
export async function readCommentaryFile(file: File): Promise<TimedText | TimedTextProblem> {
  const { decodeCommentary, MOST_COMMENTARY_BYTES, parseTimedText, timedLinesOf } = await import('@/core/commentary');
  const bytes =
    file.size > MOST_COMMENTARY_BYTES
      ? new Uint8Array(MOST_COMMENTARY_BYTES + 1)
      : new Uint8Array(await file.arrayBuffer());
  const decoded = decodeCommentary(bytes);
  if (!('text' in decoded)) return decoded;
  const lines = isTable(file)
    ? timedLinesOf(await tableOf(decoded.text.replace(/^\uFEFF/, '')))
    : { text: decoded.text };
  if (!('text' in lines)) return lines;
  const parsed = parseTimedText(lines.text);
  if (!('cues' in parsed)) return parsed;
  const remarks = [decoded.remark, 'remark' in lines ? lines.remark : undefined].flatMap((one) => one ?? []);
  return { ...parsed, remarks: [...remarks, ...parsed.remarks] };
}

const isTable = ({ name, type }: File): boolean =>
  /\.(csv|tsv)$/i.test(name) || /^text\/(csv|tab-separated-values)/.test(type);
