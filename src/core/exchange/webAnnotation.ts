import type { MarkLine } from './markLine';

/** How long a mark without an end is taken to last, so that a player has something to show. @source own decision */
const MOMENT_SECONDS = 3;

const seconds = (value: number): string => String(Number(value.toFixed(3)));

/**
 * Marks as one page of W3C Web Annotations (Web Annotation Data Model, W3C Recommendation of 23 February 2017), each aimed at a stretch of the film by a
 * Media Fragment ("t=12.5,15.5", Media Fragments URI 1.0, section 4.2.1, normal play time).
 */
export const webAnnotationsOf = (
  lines: readonly MarkLine[],
  about: { readonly roundId: string; readonly film: string; readonly label: string; readonly startSeconds: number },
) => ({
  '@context': 'http://www.w3.org/ns/anno.jsonld',
  id: `urn:uuid:${about.roundId}`,
  type: 'AnnotationPage',
  partOf: {
    id: `urn:uuid:${about.roundId}#all`,
    type: 'AnnotationCollection',
    label: about.label,
    total: lines.length,
  },
  startIndex: 0,
  items: lines.map((line) => ({
    id: `urn:uuid:${line.id}`,
    type: 'Annotation',
    motivation: line.kind === 'note' ? 'commenting' : 'tagging',
    body: [
      { type: 'TextualBody', purpose: 'describing', format: 'text/plain', language: 'en', value: line.words },
      ...(line.entryId ? [{ type: 'TextualBody', purpose: 'tagging', format: 'text/plain', value: line.entryId }] : []),
      ...(line.note ? [{ type: 'TextualBody', purpose: 'commenting', format: 'text/plain', value: line.note }] : []),
    ],
    target: {
      source: about.film,
      selector: {
        type: 'FragmentSelector',
        conformsTo: 'http://www.w3.org/TR/media-frags/',
        value: `t=${seconds(line.filmSeconds)},${seconds(endOf(line, about.startSeconds))}`,
      },
    },
  })),
});

const endOf = ({ endRoundSeconds, filmSeconds }: MarkLine, startSeconds: number): number =>
  endRoundSeconds === undefined || endRoundSeconds + startSeconds <= filmSeconds
    ? filmSeconds + MOMENT_SECONDS
    : endRoundSeconds + startSeconds;
