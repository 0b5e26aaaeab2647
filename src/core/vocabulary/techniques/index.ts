import type { Technique } from '../types';
import { backTakesTechniques } from './backTakes';
import { escapesTechniques } from './escapes';
import { guardPullsTechniques } from './guardPulls';
import { legEntriesTechniques } from './legEntries';
import { passesTechniques } from './passes';
import { submissionsTechniques } from './submissions';
import { sweepsTechniques } from './sweeps';
import { takedownsTechniques } from './takedowns';

export const techniques: readonly Technique[] = [...takedownsTechniques, ...guardPullsTechniques, ...passesTechniques, ...sweepsTechniques, ...escapesTechniques, ...backTakesTechniques, ...legEntriesTechniques, ...submissionsTechniques];
