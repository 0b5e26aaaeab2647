/** Bytes of a shown name. @source own decision; common file systems hold names of 255 bytes (POSIX NAME_MAX), and ours get an id before them */
const MOST_NAME_BYTES = 180;

/** A name that can be shown and saved: no folders, no control or direction characters, at most 180 bytes, its end kept. */
export function safeFileName(raw: string): string {
  const last = raw.split(/[\\/]/).pop() ?? '';
  const clean = last
    .replace(/[\p{Cc}\p{Cf}]/gu, '')
    .replace(/[<>:"|?*]/g, '_')
    .trim();
  return lastBytes(clean.replace(/^\.+/, ''), MOST_NAME_BYTES) || 'footage';
}

export const extensionOf = (name: string): string => /\.([a-z0-9]{1,5})$/i.exec(name)?.[1]?.toLowerCase() ?? 'bin';

/** The end of a text in at most so many bytes of UTF-8, cut between characters. */
function lastBytes(text: string, most: number): string {
  const characters = [...text];
  let bytes = 0;
  let first = characters.length;
  while (first > 0) {
    bytes += Buffer.byteLength(characters[first - 1] ?? '');
    if (bytes > most) break;
    first -= 1;
  }
  return characters.slice(first).join('');
}

/** The name under which a refused file is kept: what it was called, told apart by the beginning of its arrival's id. */
export const keptName = (arrivalId: string, name: string): string => `${arrivalId.slice(0, 8)} ${safeFileName(name)}`;
