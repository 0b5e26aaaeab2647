import type { Belt } from './belts';

export const positionFamilies = [
  'standing',
  'scramble',
  'closed-guard',
  'open-guard',
  'half-guard',
  'leg-entanglement',
  'side-pin',
  'knee-on-belly',
  'mount',
  'back',
  'turtle',
  'front-headlock',
  'submission-hold',
] as const;
/** A group of positions that are drilled and counted together. */
export type PositionFamily = (typeof positionFamilies)[number];
/** Where an entry of the catalogue applies; `any` is every family. */
export type CatalogueFamily = PositionFamily | 'any';

export const roles = ['top', 'bottom', 'attacker', 'defender', 'neutral'] as const;
/** What an athlete is in a position. In guards and pins `top`/`bottom`, in holds `attacker`/`defender`, level ones `neutral`. */
export type Role = (typeof roles)[number];

export type Uniform = 'gi' | 'no-gi';
/** `gi` needs cloth; `no-gi` is pointless or commonly not allowed with it. */
export type UniformNeed = Uniform | 'both';

export type PointsClass = 'takedown' | 'sweep' | 'knee-on-belly' | 'pass' | 'mount' | 'back';

export const principles = [
  'posture',
  'base',
  'frames',
  'elbows',
  'inside-position',
  'grips',
  'hips',
  'angle',
  'connection',
  'order',
  'timing',
  'direction',
  'awareness',
  'energy',
  'safety',
] as const;
/** What a thing done badly or well is about, whatever the position. */
export type Principle = (typeof principles)[number];

/** Words by which a coach (or a speech-to-text program) names an entry. */
interface Named {
  readonly id: string;
  readonly name: string;
  readonly aliases: readonly string[];
  readonly heardAs: readonly string[];
}

export interface Position extends Named {
  readonly family: PositionFamily;
  /** The role that is better placed; `neutral` when neither is. */
  readonly betterRole: Role;
  readonly uniform: UniformNeed;
  /** Worth for the athlete in the better role, 0 to 4 (house estimate; the other athlete gets the negative). */
  readonly houseValue: number;
  readonly points?: PointsClass;
  /** What usually comes next with a prior count from 1 (now and then) to 5 (most usual). */
  readonly nextCalls: readonly (readonly [string, number])[];
}

export interface Grip extends Named {
  readonly uniform: UniformNeed;
  readonly sided: boolean;
  readonly target: string;
}

export const techniqueClasses = [
  'takedowns',
  'guard-pulls',
  'passes',
  'sweeps',
  'escapes',
  'back-takes',
  'leg-entries',
  'openings',
  'submissions',
] as const;
export type TechniqueClass = (typeof techniqueClasses)[number];

interface TechniqueBase extends Named {
  readonly fromFamilies: readonly CatalogueFamily[];
  readonly uniform: UniformNeed;
}

export interface MovementTechnique extends TechniqueBase {
  readonly class: Exclude<TechniqueClass, 'submissions'>;
  /** Position after a finished attempt; absent when the position stays as it is. */
  readonly resultPositionId?: string;
  /** Who is better placed afterwards: the actor (`better`), the actor `below`, nobody, or only the coach can say (`ask`). */
  readonly actorAfter?: 'better' | 'below' | 'neutral' | 'ask';
  /** False when a finished one never scores by itself. */
  readonly scores?: false;
  readonly hazardId?: string;
}

export interface SubmissionTechnique extends TechniqueBase {
  readonly class: 'submissions';
  readonly lock:
    | 'blood'
    | 'air'
    | 'neck-mixed'
    | 'elbow'
    | 'shoulder'
    | 'wrist'
    | 'muscle'
    | 'ankle'
    | 'knee'
    | 'hip'
    | 'spine';
  readonly danger: 'low' | 'medium' | 'high';
  /** Lowest adult belt to which the main federation allows it. @source its rule book, from memory */
  readonly lowestBeltGi: Belt | 'never';
  readonly lowestBeltNoGi: Belt | 'never';
  readonly under16: 'allowed' | 'from-13' | 'not-allowed';
  readonly hazardId: string;
}

export type Technique = MovementTechnique | SubmissionTechnique;

/** What an error is counted against. `of` is a technique id or a class of techniques. */
export type Exposure =
  | { readonly kind: 'time-in' | 'entries-into'; readonly family: CatalogueFamily; readonly role: Role }
  | { readonly kind: 'attempts-of' | 'attempts-against'; readonly of: string }
  | { readonly kind: 'live-time' };

