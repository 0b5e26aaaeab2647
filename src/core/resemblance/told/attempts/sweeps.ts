export const toldSweeps: Readonly<Record<string, string>> = {
  'scissor-sweep': `
chops the leg and turns him over
shin across the belly and kicks the bottom leg
scissors the legs and he goes over`,
  'pendulum-sweep': `
swings the leg up and rolls him over
gets the big swing under the armpit and turns over`,
  'hip-bump-sweep': `
sits up over the arm and bumps
comes up into him with the hips and knocks him over
hip into him and he falls back`,
  'sit-up-sweep': `
sits up and takes him over
comes up and tips him over backwards`,
  'double-ankle-sweep': `
grabs the two heels as he stands and knocks him over
knees push, hands pull the ankles
hips up, ankles held, he falls on his butt`,
  'overhead-sweep': `
throws him over the head with the feet
both feet on the hips and over the top
balloons him over`,
  'butterfly-sweep': `
lifts with the hook and he goes flying
kicks the hook up and rolls over the shoulder
falls to the side and elevates
hook and underhook and over
lifts the leg with the instep and turns him`,
  'butterfly-half-sweep': `
hook under the leg from half and lifts
elevates from half guard and comes up`,
  'leg-drive-sweep': `
kicks the trapped leg and rolls`,
  'half-guard-underhook-sweep': `
comes up to the knees from half with the underhook
gets the underhook, gets up, and drives him over
comes out the back from half guard
takes the leg from half guard and ends up on top
gets on top from the half guard`,
  'old-school-sweep': `
reaches under for the far foot from half
grabs the toes and rolls him over
takes the far foot and turns him over`,
  'deep-half-sweep': `
goes under and tips him over
spins out from underneath and comes on top
rolls him from the deep half`,
  'dogfight-roll-through': `
rolls under the whizzer
goes with the whizzer and rolls through`,
  'tripod-sweep': `
hooks behind the ankle, pushes the hip and he sits down
foot on hip, hand on ankle, and knocks him back
kicks him over backwards and stands up`,
  'sickle-sweep': `
hooks behind the knee with the other foot and pulls
sickles the leg out`,
  'single-leg-x-sweep': `
stands up holding the leg and he falls
bridges into the leg and knocks him down
lifts the leg and tips her over`,
  'x-guard-sweep': `
stretches him out from underneath and stands up
splits his legs and comes up with one`,
  'de-la-riva-sweep': `
takes him over the hook
pulls the sleeve and ankle and he falls over the leg
tips him back with the outside hook`,
  'spider-sweep': `
pushes the arm up with the foot and turns him over
foot in the arm, lifts and sweeps`,
  'lasso-sweep': `
turns him over with the leg round the arm
uses the lasso to roll him`,
  'lapel-sweep': `
pulls the lapel under the leg and sweeps
with the lapel wrapped he tips him over`,
  'fifty-fifty-sweep': `
comes up on top out of the leg knot
stands up in the fifty fifty and gets the two`,
  'omoplata-sweep': `
rolls him over with the shoulder lock
sits up and tips him forward`,
  'omoplata-back-roll': `
rolls backwards out of the shoulder lock and comes on top`,
  'kimura-sweep': `
turns him over with the wrist lock behind the back
uses the double wrist to roll him`,
  'arm-pin-sweep': `
traps the arm and bumps him over that side
holds the arm to the chest and rolls him`,
  'switch-reversal': `
switches the hips and comes out on top
sits through and reverses`,
  'unnamed-sweep': `
turns him over
over he goes
rolls him over and comes up on top
sweeps
gets the sweep
reverses it
there is the sweep
ends up on top
off balances and comes up
tips him
knocks him over
dumps her to the side
flips him
gets on top now
comes up on top
goes over the top and they switch
tries to sweep
looking for the sweep
he nearly turns her
almost gets him over
sends him over
a reversal`,
};
