export const toldEscapes: Readonly<Record<string, string>> = {
  'hip-escape': `
shrimps out
moves the hips out to the side
hips away and makes room
scoots away from under him`,
  'elbow-escape': `
elbow under the knee and gets the half guard back
knee and elbow together, slides the leg in
gets the knee under and recovers
works a knee through from under mount`,
  'bridge-and-roll': `
traps the arm and foot and rolls him
big bridge and she goes over
bridges him over to the other side
bucks and rolls on top
gets the roll from mount`,
  'heel-drag-escape': `
drags his foot over with the heel and catches half
hooks the ankle with the heel and pulls it in`,
  'underhook-to-knees-escape': `
gets an underhook and comes up to the knees
turns in and comes up from side control
gets to the knees with the underhook
builds up to his knees under the pin`,
  'frame-and-reguard': `
gets the guard back
frames and recovers the guard
puts the knee back in
gets a leg in between again
gets her legs back around
recovers to half guard
catches a leg and is back in half
back to guard
the knee comes in and he has guard again
recovers`,
  'north-south-escape': `
swings the legs over and gets out of north south
spins under and gets the legs in`,
  'kesa-roll-escape': `
rolls the headlock over
bridges over the scarf hold`,
  'knee-on-belly-escape': `
pushes the knee off the belly and turns
gets the knee off the stomach`,
  'granby-roll': `
rolls over the shoulders and the guard is back
shoulder roll and faces him again
spins away over the shoulder`,
  'inversion-retention': `
goes upside down to keep him out
inverts and comes back to guard
spins underneath`,
  'leg-pummel': `
pummels the foot back inside
gets the feet inside again
swims the leg back in`,
  'guard-retention-frames': `
frames on the shoulder and keeps him out
holds him off with the hand on the neck and the guard stays
stops the pass with frames`,
  'back-to-mat-escape': `
gets the shoulders to the mat and slides out of the back
puts the back on the floor and escapes
slides down and gets the hips past the hook
clears the hook and gets his back on the mat`,
  'turn-in-escape': `
turns in and ends up in his guard
spins inside the hooks to face him
turns around and is on top
gets to face him again`,
  'body-triangle-escape': `
undoes the triangle at the foot
opens the body lock of the legs by stepping on the foot`,
  'choking-hand-strip': `
two hands on the choke and takes it off
peels the choking arm down over the shoulder
clears the hand from the neck
gets the hand off the neck`,
  'flatten-shoulders-escape': `
puts the shoulders flat so that he cannot turn him`,
  'turtle-stand-up': `
stands up from the turtle
comes up off the knees to the feet`,
  'roll-to-guard-from-turtle': `
rolls from turtle back to guard
rolls through and gets the legs in front`,
  'sit-out': `
sits out and turns
leg through and comes round behind`,
  'limp-arm': `
pulls the arm out of the whizzer
slips the arm free`,
  'peek-out-escape': `
gets the head out under the armpit
head pops out the back`,
  'guillotine-posture-escape': `
gets the head out of the choke by posturing
goes over to the far side and drives the shoulder
looks up and pulls the head out
pops the head free`,
  'triangle-posture-escape': `
postures out of the triangle
stands tall and the legs open
gets his shoulder out of the legs`,
  'armbar-stack-escape': `
stacks and pulls the elbow out
puts the weight on her and takes the arm out
clasps the hands, stacks and gets the arm free`,
  'hitchhiker-escape': `
thumb down and rolls out of the armbar
spins around the arm and gets out`,
  'elbow-to-mat-escape': `
gets the elbow to the mat and slides out
pulls the elbow past the hips`,
  'omoplata-roll-escape': `
rolls forward out of the shoulder lock`,
  'omoplata-posture-escape': `
postures up and takes the arm out of the legs`,
  'kimura-grip-defence': `
grabs his own belt so the arm cannot move
holds on to the pants and saves the arm
locks the hands to defend the shoulder`,
  'arm-triangle-elbow-escape': `
answers the phone and makes room
gets the elbow back inside against the choke`,
  'crucifix-escape': `
gets the arm out of the legs`,
  'knee-line-extraction': `
pulls the knee out of the leg lock
gets the knee free and turns
clears the knee line and stands`,
  'push-pull-leg-extraction': `
pushes the foot off and pulls the leg out
kicks himself free of the legs
takes the leg out
pulls the leg out of there`,
  'heel-hide': `
hides the heel and kicks through`,
  'heel-hook-turn-with': `
rolls with the heel hook
spins the same way and saves the knee`,
  'unnamed-escape': `
gets out
he is out
slips out
gets away
escapes
out of there
gets free
wriggles out
pops the head out
pulls the arm out
survives
he survives that one
gets loose
gets back to his knees
gets up
turns out of it
fights it off
defends it
saves it
just about gets out`,
};
