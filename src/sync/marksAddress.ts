/** Where the marks of a page lie on the server. */
export interface MarksAddress {
  /** The round, or the second review that they belong to. */
  readonly scopeId: string;
  readonly marks: string;
  readonly live: string;
}
export const addressOf = (roundId: string, secondReviewId?: string): MarksAddress => {
  const second = secondReviewId ? `?second=${secondReviewId}` : '';
  const round = `/api/rounds/${roundId}`;
  return { scopeId: secondReviewId ?? roundId, marks: `${round}/marks${second}`, live: `${round}/live${second}` };
};
