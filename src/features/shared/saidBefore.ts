/** What a student said to a part of their review before; taken, it stands. */
export interface SaidBefore {
  readonly said: string;
  readonly choice?: number;
  readonly isDone?: boolean;
  readonly isTaken: boolean;
}
