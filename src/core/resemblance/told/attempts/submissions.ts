export const toldSubmissions: Readonly<Record<string, string>> = {
  'rear-naked-choke': `
arm goes under the chin from behind
has the choke from the back
squeezes from the back
gets the arm across the neck from behind and he taps
goes for the choke on the back
slides the forearm under the chin
locks the hands behind the head
under the chin and it is over`,
  'short-choke': `
palm to palm from behind and squeezes`,
  'bow-and-arrow-choke': `
collar in one hand, leg in the other, and pulls
pulls the collar and kicks back on the back
grabs the knee and extends with the collar choke
gets the collar from the back and stretches him out`,
  'cross-collar-choke': `
both hands in the collar
cross grip, second hand in and pulls
two hands deep in the lapels and squeezes
chokes with the collar from mount
second hand comes under, thumb in`,
  'sliding-collar-choke': `
pulls the lapel tight round the neck from behind`,
  'loop-choke': `
feeds the collar over the head and pulls
lets him come in and closes the collar round the neck`,
  'baseball-bat-choke': `
hands like on a bat in the collar and spins
both hands on the collar, turns to north south and squeezes`,
  'ezekiel-choke': `
fist in the neck with the sleeve
hand in his own sleeve and chops the throat`,
  'no-gi-ezekiel': `
fist in the throat round the head`,
  'paper-cutter-choke': `
elbow down across the neck with the collar behind
forearm chops down with the collar held behind the head`,
  'clock-choke': `
collar from the turtle and walks round the head
walks around like a clock with the collar`,
  'lapel-wrap-choke': `
wraps the lapel round the neck
feeds his own jacket under the chin`,
  'north-south-choke': `
arm round the neck from north south and squeezes
sinks the choke with the head under the armpit`,
  'arm-triangle': `
head and arm
his own arm pushed into the neck
traps the arm against the head and squeezes
drops the head next to his, locks the hands
gets the arm across and lies on it`,
  triangle: `
legs go up around the neck and one arm
throws the leg over the shoulder
locks the legs around the head
one arm in, one out, legs come up
shoots the leg over the neck
gets the figure four with the legs round the neck
pulls down on the head with the legs locked`,
  'mounted-triangle': `
triangle from on top
steps the leg over the neck from mount`,
  'back-triangle': `
leg over the shoulder from the back`,
  'reverse-triangle': `
legs around the head the other way`,
  guillotine: `
grabs the neck as he shoots
arm around the neck from the front
wraps the neck and jumps to guard
catches the head and squeezes
has the neck in front
chin strap and sits back
gets the neck as he comes in`,
  'arm-in-guillotine': `
neck and one arm from the front and squeezes`,
  'high-elbow-guillotine': `
gets the elbow high over the shoulder round the neck`,
  'darce-choke': `
threads the arm under the neck and through
arm goes under the armpit and out by the neck, locks it
long arm around the head and shoulder from the front`,
  'anaconda-choke': `
arm under the neck, locks and rolls
gator rolls with the head and arm`,
  'von-flue-choke': `
he holds on to the neck and she drops the shoulder on his throat
shoulder in the neck while he keeps the guillotine`,
  'peruvian-necktie': `
leg over the back with the neck tied up`,
  'japanese-necktie': `
head down by the chest and squeezes the neck against the arm`,
  gogoplata: `
shin across the throat`,
  'buggy-choke': `
from under side control he locks his own leg round the head
grabs his own leg round the neck from underneath`,
  'crucifix-choke': `
one arm chokes with both arms trapped`,
  armbar: `
goes for the arm
swings the leg over the face for the arm
sits back with the arm
extends the arm
falls back on the arm
leg over the head and hips up
takes the arm from guard
has the arm, trying to straighten it
attacks the arm
pulls the arm straight
gets the arm between the legs and arches`,
  'belly-down-armbar': `
rolls face down with the arm
turns to the belly and pulls the arm`,
  'far-side-armbar': `
spins round to the far arm
steps over and takes the far arm from the side`,
  'near-side-armbar': `
takes the near arm and steps over
knee over the head for the close arm`,
  'helicopter-armbar': `
lifts him on the feet, spins and takes the arm`,
  'flying-armbar': `
jumps at the arm from standing`,
  'reverse-armbar': `
arm bent the wrong way against the shoulder
pins the elbow to the chest and presses`,
  'straight-armlock': `
arm straight under the armpit and lifts
catches the straight arm against the body`,
  'crucifix-armbar': `
straightens the arm with the legs`,
  'bicep-slicer': `
shin in the crook of the arm
crushes the bicep`,
  kimura: `
figure four on the arm behind the back
gets the double wrist and cranks the shoulder
twists the arm up behind the back
locks the wrist and turns the shoulder
bends the arm up the back`,
  'step-over-kimura': `
leg over the head and turns the shoulder`,
  americana: `
arm bent up and pinned to the mat
paints the wrist down to the hip
presses the wrist to the floor and lifts the elbow
bends the arm by the head and cranks`,
  omoplata: `
leg over the shoulder and sits up
turns out and gets the shoulder with the legs
leg swings over the back to lock the shoulder
uses the legs on the shoulder`,
  monoplata: `
locks the shoulder with the leg from on top`,
  tarikoplata: `
locks the kimura with the legs`,
  baratoplata: `
twists the arm over the hip from guard`,
  'arm-behind-back-lock': `
arm up behind the back and pushes`,
  'wrist-lock': `
folds the hand down
bends the wrist
cranks on the hand`,
  'straight-ankle-lock': `
foot under the armpit and arches
falls back with the foot
hips up on the foot
attacks the ankle
squeezes the achilles
leans back on the ankle
bites down on the foot`,
  'belly-down-ankle-lock': `
turns over to the belly with the foot`,
  'toe-hold': `
figure four on the foot and twists
grabs the toes and bends the foot
twists the foot with both hands`,
  'estima-lock': `
foot against the stomach and squeezes`,
  'knee-bar': `
straightens the leg
hips against the knee and pulls the leg
hugs the leg and arches
stretches the knee out`,
  'outside-heel-hook': `
heel in the elbow from the outside and turns
grabs the heel and twists`,
  'inside-heel-hook': `
catches the heel from the inside and rotates
gets a bite on the heel from the saddle`,
  'aoki-lock': `
heel under the arm and twists the ankle from the straight lock`,
  'calf-slicer': `
shin behind the knee and pulls the foot
crushes the calf`,
  'cloverleaf-leg-lock': `
folds both legs up`,
  'banana-split': `
splits the legs apart
stretches the groin`,
  'electric-chair': `
opens the legs from the lockdown and lifts`,
  twister: `
pulls the head across with the leg tied up
twists the spine`,
  'can-opener': `
pulls the head up with both hands in the guard`,
  'neck-crank': `
cranks the neck
pulls the face round`,
  'unnamed-submission': `
goes for a submission
tries to finish
has something on the neck
looking for the choke
goes for a choke there
and he taps
that is the tap
finishes it
tap
gets the finish
locks something up
attacks the neck
attacks the leg
there is a submission attempt
squeezing now
taps to the choke
gets tapped`,
};
