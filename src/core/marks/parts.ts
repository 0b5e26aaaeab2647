import { z } from 'zod';
import { athletes } from './athlete';
import { drawingSchema } from './drawingSchema';
import { storableText } from './storableText';

export const sides = ['left', 'right', 'not-seen'] as const;
/** Always the athlete's own side, never the screen's. */
export type Side = (typeof sides)[number];

export const verdicts = ['bait', 'concession', 'agreed', 'no-fault'] as const;
/**
 * Why something that looks like an error is none: given on purpose to draw something, accepted on purpose, asked for by what was agreed for
 * the round, or simply the other's good work.
 */
export type Verdict = (typeof verdicts)[number];

/** What a grip or an attempt goes for, in the words of the mat; always the partner's. */
export const targets = [
  'near arm',
  'far arm',
  'near leg',
  'far leg',
  'near side',
  'far side',
  'neck',
  'head',
  'wrist',
  'elbow',
  'shoulder',
  'biceps',
  'hand',
  'collar',
  'sleeve',
  'lapel',
  'belt',
  'hip',
  'knee',
  'ankle',
  'foot',
  'heel',
  'chin',
  'back',
] as const;
export type Target = (typeof targets)[number];

export const surroundings = ['wall', 'edge', 'crowd', 'tired', 'hurt', 'ill', 'reset'] as const;
/** What was the matter at a moment, besides what anybody did: the wall or the edge was near, others were in the way, somebody was tired, hurt or ill, play was put back. */
export type Surrounding = (typeof surroundings)[number];

/** Longest film: a day. Media time of a moment, in seconds. */
export const momentSchema = z.number().min(0).max(86_400);
/** Where something ended; not before 0 only because its mark is not. */
export const endSchema = z.number().max(86_400);
export const noteSchema = storableText().max(20_000);
export const athleteSchema = z.enum(athletes);
export const conceptSchema = storableText().min(1).max(120);
export const sideSchema = z.enum(sides).optional();
export const targetSchema = z.enum(targets).optional();

/** Later marks that this one led to: an error to the pass, a threat to another attack, what was conceded to what came of it. */
export const ledToSchema = z.array(z.uuid()).max(50).readonly();

/** What every mark has. */
export const markBase = {
  id: z.uuid(),
  /** Media time of the moment. */
  atSeconds: momentSchema,
  /** A free remark; empty text is absent. */
  note: noteSchema.optional(),
  /** Kept apart from errors: a mark with a verdict is in no rate. */
  verdict: z.enum(verdicts).optional(),
  /** To be asked about: counts as nothing until it is settled. */
  unsure: z.literal(true).optional(),
  ledTo: ledToSchema.optional(),
  /** What was the matter at the moment. */
  amid: z.array(z.enum(surroundings)).min(1).max(surroundings.length).readonly().optional(),
  /** Pointed out on the picture of the moment. */
  drawing: drawingSchema.min(1).readonly().optional(),
};
