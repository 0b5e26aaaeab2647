import { filmedRounds } from './filmed';
import { lastTermRounds } from './lastTerm';
import { markedRounds } from './marked';

export { filmedRounds };
export const allRounds = [...filmedRounds, ...markedRounds, ...lastTermRounds];
