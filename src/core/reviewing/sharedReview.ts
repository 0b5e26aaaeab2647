/** A clip as its student sees it. */
export interface SharedClip {
  readonly id: string;
  readonly isReady: boolean;
  readonly seconds?: number;
}

/** What a student said to a part of their review before; taken by a coach, it stands. */
export interface SaidBefore {
  readonly said: string;
  readonly choice?: number;
  readonly isDone?: boolean;
  readonly isTaken: boolean;
}

export interface SharedPoint {
  readonly place: number;
  readonly title: string;
  readonly text: string;
  readonly cue: string;
  readonly instead: string;
  readonly branch: string;
  readonly drill?: { readonly name: string; readonly start: string; readonly counterpart: string };
  readonly homework: string;
  readonly homeworkDue: string;
  readonly clip?: SharedClip;
  readonly done?: SaidBefore;
}

/** A signed review as its student reads it: nobody in it is named who did not agree, and nothing of the academy is in it but this. */
export interface SharedReview {
  readonly closingId: string;
  readonly academyName: string;
  readonly firstName: string;
  readonly coachName?: string;
  readonly signedAt: string;
  readonly version: number;
  /** Of one round, and not of several. */
  readonly isOneRound: boolean;
  readonly firstDay: string;
  readonly lastDay: string;
  readonly good: { readonly text: string; readonly clip?: SharedClip };
  readonly points: readonly SharedPoint[];
  readonly questions: readonly {
    readonly place: number;
    readonly text: string;
    readonly choices: readonly string[];
    readonly said?: SaidBefore;
  }[];
  readonly remark: string;
  readonly feeling?: SaidBefore;
}

/** A student's own page: what is shared with them, their homework, and what keeps happening, in words and against nobody. */
export interface SharedStudent {
  readonly academyName: string;
  readonly firstName: string;
  /** Newest first. */
  readonly reviews: readonly SharedReview[];
  readonly workOn: readonly { readonly title: string; readonly cue: string }[];
  readonly changed: readonly { readonly title: string; readonly isBetter: boolean }[];
}
