/** Words that two entries share on purpose, as people say them: the position and the cloth decide which is meant. */
export const sharedWords: readonly string[] = [
  'over under clinch',
  'outside hook',
  'inside hook',
  'lapel wrap',
  'both feet outside',
  'rear triangle',
  'shoulder lock with the legs',
  'two on one',
  'thumb peel',
  'hands locked round the hips',
  'head as a frame',
  'double wrist lock',
  're guard',
  'back to the mat',
  'heel hook',
];
