export const toldKneeOnBelly: Readonly<Record<string, string>> = {
  'err-kob-tips-forward': `
falls forward over the knee
too far over on knee on belly
you lean over and she tips you off
his weight is over her head in knee on belly`,
};
