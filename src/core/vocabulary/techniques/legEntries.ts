import type { MovementTechnique } from '../types';

export const legEntriesTechniques: readonly MovementTechnique[] = [
  { id: 'single-leg-x-entry', name: 'single-leg X entry', class: 'leg-entries', fromFamilies: ['open-guard', 'standing'], resultPositionId: 'single-leg-x-guard', actorAfter: 'below', uniform: 'both', aliases: ['shoot under to SLX'], heardAs: ['single legs entry'] },
  { id: 'ashi-entry-from-butterfly', name: 'ashi entry from butterfly or shin hook', class: 'leg-entries', fromFamilies: ['open-guard', 'half-guard'], resultPositionId: 'ashi-garami', actorAfter: 'better', uniform: 'both', aliases: ['lift and enter the legs'], heardAs: [] },
  { id: 'outside-ashi-entry', name: 'outside ashi entry', class: 'leg-entries', fromFamilies: ['open-guard', 'leg-entanglement'], resultPositionId: 'outside-ashi', actorAfter: 'better', uniform: 'both', aliases: ['both feet outside'], heardAs: ['outside ashy entry'] },
  { id: 'k-guard-entry', name: 'K guard leg entry', class: 'leg-entries', fromFamilies: ['open-guard'], resultPositionId: 'fifty-fifty', actorAfter: 'neutral', uniform: 'both', aliases: ['leg entry from K guard'], heardAs: ['cage guard entry'] },
  { id: 'false-reap-entry', name: 'false reap entry', class: 'leg-entries', fromFamilies: ['open-guard'], resultPositionId: 'saddle', actorAfter: 'better', uniform: 'both', aliases: ['false reap to saddle'], heardAs: ["fall's reap entry"] },
  { id: 'saddle-entry', name: 'saddle entry', class: 'leg-entries', fromFamilies: ['leg-entanglement', 'half-guard', 'open-guard'], resultPositionId: 'saddle', actorAfter: 'better', uniform: 'both', aliases: ['into the leg triangle'], heardAs: ['settle entry'] },
  { id: 'fifty-fifty-entry', name: '50-50 entry', class: 'leg-entries', fromFamilies: ['open-guard', 'leg-entanglement'], resultPositionId: 'fifty-fifty', actorAfter: 'neutral', uniform: 'both', aliases: ['level the legs'], heardAs: ['5050 entry'] },
  { id: 'rolling-leg-entry', name: 'rolling leg entry', class: 'leg-entries', fromFamilies: ['standing'], resultPositionId: 'saddle', actorAfter: 'better', uniform: 'no-gi', aliases: ['Imanari roll'], heardAs: ['in a nari roll'] },
  { id: 'backstep-leg-entry', name: 'backstep leg entry', class: 'leg-entries', fromFamilies: ['half-guard', 'open-guard', 'side-pin'], resultPositionId: 'leg-entanglement', actorAfter: 'better', uniform: 'both', aliases: ['step back onto the leg'], heardAs: ['back stab entry'] },
  { id: 'diving-leg-entry', name: 'diving leg entry', class: 'leg-entries', fromFamilies: ['open-guard', 'standing'], resultPositionId: 'leg-entanglement', actorAfter: 'better', uniform: 'both', aliases: ['dive on the leg'], heardAs: ['driving leg entry'] },
];
