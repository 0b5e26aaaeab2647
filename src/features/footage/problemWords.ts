const megabytes = (bytes: unknown): string => `${Math.round(Number(bytes ?? 0) / 1024 ** 2).toLocaleString('en')} MB`;

/** How a refused or broken arrival, or failed work, reads to a coach: what it is, and what to do. */
export function problemWords(code: string, details: Readonly<Record<string, unknown>> = {}): string {
  switch (code) {
    case 'empty':
      return 'The file is empty (0 bytes). Copy it from the phone again.';
    case 'unreadable':
      return 'The browser could not read the file. Was it moved, or the phone unplugged? Choose it again.';
    case 'too-large':
      return `The file is larger than ${megabytes(details.mostBytes)}, the most that is taken. Cut it into sessions, or lower the camera’s quality.`;
    case 'shelf-full':
      return `The shelf would hold more than its ${megabytes(details.mostBytes)}. Delete footage that no round uses, then send the file again.`;
    case 'disk-full':
      return `There is not enough room on the disk${details.missingBytes ? `: ${megabytes(details.missingBytes)} are missing` : ''}. Free some, then go on, or choose the same file again: it goes on where it stopped.`;
    case 'not-a-video':
      return 'This is not a video that can be read. Send the original file from the phone or camera (MP4, MOV or WebM).';
    case 'no-picture':
      return 'The file has sound but no picture. Send the video itself.';
    case 'broken-off':
      return 'The video breaks off in the middle: the copy is not whole. Copy it from the phone again, then send it.';
    case 'no-index':
      return 'The recording was not finished: the index that a camera writes at its end is missing. Likely the battery died, or the copy was broken off. Copy it again; if it is so on the camera too, let the camera repair it (most offer to when the card is put back in).';
    case 'one-picture':
      return 'There is only one picture in it: a photo, or a recording that was stopped as it began. Send the film itself.';
    case 'too-long':
      return `The film says that it lasts ${details.hours} hours; at most ${details.mostHours} are taken. Cut it into sessions, or check the camera’s clock.`;
    case 'expired':
      return 'Nothing came of it for a week, so what was here was thrown away. Send it again when you like.';
    case 'id-taken':
    case 'withdrawn':
      return 'This upload is no longer open. Choose the file again.';
    case 'finished-already':
      return 'All of it is here already.';
    case 'database-away':
      return 'The database is away. Nothing is lost: try again in a moment.';
    case 'cut-short':
      return 'Not all of the file came. Send it again.';
    case 'lost':
      return 'The file is no longer where it was put when it came. Send it again.';
    case 'gone-from-inbox':
      return 'The camera took the file away while it was read. It will be taken when it is laid there again.';
    case 'signed-out':
      return 'You are signed out. Sign in again in another tab, then go on.';
    case 'cannot-decode':
      return 'Parts of the film cannot be read. The file itself is kept; try again, or copy it from the phone anew.';
    default:
      return 'It was interrupted. Nothing is lost: try again.';
  }
}

/** Trouble that has nothing to do with the file itself. */
export const canTryAgain = (code: string): boolean =>
  ['interrupted', 'disk-full', 'signed-out', 'cannot-decode', 'database-away', 'gone-from-inbox'].includes(code);
