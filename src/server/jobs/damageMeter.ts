/** Places nearer to each other than this are one. @source own decision: a torn file is damaged in a stretch, and the place is known to a few seconds only */
const ONE_PLACE_SECONDS = 10;
/** More places than this are "all over". */
const MOST_PLACES = 12;

/** Complaints of the decoder that speak of the file, not of us or of harmless oddities at its start. @source the messages of the common decoders (from memory) */
const damageWords =
  /error while decoding|corrupt|invalid data found|concealing|missing picture|no frame|invalid nal|cabac decode|error submitting packet|could not find ref|decode_slice_header error/i;

/** Hears where the decoder complains while a film is looked through, and says at the end where the film is damaged, about. */
export function createDamageMeter() {
  const places: number[] = [];
  return {
    hear: (words: string, seconds: number): void => {
      if (!damageWords.test(words)) return;
      const last = places.at(-1);
      if (last !== undefined && Math.abs(seconds - last) < ONE_PLACE_SECONDS) return;
      if (places.length < MOST_PLACES) places.push(seconds);
    },
    finish: (): number[] => places.map((seconds) => Math.round(seconds)),
  };
}
