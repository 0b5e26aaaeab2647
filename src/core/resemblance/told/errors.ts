/**
 * How people who talk over a round tell of faults, a sentence a line, by error id; `''` stands for faults that no entry names. From these the reader learns which
 * words tell of what: see `../resemblance`. @source common practice, written down by the makers
 */
export const toldErrors: Readonly<Record<string, string>> = {
  'err-hands-hover': `
his hands are just waving around in front and never touch anything
she paws at the collar but never closes the hand
you keep reaching and letting go again
hands up there doing nothing
fingers brushing the sleeve and no grip ever
the hands float in the air and grab nothing
he swats at her hands and takes no grip
twenty seconds in and nobody has a hand on anything
you slap at the sleeve instead of taking it`,
  'err-even-tie-kept': `
they both just hang on each other's neck and nothing happens
same tie for both and he is happy to stay in it
you stand in that equal clinch for far too long
leaning on each other, nobody is winning that
he is content to hang on to the head just like she is
two people leaning on each other and nobody works
stuck in a fifty fifty tie up and not clearing it`,
  'err-shot-through-tie': `
shoots while she still has his head
he dives in with her hand still on his neck
you went for the leg without clearing the tie first
she shoots right into the collar tie
goes under the arm that is still holding his neck
shot from there with the collar still held, never works
he did not get rid of her hand before the shot`,
  'err-entry-neck-out': `
head down on the way in, neck right there
his head is on the wrong side of the shot and the neck sticks out
you came in with your head hanging
looks at the floor as he shoots
shoots with the chin out like that he gets choked
leads with the head and looks at the mat
ducks the head so there is a neck to grab
comes in with a low head, hello guillotine
the head is hanging down as he reaches for the legs
puts his neck right in her armpit`,
  'err-throw-without-reaction': `
turns in for the throw and she is not even off balance
he throws himself at it with no pull first
no kuzushi at all, just turns his back
you went in cold, nothing before it
spins for the throw and she just stands there
turns his back for a throw that was never there
hips are miles away from her when he turns in
no push, no pull, just a throw out of nowhere`,
  'err-entry-off-base': `
shoots from way too far out
he is already falling when he reaches the legs
dives at the legs from a mile away
you are off balance before you get there
lunges in with the feet left behind
reaches for the legs with his weight falling forward
his feet do not follow the shot
the shot comes from outer space
he ends on his face because he shot from too far
knees on the mat and arms stretched out, that is no shot`,
  'err-level-change-outgripped': `
she has all the grips and he still shoots
you change levels with her owning your sleeves
goes for the legs while losing the grip fight
shooting while she owns both his sleeves
do not shoot when you are losing the grips`,
  'err-reach-rounded-back': `
bends over at the waist to reach for it
back all rounded, reaching down for the legs
you are bent in half up there
reaches for the pants with a hunched back
stoops over to grab the pants
bends from the waist and not the knees
his back is like a cat
hunched over and pulling with the arms`,
  'err-seated-waiting': `
sits there and waits for him to come
she is just sitting on her butt with no grips
you sat and watched
nothing on the sleeves, nothing on the feet, just sitting there
waiting on the bottom with no connection at all
butt scooting and no grip anywhere
he is parked on his backside and waits to see what comes
you sit in front of her with your hands in your lap
not touching him at all from the seated position
sits there like he is on a bench`,
  'err-wasted-motion': `
lots of moving for nothing
bouncing around and burning energy
he does three things there and none of them does anything
all that work and you are in the same spot
spinning the wheels here
he burns the gas for nothing
that whole thing cost a lot and gained zero
moving just to be moving
hopping around without going anywhere
spends thirty seconds of effort there for no change`,
  'err-knee-turned-out': `
his knee is pointing out so the hook gets in
knee turned outside, there goes the lead leg
you let your knee open and he hooks it
the lead knee falls outward and she hooks it
knee flops out and the foot gets in behind it`,
  'err-backs-out-when-caught': `
pulls straight back out once the leg is tied up
he tries to just yank the leg out backwards
you back up and the hook gets deeper
steps away instead of dealing with the hook
jumps straight back with the leg still tied
he tries to rip the leg out
just leans back and pulls, that tightens the hook`,
  'err-chest-before-hips': `
dives on the chest and the hips are still free
he goes for the head before the legs are dealt with
you laid on her and her hips could still move
chest goes down before the hips are controlled
dives for the head and lets the legs be
he wants the chest to chest and forgot the hips
falls on her chest and her knees are still in between
upper body first, hips later, wrong order`,
  'err-knees-released': `
lets go of the knees too soon
he had the legs and let them go
you released the pants before you were past
drops the knees and the guard comes straight back
hands come off the knees before he is around
as soon as he releases the pants the feet are back
he lets the legs go halfway round
the knee is let go and there is her guard again`,
  'err-double-overhooks': `
both arms over the top, that gives up both underhooks
she has overhooks on both sides and gets lifted
you wrapped over both arms there
he takes both overhooks and goes for a ride
arms over the top on both sides, she loves that`,
  'err-underhook-uncontested': `
lets her have the underhook for free
no fight for the underhook at all
he does not even contest the underhook
she just gets the arm under and you watch it
where is the whizzer
why is nobody fighting that underhook
nobody stops that arm from coming under
he lets the arm swim all the way in
the underhook is a present
and no answer to that underhook
she walks into the underhook, he does not whizzer, does not pummel
underhook lost without a word
you never even tried to win that underhook back`,
  'err-sweep-refused-for-back': `
fights the sweep so hard that the back is gone
gives up the back to not get swept
you would rather give your back than two points
turns his back rather than accept the sweep
he stays up but now she is behind him`,
  'err-one-of-two-controlled': `
he only has one leg, the other one is free
controls one knee and forgets the other
you hold one foot and she kicks you with the second
the far leg is doing whatever it wants
one foot is pinned and the other one kicks him away
left leg is held and the right leg does the damage
deal with both legs please
he beats one hook and forgets the other hook`,
  'err-head-over-line': `
head goes too far over to the other side
he puts his head past the center line and gets tipped
you leaned your head right over her hip
his head crosses over and the weight goes with it
the head is on the wrong side of her body so she rolls him`,
  'err-walks-on-knees': `
tries to pass on both knees
walking around on his knees in her guard
get up off your knees
he is shuffling on the knees and cannot move
two knees on the mat inside her guard, that is how you get swept
get one knee up
he is kneeling in there like in church
comes in on the knees and cannot step
shuffles forward on his knees again`,
  'err-hook-not-cleared': `
he never clears the hook
hook is still in there and he goes anyway
you forgot about the hook on the far side
tries to walk past with the foot still hooked
that hook behind the knee, nobody deals with it
the foot is still behind his knee as he tries to pass
he drags the hook with him
forgot to strip the hook
passing with the outside hook still in, that never works`,
  'err-no-passing-chain': `
one pass, it fails, and then nothing
he tries the same pass over and over
you stop after the first try
it gets blocked and he just resets
no second attack after the first one
same pass, same answer, and he does it again
he has one pass only
when it is blocked he stands there thinking
three times the same thing and three times the same frame`,
  'err-accepts-the-fall': `
he just lets himself fall over
once the balance goes she gives up on it
you accept the sweep there, no post, nothing
goes over without a fight
falls like a tree
sits down nicely for her
he could post but he just goes along with it
you fall and you do not even fight it
no hand out, no step, just falls
like a sack of potatoes`,
  'err-grip-formed-unanswered': `
she gets the grip and he does nothing about it
lets her sit on that sleeve grip forever
you left that collar grip on for a minute
never strips the grip
both sleeves and he does not even try to break them
those grips have been there since the start
she builds her grips in peace
he watches her take the collar
let her have the sleeve and do nothing about it
he should be breaking that grip
two grips on him and he is still looking for his first
do not leave the hand on your collar
that sleeve grip stays on for the whole round`,
  'err-good-grip-lost': `
had a great grip and let it go
lets go of the collar for no reason
you gave up the best grip you had
the hand comes off the belt and that was the whole pass
he opens his hand at the worst moment
he had the sleeve and then he had nothing
the collar slips out of the hand
why do you let go of that
gives away the underhook he worked so hard for
the good hand lets go`,
  'err-step-over-without-hips': `
steps over with no control of the hips
he jumps to mount and the hips are loose
you stepped over too early and she turned
steps over to mount while her hips can still turn
hurries the leg over and she gets half back
too early with the leg over, the hips were not pinned`,
  'err-no-hip-lock': `
the hips are free the whole time
nothing holds her hips down there
you never pinned the hip
no control of the hips so she just turns back in
nobody is home at the hips
you need to block the hip there
the hips run away because there is no hand or knee on them
she hips out because he has nothing by her hips`,
  'err-leg-in-range': `
leaves his leg right there for her
stands with the lead leg way too close
you put your foot where she can grab it
hands her an ankle for free
leg hanging out there to be hooked
the front leg is right under her nose
a foot between her feet, of course she takes it
you walk your leg into her hooks
he leaves his ankle near her hand
steps in with the wrong leg and she has it`,
  'err-upper-body-first': `
grabs the collar before doing anything with the legs
he is busy up top while her legs do what they want
you went for the head and ignored the feet
reaches for the lapel and walks into the feet
forgets the legs and grabs the collar`,
  'err-stands-bent': `
stands up with the head down
bent over in the guard, of course she breaks it
posture is gone as he stands
you stood up like a question mark
folded at the waist in there
his back is bent and his head is over her
stands up but looks at the floor
gets to his feet bent like a banana
you cannot stand in there hunched over
half standing with the head down, the worst of both`,
  'err-knee-loaded-on-hook': `
sits his weight right on the hook
he loads the knee on her butterfly hook
you gave her all your weight to lift
leans on the hook like he wants to be lifted
the weight sits on her foot and up he goes`,
  'err-posts-both-hands': `
both hands on the mat
he puts his hands down on the floor in her guard
you posted with two hands, nothing left to fight with
hands on the mat, she takes whatever she likes
he leans on the mat with two hands
both palms on the floor next to her hips
hands go to the mat and that is a sweep`,
  'err-square-stance': `
feet are square
standing with both feet level in front of her
you are flat footed and square, anybody sweeps that
feet together like that he tips over
no stagger in the stance
heels together, standing straight in front of her
feet in one line, no base
his feet are parallel and she pulls him over
stands like a penguin
one push and he goes, feet like that`,
  'err-shoulders-past-hips': `
leans way too far forward
his shoulders are out over his knees
you are leaning in and she pulls you right down
weight all the way forward, easy to sweep
nose over the toes
weight over her head and nothing behind
he hangs forward over her
tips over his knees, shoulders too far up
leans so much that a child could pull him down
chest way in front of the hips`,
  'err-heels-lifted': `
up on the toes in the guard
heels off his butt, no base
you rise up off your heels and get bumped
sitting high on the toes, no weight in the seat
his butt comes off the heels`,
  'err-late-to-legs': `
reacts late when the legs come up
legs are already around the neck before he moves
you saw the legs climb and did nothing
too slow to get the arm back in
he only wakes up when the legs are locked
he lets the legs come up to the shoulders
the legs climb and nobody stops them`,
  'err-arm-offered-in-guard': `
leaves an arm inside like a gift
one arm in and one arm out
hand on the mat next to her hip, that is an armbar
he puts the elbow across the middle
you reached into the guard with a straight arm
arm is just hanging there for the taking
straight arms in the closed guard
puts the hand down by her head inside the guard
elbow is way out in the guard
he leaves the arm dangling across her belly
long straight arm on her chest, take it
one hand in, one hand out, triangle please
arm across the middle line, nice present
she did not have to work for that arm at all`,
  'err-no-stand-answer': `
he stands up and she has nothing for it
no reaction when the guy gets to his feet
you just held on as he stood
does not grab the ankles when he stands
he stands and you just stay locked on
guy gets up and she does not do a thing`,
  'err-bump-too-small': `
the hips barely come up on that
bump without any hip in it
you need way more lift there
tiny little bump that moves nobody
that bump had no power
little bump, no hips, nothing moves
you have to bump like you mean it`,
  'err-attacks-from-low-hips': `
hips glued to the mat on the attack
she tries the armbar flat on her back
you have to lift the hips first
butt on the floor the whole time
trying to throw a triangle without lifting the hips
his butt never leaves the ground on the attack`,
  'err-guard-opened-without-plan': `
opens the legs for no reason
he just unlocks his feet and has nothing
you opened your guard and then thought about it
lets the legs go with no grips anywhere
why do you open the legs there
the guard opens and she has nothing ready
lets the ankles go and gets passed for it`,
  'err-shoulder-dropped': `
drops the shoulder to the mat
shoulder down on one side and the guard player sees it
you dipped your shoulder and got rolled
leans on one shoulder in the turtle
one shoulder dips and he is upside down
shoulder goes to the mat and there is the roll`,
  'err-ankle-held-by-hand': `
holds the ankle instead of using the hook
grips the foot with the hand and has no hooks`,
  'err-foot-lock-loose': `
the foot lock is loose
no squeeze on the ankle, the foot slides out
you can fit a hand in there
forearm too high up the calf, nothing on it
he has the ankle but no bite
grabs the ankle and leans back but there is no squeeze
big gap around the foot
the ankle is somewhere in his armpit, not locked at all
that lock is up at the calf`,
  'err-lets-top-settle': `
lets him settle his weight
gives the top guy all the time to get comfortable
you let her consolidate
does not move until the pin is finished
waits until the crossface is already in
he gets to rest there and build his position
you rest under there and he gets heavy
gives her three seconds and she is stuck
nothing happens until the crossface is in
she waits under the pin
does not fight before the pin is set
he lands and you take a nap`,
  'err-wrong-side-come-up': `
comes up on the wrong side
he gets up into the side where the weight is
you came up toward the whizzer
sits up to the side she is pulling to
went up toward the wrong leg`,
  'err-slack-come-up': `
comes up but the arm is loose
no pull as she gets up
you let the grip go slack on the way up
stands up with nothing tight
no tension in the sleeve when she gets up
gets up with a loose grip and loses it`,
  'err-frame-elbow-out': `
frame with the elbow flared out
the elbow points to the side so the frame folds
you framed with a chicken wing
that frame has no bone behind it
elbow points at the ceiling in the frame
the frame is all muscle, elbow out
that is not a frame that is a pushup`,
  'err-underhook-before-frame': `
digs for the underhook with no frame
reaches for the underhook and eats the crossface
you went under before you made room
reaches under before making a frame
fishing for the underhook from flat on his back`,
  'err-retention-given-up': `
gives up on the guard
stops moving the hips as soon as the knee gets through
you quit on the guard there
legs just go dead and he walks past
lets him by without a fight
lies down and accepts the pass
he waves him through
as soon as the leg is dragged she quits
he lets the legs be thrown and waits for the pass
no hip movement at all to keep the guard
she watches him walk around
you do not follow him with your hips
stops fighting for the guard
the feet fall to the mat`,
  'err-hook-too-low': `
hook is down by the ankle, way too low
the foot sits too low on the leg to lift anything
you hooked the shin and it slides off
hook sits on his shin
foot is down at the ankle, you cannot lift with that`,
  'err-underhook-given-in-guard': `
gives the underhook from the bottom
lets him swim under the arm in half
you handed over the far underhook and got flattened
arm gets scooped and now the back is flat
his arm slides under her armpit from the top and she is flat
he gets the underhook and the crossface, end of half guard
let the top man have his arm under`,
  'err-inverts-into-block': `
goes upside down right into the shin
inverts with no space and gets stuck on the neck
you spun under and he was waiting
goes under with the hip blocked
rolls on the neck with a hand on the hip, stuck`,
  'err-one-side-only': `
always to the same side
he only ever goes left
you have one direction and everybody knows it
every single attack goes to that side
the left side is all he has
she attacks only with the right, every time
never tries the other side`,
  'err-clings-to-ankle': `
hangs on to the ankle and gets dragged around
she will not let go of that foot
you hold the foot and he passes around it
he has married that ankle
holds the foot for dear life and goes nowhere
one hand on the foot while she walks around`,
  'err-sweep-grip-dropped': `
lets go of the sleeve in the middle of the sweep
drops the grip and he posts
you released the arm and so he had a hand to base on
she had him going and then lets the sleeve go
halfway through he opens the hand and she posts
the arm comes free in the middle of the roll
keep that sleeve, now he has a post`,
  'err-block-late': `
the block comes too late
he frames after the pass is already done
you put the hand on the hip when she was past already
late with the knee
hand to the hip after the fact
the frame shows up when the pass is done
knee comes in too late
reacted when it was already over`,
  'err-triangle-waits': `
sits in the triangle and waits
holds the triangle without doing anything
you locked it and then just stayed there
she lets him recover inside the triangle
has the triangle and takes a break
locks it up and then just looks at him`,
  'err-squeezes-before-angle': `
squeezes straight on with no angle
he is right in front and squeezing for his life
you need to cut the angle before you squeeze
pulling on the head without turning the hips
straight on, pulling the head, no angle
squeezes his thighs off and he is still square
legs are burning because there is no angle`,
  'err-locks-on-toes': `
locks over the toes instead of the ankle
the figure four is on the foot
you crossed at your toes, that hurts you more
locks on the foot
knee is over the toes, it should be behind the ankle`,
  'err-omoplata-legs-folded': `
legs folded in the omoplata and he rolls out
does not stretch the legs, the shoulder comes free`,
  'err-omoplata-no-angle': `
stays square in the omoplata
hips never turn away so he postures up
sits up too close on the shoulder lock`,
  'err-limbs-away': `
arms far away from the body
limbs all over the place
you are stretched out and everything is there to grab
he pushes with the arm straight out
reaching out with an arm like that is asking for it
starfish
arms out like wings
he pushes with long arms
that arm is lonely out there
straight arm against the knee
elbow off the body and there goes the arm
arms stretched out over the head
leaves a hand far from the body`,
  'err-late-switch': `
switches too late to the other attack
the armbar was there and she stayed on the choke
you hold on to the first one until he is out
by the time he changes it is gone
insists on the first attack until it is dead
the change comes a second late
she should have gone to the other arm earlier`,
  'err-rushed-finish': `
rushes the finish
in a hurry and loses the whole position
you dived on that before it was tight
goes too fast and falls off
he jumps on the arm without any control
too greedy on the submission
wants the tap so badly he forgets the control
falls back before the arm is his
jumps on it and loses the top
slow down, it was not locked
squeezes before it is in place
grabs the choke from too far away`,
  'err-armbar-head-free': `
no leg over the face so he sits up
leg is off the head in the armbar
you forgot the leg across the head
his head is free, he just comes up
nothing on the face and up he comes
leg slips off the head
the top leg is asleep in that armbar`,
  'err-armbar-hands-opened': `
opens his own hands in the armbar
lets the grip break right away
you let go of your hands, why
the defence opens and the arm is straight
lets his hands come apart
he gives the arm by opening the lock`,
  'err-kimura-overcommitted': `
falls in love with the kimura
holds on to the kimura and gets passed
you stayed on that wrist and lost everything else
stuck to that grip while the guy passes
hangs on to the wrist lock and loses the guard`,
  'err-triangle-holds-shin': `
just holds the shin, never gets the leg over
grabs his own foot and squeezes
you hold the shin and do not lock it
pulls on the shin and never locks
one hand on the shin for half a minute`,
  'err-armbar-hips-far': `
hips too far away in the armbar
there is daylight between her hips and his shoulder
you sat back without pulling yourself in
butt a mile from the shoulder
lots of room for him to turn there
there is a gap between the butt and the shoulder
sits too far from him on the arm
not under the shoulder with the hips
knees open and far away, the arm comes out`,
  'err-half-flat': `
flat on his back in half guard
both shoulders on the floor in half
you are lying flat, get on your side
she is pancaked in half guard
flat as a board under there
shoulders on the mat, both of them, from half
no underhook, flat, crossface on, nothing good
flat on the back with one leg
he is lying like a starfish in half guard
get up on your side in half guard`,
  'err-sweeps-to-free-hand': `
sweeps to the side where he can post
goes toward the free hand
you tip him to the arm that is not trapped
goes over the side where he has an arm to post
rolls into the open hand`,
  'err-half-top-hips-free': `
lets the bottom player keep the hips free in half
does not pin the hips from half guard on top
lets him get to his side in half
no crossface, the bottom man turns in`,
  'err-elbow-outside-shield': `
elbow on the wrong side of the knee
arm outside the shield and now it gets scooped
lets the elbow outside the knee`,
  'err-hooks-inner-leg': `
hooks the near leg instead of the far one
wrong leg for the roll`,
  'err-caught-foot-released': `
lets go of the hand that was fighting the foot lock
stops holding the foot and it tightens
you let go and gave him both hands`,
  'err-leg-exit-late': `
stays in the leg entanglement way too long
he hangs out there with his leg caught
you should be out of there already
sits in the ashi and looks at it
no urgency to get the leg out
waits in the leg lock until it is on
he looks around while the leg is being tied
should have pulled the leg out three moves ago
stays there with the foot in the armpit
sits still in the legs`,
  'err-one-foot-held': `
he only controls one of the feet
free foot is kicking him off
the second leg is not tied up`,
  'err-heel-too-early': `
goes for the heel before the knee is trapped
digs at the heel with no control of the leg
you grabbed the heel first and the knee slipped
rushes to the heel
grabs the heel right away and the leg slips
no knee control and already at the heel`,
  'err-no-knee-line': `
knee is not trapped at all
the knee line is free
her knee is already past his hips
you lost the knee, so there is no leg lock
no pinch on the knees
knee slips out, nothing left
the thigh is not squeezed
the knee is above the line so there is no lock`,
  'err-heel-shown': `
shows the heel
turns the foot out and there is the heel
you left your heel out for him
toes pointing away, heel wide open
rolls the wrong way and gives the heel
foot turned out, heel on a plate
spins out the wrong way and the heel is his
let me show him my heel, great`,
  'err-takes-the-bait-leg': `
takes the leg that was offered
bites on the leg and gets countered
grabs the leg he wanted him to grab`,
  'err-side-hips-high': `
hips way up in the air on top
his butt is up in side control
you float over her with space under your hips
there is daylight under him
high hips, she just puts the knee back in
butt up in the air in side control
hips float over the mat
there is a tunnel under him and the knee comes through
he holds from the side with his hips way up`,
  'err-side-on-knees': `
on both knees in side control with no weight
he is kneeling next to her
you rest on your knees not on her
no pressure at all from there
weight is on the mat instead of on him
knees on the floor and no weight on her
sits back on his knees in the pin
he is hovering, not pinning
a very light side control
pin without any chest pressure`,
  'err-both-arms-one-side': `
both arms on the same side of the head
no arm over there to stop the roll
he puts both hands over on the far side
hands on the same side, easy to roll`,
  'err-space-for-neck': `
gives the head room to move
no control of the head in the pin
the head is free so she turns in
you let the head go
she can look around and breathe
her head is free to turn
no crossface at all
nobody controls the head`,
  'err-underhook-slackens': `
underhook gets loose on top
his underhook is there but does nothing
lets the far arm breathe
lets the far elbow come back in
underhook on top is lazy`,
  'err-kob-tips-forward': `
falls forward over the knee
too far over on knee on belly
you lean over and she tips you off
his weight is over her head in knee on belly`,
  'err-frames-overextended': `
pushes with straight arms under the pin
arms locked out against the chest
you push him away like a bench press and the arm is there
frames way too far from the body
arms stretched under the pin, that is an armbar waiting
lifts him with straight arms
pushes the chest with both palms`,
  'err-flat-under-pin': `
flat on the back under side control
both shoulders pinned and not turning
you just lie there flat
he stays flat and takes the weight
does not get to a side
flattened out and staying there
lies there on both shoulder blades
he is flat under the pin and gets flatter
not even trying to get on the side
flat and square under all that weight
stuck on his back like a beetle`,
  'err-hand-crosses-over': `
reaches across with the far arm
arm goes over to the wrong side and gets trapped
you pushed across your own face
hand comes across and hello kimura
the far hand goes across her body
pushes across with the wrong arm
arm crosses the center and gets trapped`,
  'err-elbows-open': `
elbows are wide open under mount
his elbows float away from the ribs
you let your elbows come up
elbow is out by the ear
arms spread, knees climb right up
there is a huge gap under that elbow
under mount with the elbows out wide
armpits open, knees slide right up
elbows are at ear height
he lets the elbows get lifted off
arms up over his head under mount`,
  'err-bench-press': `
tries to push him off the mount
benching the guy
you push straight up with both hands
pushing on the chest from under mount, that is an armbar
pushes up like in the gym
trying to lift her off with the arms
bench presses from the bottom of mount
straight arms against the chest from underneath`,
  'err-few-bridges': `
one bridge and then he lies there
does not bridge enough
you tried to get out once and stopped
only moves every thirty seconds
only bridged once
bridges and then takes a rest
where is the second bridge`,
  'err-bridge-straight-up': `
bridges straight up instead of over the shoulder
the bridge goes nowhere, straight to the ceiling
no direction in that bridge
lifts the hips to the ceiling and comes back down
bridge without turning
goes straight up, needs to go over a shoulder`,
  'err-bridge-untrapped': `
bridges without trapping the arm
he can post so easily, nothing is trapped
you bridge and he puts his hand down
no arm, no leg, just a bump
bridges but the hand is free to post
you have to catch an arm before the bridge
nothing is held when he bridges so he bases out
bucks with no foot trapped`,
  'err-mount-no-base': `
no base in mount, feet together
sits up tall in mount and gets rolled
you had no post on that side
knees too close together up there
he sits upright and she dumps him
sits too upright in mount
feet crossed under her in the mount, bad idea
leans to one side and gets rolled off the mount
nothing wide about that mount`,
  'err-knee-behind-elbow': `
knees are down low behind the elbows
she lets the elbows get inside his knees
you sit on the hips and the elbows come down
sits down low by the hips and the elbows can work
mount is too low
knees do not come up to the armpits`,
  'err-mounts-over-elbow': `
steps over with the elbow still in the way
mounts onto the knee and elbow and lands in half
steps over into the elbow and gets half guard`,
  'err-first-hand-shallow': `
first hand is shallow in the collar
the grip is way too low for a choke
you only have four fingers by the chest
barely inside the collar, nothing there
choke with no depth
thumb is barely in
the collar hand has no depth
fingers in the lapel by the chest, that will not choke anyone
go deeper with the first hand`,
  'err-pressure-on-chin': `
choking the chin
forearm across the jaw, not the neck
it is on the face and never under
you are squeezing his teeth
over the chin
it is on the jaw
not under the chin, over it
he is squeezing the face and not the neck
arm across the mouth
chin is tucked and he keeps squeezing`,
  'err-too-high-on-turtle': `
rides too high over the turtle
weight is up by the head and he rolls off the front
you are leaning over her shoulders
leans out over the head on the turtle
so far forward that he falls over the front
slides off over the head`,
  'err-reaches-over-turtle': `
reaches over the top and gets rolled
arm goes over the back and she catches it
puts the arm over the far side and gets rolled`,
  'err-knee-first-hook': `
tries to put the knee in and not the foot
jams the knee between and there is no hook`,
  'err-hook-late': `
never fetches the second hook
hook comes in way too late
you had one hook for a minute, get the other one
only ever one hook
no second hook
the second foot never comes
still only one hook after all that time
get your other hook in
he never goes for the second hook
hook number two is missing`,
  'err-no-leg-for-the-roll': `
rolls without hooking the leg
no leg so the roll does nothing`,
  'err-headlock-on-knees': `
sits on the knees with the front headlock
just holds the head and kneels there
you hang on the head without going behind
stays kneeling in front with the neck
front headlock and no movement
he should go behind instead of sitting on that headlock`,
  'err-bellies-down': `
goes flat on the stomach
turns to the belly and gives the back
you rolled face down, worst thing you can do
belly to the mat and now it is choke time
flattens himself out on the belly
rolls onto the stomach with her on top
goes belly down and that is the back`,
  'err-turns-away': `
turns away and gives up the back
shows his back to get out
you turned your back on her
rolls to the knees the wrong way, back exposed
he gives his back instead of facing in
turning away from the pressure again
turns the wrong way, gives up the back
he turns out instead of in
rolls away from the crossface and shows the back
there is the back, he gave it to her
you cannot turn your back to get away from that
faces the wall instead of the guy`,
  'err-spins-into-headlock': `
sits out right into the headlock
comes up with the head low into the guillotine
comes up straight into the front headlock`,
  'err-grabs-leg-from-turtle': `
grabs the leg from turtle and stays there
hangs on to the leg with the back open
holds a leg from the turtle while she takes the back`,
  'err-elbows-open-turtle': `
turtle with open elbows
gap between elbow and knee and the hook slides in
you leave space for the hooks
loose turtle, holes everywhere
space by the hip in the turtle
his turtle has open doors
knees and elbows are not together`,
  'err-arm-left-behind': `
leaves an arm behind in the turtle
arm is out there posted far away
you put your hand out on the mat and he takes it
arm is posted out far from turtle
leaves the near arm hanging out
hand on the mat in turtle, there for the crucifix`,
  'err-back-grip-no-legs': `
goes for the neck with no hooks in
hands only, no legs on the back
choke before the hooks
you grabbed the choke and the legs were nowhere
squeezes the neck from behind without a hook
hands first and no feet
the legs are doing nothing back there`,
  'err-stops-at-chin': `
the arm stops at the chin and stays
he never gets under the chin
you left the hand on the jaw
cannot get past the chin and does not change anything
stuck on the chin
gets to the jaw and no further`,
  'err-choking-arm-peeled': `
gets the choking hand peeled right off
loses the choking arm
hand gets pulled off the neck
his choking hand is taken away`,
  'err-back-too-low': `
too low on the back
slipped down by the hips
you slide down her back
his head is below her shoulder, too low
falls off the back
slips below the belt line on the back
too far down, she just stands up
head next to the hip on the back
loses the back because she was too low`,
  'err-back-too-high': `
too high on the back
he rides over the shoulders and slides off the top
you climbed up too far and fell over the head
too far up the shoulders, slides over the head
rides so high that she shakes him off over the top`,
  'err-arm-not-trapped': `
both of her hands are free to fight
does not trap the arm on the back
two hands against one, he defends all day
leaves her both arms for the defence
never traps the hand with the leg`,
  'err-leaves-back-for-armbar': `
leaves the back for an armbar
gives up back control for nothing
you had the back and jumped off it
lost the back chasing the arm
had a perfectly good back and goes for an arm
drops off the back for the armbar`,
  'err-arm-dragged-behind': `
lets the arm get dragged across
arm gets pulled over and the back is there
arm goes past the body and he is behind`,
  'err-back-wrong-way': `
escapes the back to the wrong side
turns into the choking arm
you slide to the side of the choke
slides to the wrong side with the choke there
he is going to the choking side`,
  'err-rises-on-elbow': `
gets up on the elbow with the guy on the back
lifts up instead of putting the back to the mat
props himself up with a guy on his back`,
  'err-hands-leave-neck': `
takes the hands off the neck
he fights the legs and leaves the neck open
you let go of the choking hand to fight the hook
nobody is protecting the neck
hands down, neck open
no hands on the choke
goes for the hooks with both hands and forgets the choke
no hand at the neck
hands are busy with the feet
who is guarding the neck
leaves the neck and plays with the body triangle`,
  'err-one-escape-opens-next': `
gets out of one and straight into the next
escapes the armbar into the triangle
frees the neck and gives the arm
out of the frying pan
gets the arm back and gives the neck
saves the pass and gets choked for it`,
  'err-guillotine-sits-straight': `
falls straight back on the guillotine
sits down with no angle and no guard
you jumped back and gave up top position for that
guillotine goes over the wrong side
jumps the guillotine and lands flat
falls back with no legs around
gives up the top for a guillotine that was not there`,
  'err-clock-ignored': `
ten seconds left and he does nothing
does not know the time
you are behind with a minute to go and you rest
nobody is looking at the clock
stalls while losing
no hurry at all and he is behind
she is two down and she is holding guard
thirty seconds left and he rests
does he even know the score`,
  'err-fast-leg-lock': `
cranks the heel hook way too fast
rips it in training
too much speed on that leg lock
you do not throw that on like that in the gym
that came on much too fast
he twists the heel hard, that is not for training`,
  'err-yanks-turtle-back': `
yanks him backwards on top of himself
pulls her straight back out of the turtle
pulls him onto himself from the turtle
tries to drag her backwards by the waist`,
  'err-cranks-chin': `
cranks the face
just grinding across the jaw
pulls on the chin, that is a crank
pulls on the face instead of going under
ripping at the jaw`,
  'err-taps-late': `
taps way too late
waits until it pops
you have to tap to that earlier
he is going to lose an arm like that
should have tapped before
waits way too long with the tap`,
  'err-plays-past-the-edge': `
keeps going out of bounds
fighting off the mat by the wall
you go on playing next to the other pair
they are off the mats and still going
next to the wall and nobody stops`,
  '': `
nothing on the other hand
no frames at all
head is all the way down
where are the hands
what is that arm doing
his head is too low
her neck is wide open
your foot is doing nothing over there
there is so much space there
that gap is huge
way too much room
he lets her up
just gives it away
he hands that over
and gets caught sleeping
she is late again
again with the head down
same mistake as before
same thing as last time
exactly what we talked about
look where the elbow is
look at that knee, way out
look how far away he is
not what you want there
that is the wrong hand
wrong side
wrong grip for that
wrong leg
holds his breath
muscling it
all arms
all strength and no technique
trying to force it
pulls with the arms only
no legs in it
hips do not move at all
the hips are dead
feet are dead
he forgot the far hand
nothing is holding the leg
the shin is just sitting there
no weight on it
he is resting on her
you gave me that
i just let him
i should not be here
i am way too slow here
i have no idea what i am doing there
my hand is in the wrong place
i reach and i pay for it
she pays for that
and that costs him
that is how you get passed
that is how you get choked
this is why he gets swept
this is where it goes wrong
here is the problem
that is the moment he loses it
and there is the mistake
he stopped moving
stops halfway
does not finish it
never finishes the movement
gives up the inside position
lets him inside
leaves the inside open
lets her have the inside
he could not care less about the grip
no reaction
no reaction to that at all
no follow up
no pressure
no grips and no plan
too comfortable there
way too relaxed
panics a bit
panicking and pushing
tries to bench press out
explodes for no reason
he is stuck because he never moved the hip
goes back to the same thing
looks at the coach instead of the hands
hangs out in a bad spot
asking for trouble
that is dangerous
he is playing with fire
stays there too long
you cannot sit there
you cannot leave that there
do not put the hand there
you are reaching again
you never want that
the grip is only on two fingers
the arm is too straight
the leg is too far away
chin up
chin is up and it is an invitation
wide open
sloppy
a bit lazy
a little bit lazy with the feet
kind of half hearted
not tight enough
not deep enough
not committed
doubts himself and stops
hesitates and it is gone
he waits and the window closes
lets the moment go
too slow to turn
slow to react
flat footed
off balance
falls over his own feet
bites on the fake
gets greedy
gets impatient
overreaches
overcommits to that side
puts all his weight on one side
crosses his feet
crosses the feet on the back
ankles crossed
carries his weight too high
lets the head get pulled down
breaks his own posture
ends up underneath for nothing
does the work for her
makes it easy for her
no hips
no head control
no control of the far side
there is no frame
there is no grip
there is no base
there is no post
nothing there
nothing on that side
nobody holds that leg
his left hand is asleep
the hand is sleeping
the free hand does nothing
leaves that open
leaves the door open
leaves the near side open
leaves everything open
the neck is there
neck out
the back is exposed
the back is right there for him
arms too far out
hands too low
hips too high
knees too far apart
head too far forward
weight too far back
weight is on the wrong leg
not enough weight
not enough pressure
not enough angle
not looking at the hands
no urgency
zero urgency
zero control
too eager
too passive
too stiff
too tense
too upright
too narrow there
too square there
he just holds on
he just waits
just hanging on
just lying there
just sits in it
just pushes
just lets it happen
only uses the arms
only defends
only looks at the one side
again he leaves the arm
again no frame
again the same thing
again flat
again he is late
still no hook
still flat on his back
still holding that
still has not moved
still on the knees
stays square
stays low
stays flat
stays in front of her
stays on the outside
goes too early
goes too late
goes the wrong way
goes straight back
goes down way too easily
lets go
lets go of everything
lets go too soon
lets her turn
lets her breathe
lets him have it
lets him walk by
lets him get up
lets himself get stacked
lets himself get pulled forward
gives her the angle
gives her the time
gives her the arm
gives up the position
gives up the top
gives up the mount for it
gives up the sleeve
loses the grip
loses the angle
loses the position
loses the balance
loses the mount
loses track of the leg
forgets about the leg
forgets the head
forgets to close the elbow
forgets to pinch the knees
forgets the arm
ignores the underhook
never looks up
never moves his feet
never gets the second grip
never gets off the flat back
never frames
never controls the wrist
did not need to do that
did not finish
did not hold it
does not hold the position
does not follow
does not close the distance
does not turn the corner
does not clear the knee
does not lift the head
does not keep the elbow
does not move
i do nothing
i fell asleep here
i waited too long
i should not push there
my elbow is out
my head is down
my bad
my fault
that was on me
stupid of me
you left the arm there
you are flat
you are late
you stopped
you are holding your breath
your elbow
your head is too low
your hips are too far away
your feet are not doing anything
your weight is all wrong
what are you waiting for
what is he doing with that hand
why would you turn that way
why so high
where is your hook
where are your feet
where is the other hand
and she is punished for it
and it costs her
and of course he takes it
and of course she gets the knee in
which lets her back in
which opens the neck
so that hand is not helping anybody
so now he is stuck
so he has to start over
that is too slow
that is a bad angle
that is a bad habit
that is not where you want to be
that is never going to work
that is how you lose an arm
that is how you give up the back
that is asking to be swept
that leg is in the way
that elbow has to come in
that arm should not be there
the elbow is way out
the elbow is not home
the head is on the wrong side
the foot is too low
the foot is dangling
the knee is too far
the hips are up
the hips are gone
the frame collapses
the posture is broken
the post is gone
the timing is off
the distance is wrong
the grip is useless
the order is wrong
the weight is nowhere
he is pushing with his hands
he is reaching
he is crossing his arms
he is holding the wrong thing
he is resting on his elbows
he is not there yet and he squeezes
he is fighting the wrong problem
he is fighting the hand and not the leg
she fights the wrong grip
she chases the arm
she is staring at it
she bails out
she backs away
she gets stuck behind the knee
she turns her head the wrong way
she looks away
both of them stop working`,
};
