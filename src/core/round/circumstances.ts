export const intensities = ['flow', 'normal', 'hard'] as const;
/** How hard the round was asked to be. */
export type Intensity = (typeof intensities)[number];

export const restrictions = [
  'a-from-below',
  'a-from-above',
  'b-from-below',
  'b-from-above',
  'no-submissions',
  'no-leg-locks',
  'from-knees',
  'partner-lets-work',
] as const;
/** What was agreed before the round; together with the theme it is the round's intent. */
export type Restriction = (typeof restrictions)[number];

export const audiences = ['ordinary', 'watched', 'for-the-camera'] as const;
/** Whether people played for somebody: `watched` may change what they dare, `for-the-camera` (cooperating for a lesson) is no sparring. */
export type Audience = (typeof audiences)[number];

export const relations = ['regular', 'first-time', 'coach-and-student', 'visitor', 'opponent'] as const;
export const sizes = ['a-much-bigger', 'a-bigger', 'b-bigger', 'b-much-bigger'] as const;
/** Who looks how much bigger, where nobody was weighed. */
export type Size = (typeof sizes)[number];

/** What the two are to each other. */
export type Relation = (typeof relations)[number];

export const freshness = ['fresh', 'ordinary', 'tired'] as const;
export type Freshness = (typeof freshness)[number];
export const sleeps = ['poor', 'fair', 'good'] as const;
export type Sleep = (typeof sleeps)[number];

/** What a round was like beyond its rules; everything may be unknown. */
export interface Circumstances {
  readonly intensity?: Intensity;
  readonly restrictions: readonly Restriction[];
  readonly audience: Audience;
  readonly relation?: Relation;
  readonly size?: Size;
  readonly wallNear: boolean;
  readonly crowdedMat: boolean;
  readonly filmedBy: string;
}

/** How one athlete came to the round; everything may be unknown. */
export interface Condition {
  readonly freshness?: Freshness;
  readonly sleep?: Sleep;
  /** What hurt or was spared, in words. */
  readonly hurt: string;
  readonly heightCm?: number;
}

export const ordinaryCircumstances: Circumstances = {
  restrictions: [],
  audience: 'ordinary',
  wallNear: false,
  crowdedMat: false,
  filmedBy: '',
};
export const unknownCondition: Condition = { hurt: '' };

export const apartReasons = ['for-the-camera', 'flow'] as const;
/** Why a round enters no rate. */
export type ApartReason = (typeof apartReasons)[number];

/**
 * Why what happened in a round says nothing of how often people do it when they spar: they cooperated for the camera, or agreed to flow. Undefined where it counts.
 * @source common practice: demonstrations and flowing are no evidence
 */
export const reasonApart = ({
  audience,
  intensity,
}: Pick<Circumstances, 'audience' | 'intensity'>): ApartReason | undefined =>
  audience === 'for-the-camera' ? 'for-the-camera' : intensity === 'flow' ? 'flow' : undefined;

/** Weight gaps that words stand for, as shares of the lighter one. @source own decision: what coaches call bigger begins at about a tenth */
const gapOfSize: Readonly<Record<Size, number>> = {
  'a-much-bigger': 0.35,
  'a-bigger': 0.15,
  'b-bigger': -0.15,
  'b-much-bigger': -0.35,
};

/** The weight gap that is known only in words, from the first athlete's view. */
export const gapInWords = ({ size }: Pick<Circumstances, 'size'>): number | undefined => size && gapOfSize[size];

/** A small picture of one athlete that tells the two apart: where it was taken, in shares of the frame, and the picture itself. */
export interface Still {
  readonly atSeconds: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** JPEG in base64. */
  readonly jpeg: string;
}
