export interface ByteRange {
  readonly first: number;
  readonly last: number;
}

/**
 * The bytes that a Range header asks for: `whole` without a usable single range, `unsatisfiable` when it starts past the end.
 * Several ranges are answered with the whole file, which the standard allows.
 * @source RFC 9110, section 14.1.2 (byte ranges), 14.2 (Range), 15.5.17 (416)
 */
export function parseRange(header: string | null, size: number): ByteRange | 'whole' | 'unsatisfiable' {
  const match = /^bytes=(\d*)-(\d*)$/.exec(header?.trim() ?? '');
  if (!match || (match[1] === '' && match[2] === '')) return 'whole';
  if (match[1] === '') {
    const length = Number(match[2]);
    return length === 0 ? 'unsatisfiable' : { first: Math.max(0, size - length), last: size - 1 };
  }
  const first = Number(match[1]);
  const last = match[2] === '' ? size - 1 : Number(match[2]);
  if (match[2] !== '' && last < first) return 'whole';
  return first >= size ? 'unsatisfiable' : { first, last: Math.min(last, size - 1) };
}
