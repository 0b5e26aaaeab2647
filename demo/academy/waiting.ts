/** One piece of the session film: a film of the demo, and who is in it this time. */
export interface WaitingPiece {
  readonly film: string;
  readonly a: { readonly key: string; readonly toldApartBy: string };
  readonly b: { readonly key: string; readonly toldApartBy: string };
  /** Cut out already and waiting for a review; the others wait to be cut. */
  readonly cut: boolean;
}

/** Yesterday's open mat: one file off a phone with three rounds in it. */
export const openMat = {
  key: 'open-mat',
  fileName: 'Open mat, whole evening.mp4',
  daysAgo: 1,
  pieces: [
    {
      film: 'nadia-yara',
      a: { key: 'nadia', toldApartBy: 'white gi, shorter' },
      b: { key: 'yara', toldApartBy: 'blue gi' },
      cut: true,
    },
    {
      film: 'marek-samir',
      a: { key: 'marek', toldApartBy: 'blue gi, starts left' },
      b: { key: 'samir', toldApartBy: 'white gi, heavier' },
      cut: true,
    },
    {
      film: 'teo-bruno',
      a: { key: 'teo', toldApartBy: 'blue gi, starts left' },
      b: { key: 'bruno', toldApartBy: 'white gi, taller' },
      cut: false,
    },
  ] satisfies readonly WaitingPiece[],
} as const;

/** Whose next competition is when, in days from today. */
export const competitions: Readonly<Record<string, number>> = { nadia: 17, teo: 40 };
