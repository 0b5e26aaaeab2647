export const toldGuardPulls: Readonly<Record<string, string>> = {
  'sit-guard-pull': `
just sits down
sits down straight away
pulls guard
he sits to guard right from the slap
drops to the butt and comes in with the feet
no stand up today, straight to the bottom`,
  'closed-guard-pull': `
pulls him down and closes the legs
foot on the hip and pulls into closed
jumps down into full guard`,
  'jump-guard-pull': `
jumps up and wraps the legs
leaps into guard`,
  'single-leg-x-pull': `
sits right under the leg
pulls under into the leg`,
  'de-la-riva-pull': `
pulls with the hook on the outside of the leg
sits and hooks the lead leg`,
  'guard-pull-interception': `
he pulls and gets passed as he sits
she walks round as he sits down
as he pulls she is already past`,
  'unnamed-pull': `
goes to the bottom
drops to his back
goes to guard
to the floor by himself`,
};
