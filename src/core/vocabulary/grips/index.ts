import type { Grip } from '../types';
import { clothGrips } from './cloth';
import { tiesGrips } from './ties';

export const grips: readonly Grip[] = [...tiesGrips, ...clothGrips];
