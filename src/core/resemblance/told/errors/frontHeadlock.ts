export const toldFrontHeadlock: Readonly<Record<string, string>> = {
  'err-headlock-on-knees': `
sits on the knees with the front headlock
just holds the head and kneels there
you hang on the head without going behind
stays kneeling in front with the neck
front headlock and no movement
he should go behind instead of sitting on that headlock`,
  'err-guillotine-sits-straight': `
falls straight back on the guillotine
sits down with no angle and no guard
you jumped back and gave up top position for that
guillotine goes over the wrong side
jumps the guillotine and lands flat
falls back with no legs around
gives up the top for a guillotine that was not there`,
};