export interface CatalogueError {
  readonly id: string;
  readonly title: string;
  readonly family: CatalogueFamily;
  readonly role: Role;
  readonly principles: readonly Principle[];
  /** Usual consequences: ids of positions, grips, techniques or errors. */
  readonly leadsTo: readonly string[];
  readonly exposure: Exposure;
  /** 1 a moment, 2 a sweep's worth, 3 a pass, 4 mount or back, 5 a tap or an injury. */
  readonly severity: number;
  readonly belts: readonly Belt[];
  /** How much a lesson now is likely to change it, 0 to 1 (house estimate). */
  readonly teachable: { readonly white: number; readonly blue: number; readonly purpleAndAbove: number };
  readonly drillIds: readonly string[];
}

export interface Strength {
  readonly id: string;
  readonly title: string;
  readonly family: CatalogueFamily;
  readonly role: Role;
  readonly principles: readonly Principle[];
  readonly because: string;
  readonly oppositeErrorId?: string;
}

/** Static (held), cooperative (full movement), progressive (answers at about half), live (restart on success or escape). */
export const drillStages = ['static', 'cooperative', 'progressive', 'live'] as const;
export type DrillStage = (typeof drillStages)[number];
export type StageNumbers = Readonly<Record<DrillStage, number>>;

/** How a drill goes, without its name. */
export interface DrillCourse {
  readonly id: string;
  readonly family: CatalogueFamily;
  readonly targetErrorIds: readonly string[];
  readonly start: string;
  readonly cue: string;
  readonly branches: readonly { readonly when: string; readonly answer: string }[];
  readonly constraint: string;
  readonly stages: readonly DrillStage[];
  /** Parts of its minutes by stage, where they differ from what is usual in the academy; it is always shown first, which counts as static. */
  readonly parts?: StageNumbers;
  readonly leastMinutes: number;
  readonly mostMinutes: number;
  readonly secondsPerRepetition: number;
  readonly sided: boolean;
  readonly uniform: UniformNeed;
  readonly groupSize: number;
  readonly lowestBelt: Belt;
  readonly under16: boolean;
  readonly hazardIds: readonly string[];
  /** Share of the error's rate that a full dose is expected to remove, 0.1 to 0.6 (house estimate). */
  readonly kappa: number;
  /** Whose lesson it is: the side of the position that is learned. */
  readonly role: Role;
  /** Joints that it loads: nobody with a sore one does it. */
  readonly loads: readonly BodyPart[];
  /** Drills that have to be known before. */
  readonly needs: readonly string[];
  /** What the partner does meanwhile. */
  readonly counterpart: string;
  readonly easier: string;
  readonly harder: string;
  /** How its last part is played; absent where nothing is played live. */
  readonly game?: DrillGame;
}

export const bodyParts = ['neck', 'shoulder', 'elbow', 'wrist', 'back', 'hip', 'knee', 'ankle'] as const;
export type BodyPart = (typeof bodyParts)[number];

/** A part that is played for real, with a task of its own for each of the two. */
export interface DrillGame {
  readonly start: string;
  readonly learnerWins: string;
  readonly partnerWins: string;
  /** What starts it again. */
  readonly restart: string;
  readonly seconds: number;
  readonly change: 'winner-stays' | 'bell';
}

export interface Drill extends DrillCourse {
  readonly name: string;
}

/** How the academy runs a drill of its own; where it starts and its name are words of its own anyway. */
export type OwnCourse = Pick<
  DrillCourse,
  | 'targetErrorIds'
  | 'cue'
  | 'branches'
  | 'constraint'
  | 'parts'
  | 'leastMinutes'
  | 'mostMinutes'
  | 'sided'
  | 'lowestBelt'
  | 'under16'
  | 'loads'
  | 'needs'
  | 'counterpart'
  | 'easier'
  | 'harder'
  | 'game'
>;

export interface Hazard {
  readonly id: string;
  readonly shownWhen: string;
  readonly caution: string;
}

/** A point on which good coaches differ. */
export interface School {
  readonly id: string;
  readonly question: string;
  readonly options: readonly { readonly key: string; readonly name: string; readonly reason: string }[];
  readonly defaultKey: string;
  readonly defaultReason: string;
  /** Errors and drills whose words follow the choice. */
  readonly errorIds: readonly string[];
  readonly drillIds: readonly string[];
}

/** What usually holds on the mat, and how sure that is. */
export interface Fact {
  readonly id: string;
  readonly about: string;
  readonly value: string;
  readonly source: string;
}

export const conceptKinds = ['position', 'grip', 'attempt', 'error', 'strength', 'drill'] as const;
/** The kinds of entries that have a name; `attempt` is a technique, as it is marked. */
export type CatalogueKind = (typeof conceptKinds)[number];
