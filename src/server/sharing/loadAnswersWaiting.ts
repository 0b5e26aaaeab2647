import { pool } from '@/data/client';
import { countWaitingAnswers } from '@/data/sharing/answers';

/** How many answers of students no coach has taken yet. */
export const loadAnswersWaiting = (): Promise<number> => countWaitingAnswers(pool());
