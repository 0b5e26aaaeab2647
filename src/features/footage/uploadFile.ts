/** How a refused or broken upload reads to a coach. */
export function uploadProblemText(code: string, details: { readonly mostBytes?: number } = {}): string {
  switch (code) {
    case 'empty':
      return 'The file is empty (0 bytes). Copy it from the phone again.';
    case 'too-large':
      return `The file is larger than ${Math.round((details.mostBytes ?? 0) / 1024 ** 2).toLocaleString('en')} MB, the most that is taken. Cut it into sessions, or lower the camera's quality.`;
    case 'not-a-video':
      return 'This is not a video that can be read. Send the original file from the phone or camera (MP4, MOV or WebM).';
    case 'no-picture':
      return 'The file has sound but no picture. Send the video itself.';
    case 'broken-off':
      return 'The video breaks off in the middle: the copy is not whole. Copy it from the phone again, then send it.';
    case 'cut-short':
      return 'The connection ended before the whole file had come. Nothing is lost: send it again.';
    case 'disk-full':
      return 'There is not enough room on the disk. Free some, then send the file again.';
    case 'signed-out':
      return 'You are signed out. Sign in again in another tab, then send the file again.';
    default:
      return 'The upload was interrupted. Nothing is lost: send the file again.';
  }
}

export interface UploadHandle {
  readonly cancel: () => void;
}

export type UploadEvent =
  | { readonly kind: 'progress'; readonly sentBytes: number; readonly secondsLeft?: number }
  | { readonly kind: 'checking' }
  | { readonly kind: 'done'; readonly footageId: string; readonly already: boolean }
  | { readonly kind: 'failed'; readonly message: string };

/** Sends one file with progress. The browser's fetch cannot tell upload progress, so this is the older request. */
export function uploadFile(file: File, tell: (event: UploadEvent) => void): UploadHandle {
  if (file.size === 0) {
    tell({ kind: 'failed', message: uploadProblemText('empty') });
    return { cancel: () => undefined };
  }
  const request = new XMLHttpRequest();
  const began = performance.now();
  request.open('PUT', `/api/footage?name=${encodeURIComponent(file.name)}`);
  request.upload.onprogress = ({ loaded }) => {
    const seconds = (performance.now() - began) / 1000;
    const secondsLeft = seconds > 1 ? ((file.size - loaded) / loaded) * seconds : undefined;
    tell({ kind: 'progress', sentBytes: loaded, secondsLeft });
  };
  request.upload.onload = () => tell({ kind: 'checking' });
  request.onerror = () => tell({ kind: 'failed', message: uploadProblemText('interrupted') });
  request.onload = () => {
    const answer = readAnswer(request.responseText);
    if (request.status < 300 && answer.id)
      tell({ kind: 'done', footageId: answer.id, already: answer.already === true });
    else tell({ kind: 'failed', message: uploadProblemText(answer.code ?? 'interrupted', answer) });
  };
  request.send(file);
  return { cancel: () => request.abort() };
}

function readAnswer(text: string): { id?: string; already?: boolean; code?: string; mostBytes?: number } {
  try {
    return JSON.parse(text);
  } catch {
    return {};
  }
}
