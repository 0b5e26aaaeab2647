import { attempt } from './attempt';
import { board } from './board';
import { chance } from './chance';
import { error } from './error';
import { grip } from './grip';
import { hazard } from './hazard';
import { measure } from './measure';
import { note } from './note';
import { position } from './position';
import { ruling } from './ruling';
import { stoppage } from './stoppage';
import { strength } from './strength';
import { turn } from './turn';

/** Every kind of mark. A new one is a file here and a line. */
export const markKinds = {
  position,
  grip,
  attempt,
  chance,
  error,
  strength,
  stoppage,
  ruling,
  board,
  turn,
  measure,
  hazard,
  note,
} as const;

export * from './attempt';
export * from './board';
export * from './chance';
export * from './error';
export * from './grip';
export * from './hazard';
export * from './measure';
export * from './note';
export * from './position';
export * from './ruling';
export * from './stoppage';
export * from './strength';
export * from './turn';
