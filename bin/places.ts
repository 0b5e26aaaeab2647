import path from 'node:path';
import type { Running } from './running';
import { dataFolder } from './steps';

/** Where an academy, or the demo, has its database, its files and its backups. */
export const placeOf = (mode: Running['mode']) => ({
  database: mode === 'demo' ? 'owl_demo' : 'owl_academy',
  folder: path.join(dataFolder, mode),
  backups: path.join(dataFolder, 'backups', mode),
});
