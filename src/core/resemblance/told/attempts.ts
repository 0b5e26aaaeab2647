/** How people who talk over a round tell of what is tried and done, seldom by its name, a sentence a line, by technique id. @source common practice, written down by the makers */
export const toldAttempts: Readonly<Record<string, string>> = {
  'double-leg': `
shoots in on both legs
drops down and wraps both legs
he drives straight through her hips and takes her down
head to the side, arms round the thighs and down she goes
gets in deep on both legs
blast right through the middle
runs through her`,
  'single-leg': `
has one leg up
comes up with the leg
picks her leg up and runs with it
gets hold of the leg and drives
scoops up the lead leg
the leg is in the air and he is looking to finish
grabs a leg and puts him on the floor
trips the other foot with the leg in the air`,
  'high-crotch': `
comes in high on the leg with the head outside
hand between the legs and lifts`,
  'ankle-pick': `
grabs the ankle and pushes the head
taps the ankle out from under her
reaches down, gets the heel and over
cups the heel and drives forward`,
  'knee-tap': `
blocks the knee with the hand and pushes over
hand behind the knee and runs forward`,
  'collar-drag': `
pulls him past by the collar
collar one way and he falls on his hands
yanks the lapel and spins behind
sits and drags by the collar`,
  'snap-down': `
pulls the head down hard
snaps him to the mat
yanks on the neck and down on the hands
brings the head down to the floor`,
  'duck-under': `
slips under the arm and comes out behind
lifts the elbow and goes under`,
  'slide-by': `
throws the arm by and steps behind
pulls him past and takes the side`,
  'body-lock-takedown': `
hands locked round the body and he drags her down
picks her up and sets her down from the body lock
squeezes the waist and trips her
bear hugs and falls on top`,
  'rear-takedown': `
drags him down from behind
sits down behind the legs and pulls her over`,
  'mat-return': `
lifts her up from behind and puts her back
takes him back to the mat as he tries to stand
up she comes and down again`,
  'firemans-carry': `
goes under, across the shoulders and dumps him
over the shoulders`,
  'outside-trip': `
hooks the leg from the outside and pushes her over
foot behind the heel and over backwards`,
  'inside-trip': `
hooks the leg from the inside and drives
foot goes between the legs and back she goes`,
  'outside-reap-throw': `
big reap from behind the leg
kicks the leg out from behind and throws`,
  'shoulder-throw': `
drops under the arm and throws over the shoulder
turns in and over the back he goes
pulls the arm over the shoulder and tosses him`,
  'hip-throw': `
turns the hip in and throws
loads him on the hip
over the hip`,
  'inner-thigh-throw': `
leg goes up between the thighs and over
lifts with the leg in the middle`,
  'foot-sweep': `
kicks the foot out
sweeps the feet from standing
just a little tap on the foot and he is down
takes the foot as it lands`,
  'sumi-gaeshi': `
sits under and kicks the hook up over his head
falls back with the hook and throws over`,
  'tomoe-nage': `
foot in the stomach and over the head
puts the foot on the belly and falls back`,
  'lateral-drop': `
throws her sideways from the clinch
twists and drops back`,
  'scissor-takedown': `
jumps with the legs around and scissors him down`,
  'wrestle-up': `
comes up on top of the leg
gets up from the bottom and drives into the legs
goes from guard up into a leg attack
sits up, grabs the leg and stands with it
comes up on the single from the bottom
gets to the knees and drives`,
  'technical-stand-up': `
gets back up
stands up out of there
up to the feet again
posts the hand and gets up
works to the feet
finally gets back to standing`,
  sprawl: `
throws the hips back on the shot
shuts the shot down with the hips
legs back and heavy on the neck
stuffs the shot`,
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
  'turtle-back-take': `
goes round behind the turtle and puts the hooks in
climbs on the back from turtle
gets behind and the hooks go in
hops on the back
spins around to the back`,
  'arm-drag': `
pulls the arm across and goes behind
drags the arm and climbs on the back
arm across and he is behind him
two hands on the arm and takes the angle`,
  'omoplata-to-crucifix': `
rolls from the shoulder lock and both arms are trapped`,
  berimbolo: `
spins under and comes out on the back
rolls underneath to the back
goes upside down, pulls the belt and is behind
inverts to the back`,
  'kiss-of-the-dragon': `
goes between the legs and out behind
spins under between the legs to the back`,
  'crab-ride-back-take': `
hooks behind the knees and pulls him down on to the lap
sits behind with the feet in the knees and takes the back`,
  'leg-drag-back-take': `
he turns away from the leg drag and gives the back
from the drag he goes up to the back`,
  'chair-sit-back-take': `
sits behind and pulls him in to the hook`,
  'rolling-back-take': `
rolls over the shoulder and takes the back with him
rolls through and has the back`,
  'half-guard-back-take': `
goes out the back door from half
takes the back from half guard
climbs up from the underhook to the back`,
  'technical-mount-back-take': `
he turns and from mount he gets the back
rolls with the turn and the hooks go in
mount to the back as he rolls away`,
  'gift-wrap-back-take': `
wraps the arm round his own neck and takes the back
pulls the wrist behind the head and rolls to the back`,
  'kimura-back-take': `
uses the kimura to get behind
with the double wrist he takes the back`,
  'arm-triangle-back-take': `
goes from the head and arm to the back`,
  'truck-roll': `
rolls and hooks the leg
rolls into the leg lace`,
  'unnamed-back-take': `
takes the back
gets the back
gets behind
he goes to the back
jumps on the back
he is on the back
climbs onto the back
spins behind
circles to the back
ends up behind
goes behind
gets around to the back
and there is the back
tries to get to the back
working to the back now`,
  'single-leg-x-entry': `
gets under the leg and puts the feet on the hip
drops under the leg and ties it up
lifts with the hook and catches the leg`,
  'ashi-entry-from-butterfly': `
lifts with both hooks and takes the leg
elevates and slides under the leg`,
  'outside-ashi-entry': `
both feet go to the outside of the leg`,
  'k-guard-entry': `
threads the leg under and comes up on the leg`,
  'false-reap-entry': `
spins under and crosses the leg over`,
  'saddle-entry': `
gets to the inside with both legs on the one leg
crosses the legs and locks the thigh
gets the leg across and triangles the legs around it`,
  'fifty-fifty-entry': `
legs tied on the same side now
ties both legs up the same way`,
  'rolling-leg-entry': `
rolls for the leg
rolls under for the knee`,
  'heel-scoop': `
scoops the heel up with the arm
gets the heel in the elbow`,
  'heel-exposed-by-knee': `
turns the knee in to bring the heel out`,
  'heel-exposed-by-hand': `
peels the toes over to get the heel`,
  'backstep-leg-entry': `
steps back and sits on the leg
back step into the leg lock`,
  'diving-leg-entry': `
dives for the legs
throws himself under for the leg`,
  'unnamed-leg-entry': `
goes for the legs
drops back on a leg
ties up the leg
falls back for the foot
gets into the legs
entangles the leg
goes underneath for a leg`,
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
  'unnamed-takedown': `
takes him down
gets the takedown
takes it to the ground
puts her on her back
trips him
down they go
throws her
dumps him on the mat
brings it to the floor
tries a takedown
shoots
takes a shot
shoots again and misses
drags him to the ground
big throw
lands on top of him`,
  'unnamed-pull': `
goes to the bottom
drops to his back
goes to guard
to the floor by himself`,
};
