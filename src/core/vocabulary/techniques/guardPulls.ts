import type { MovementTechnique } from '../types';

export const guardPullsTechniques: readonly MovementTechnique[] = [
  { id: 'sit-guard-pull', name: 'seated guard pull', class: 'guard-pulls', fromFamilies: ['standing'], resultPositionId: 'open-guard', actorAfter: 'below', uniform: 'both', aliases: ['pull guard', 'sit to guard'], heardAs: ['pool guard'] },
  { id: 'closed-guard-pull', name: 'pull to closed guard', class: 'guard-pulls', fromFamilies: ['standing'], resultPositionId: 'closed-guard', actorAfter: 'below', uniform: 'both', aliases: ['pull and close'], heardAs: ['pull clothes guard'] },
  { id: 'jump-guard-pull', name: 'jumping guard pull', class: 'guard-pulls', fromFamilies: ['standing'], resultPositionId: 'closed-guard', actorAfter: 'below', uniform: 'both', hazardId: 'haz-jump-guard', aliases: ['jump guard'], heardAs: ['jumped guard'] },
  { id: 'single-leg-x-pull', name: 'pull to single-leg X', class: 'guard-pulls', fromFamilies: ['standing'], resultPositionId: 'single-leg-x-guard', actorAfter: 'below', uniform: 'both', aliases: ['pull to ashi'], heardAs: ['pull to single legs'] },
  { id: 'de-la-riva-pull', name: 'pull to De La Riva', class: 'guard-pulls', fromFamilies: ['standing'], resultPositionId: 'de-la-riva-guard', actorAfter: 'below', uniform: 'both', aliases: ['pull with the outside hook'], heardAs: ['pull delivery'] },
  { id: 'guard-pull-interception', name: 'passing the guard pull', class: 'guard-pulls', fromFamilies: ['standing'], resultPositionId: 'headquarters', actorAfter: 'better', scores: false, uniform: 'both', aliases: ['slide through as they sit', 'pass the pull'], heardAs: ['guard poll interception'] },
];
