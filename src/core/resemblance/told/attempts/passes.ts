export const toldPasses: Readonly<Record<string, string>> = {
  'guard-open-standing': `
stands up and the guard opens
gets the legs open standing
up on the feet to break the ankles
stands up tall and pushes the knee down
finally the legs pop open`,
  'guard-open-kneeling': `
opens the guard from the knees
elbow in the thigh and the ankles come apart
pushes back until the legs open
knee in the butt to break it`,
  'knee-slice': `
puts the knee through the middle
knee goes across the thigh
knee cutting through to the mat
cuts through with the knee
he slides over the thigh with the shoulder heavy
shin over the leg and through
slicing right through the half guard
gets the knee through with the underhook`,
  toreando: `
grabs both pants and throws the legs aside
pushes the knees to one side and runs round
tosses the feet away and steps around
runs around the legs
holds the ankles and dances around to the side
legs to one side, he goes to the other
matador style around the legs`,
  'x-pass': `
steps across with the leg and pushes the knee away
kicks his leg through and steps round`,
  'leg-drag': `
drags one leg across the body
pulls the ankle across and falls on the hip
leg goes across the belly and he pins it
gets the leg on the other side and sits on it`,
  'leg-split-pass': `
splits the legs and drives through the middle
one leg down, one leg up and through the middle`,
  'stack-pass': `
folds her up and walks around
knees to the face and round the side
puts her on the shoulders and goes around
stacking and circling`,
  'double-under-pass': `
arms under both of the legs
both legs over his shoulders and he drives
scoops under, lifts the hips and goes around`,
  'single-under-pass': `
one arm goes under the leg and he drives round
leg on the shoulder and circle to the side`,
  'over-under-pass': `
one arm over, one arm under, head on the hip
shoulder on the belly with the legs split under the arms`,
  'body-lock-pass': `
locks the hands around the waist and inches past
body locked and he slides the legs over
hands connected behind the back, walks over the knees
hugs the hips flat and climbs over the legs`,
  'back-step-pass': `
turns the hips and steps back around the legs
steps backwards over the leg and lands on the side
reverse step and he is past`,
  'leg-smash-pass': `
smashes the knees together to one side
lies on top of both knees
crushes the legs down and walks up
pins the legs together and climbs over`,
  'folding-pass': `
folds the knee shield over
squashes the shin down and goes over it
beats the shield by smashing it`,
  'leg-weave-pass': `
threads the arm through the legs
weaves the arm between the legs and drives past`,
  'back-step-out': `
long step back to get the leg out of the hook
steps out of the hook backwards`,
  'tripod-pass': `
head on the mat, butt in the air, walks out
goes up on the head to free the leg`,
  'float-pass': `
floats over the legs
light on top and hops from side to side
weight on the hips and he just moves round the legs`,
  'crossface-half-pass': `
frees the foot and passes the half guard
crossface, flatten, and the leg comes out
pops the foot out of half and he is past
gets out of the half guard to the side
knee out first, then the foot
works the leg out of half`,
  'mount-from-quarter-guard': `
the foot comes out and he is in mount
slides straight through to mount
last bit of the foot comes free and he sits on top`,
  'hip-switch-pass': `
switches the hips and comes over the knee
turns the hips to face the legs and kicks free`,
  'cartwheel-pass': `
cartwheels over the legs
goes over the top like a cartwheel`,
  'knee-pin-pass': `
pins the knees to the floor and goes around
pushes both knees down and walks by
shucks the knees by and lands on the side`,
  'lasso-unwind-pass': `
unwinds the lasso and passes
gets the arm out of the lasso and goes around`,
  'unnamed-pass': `
gets past the legs
he is past
goes around
walks around the guard
gets around the legs
he is through
passes
and the pass is there
through the guard
passes over to the other side
she gets past his feet and into the side
just walks past
gets by
tries to go round the left
trying to pass on the right
works his way past
looking for a pass here
attempts to come around the legs
gets over the legs
over the last leg and he is in
he passes to the side
and he gets there, pass done`,
};
