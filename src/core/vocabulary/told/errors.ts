/**
 * How people who talk over a round tell of faults, a sentence a line, by error id; `''` stands for faults that no entry names. From these the reader learns which
 * words tell of what: see `../../commentary/likeness`. @source common practice, written down by the makers
 */
export const toldErrors: Readonly<Record<string, string>> = {
  'err-hands-hover': `
his hands are just waving around in front and never touch anything
she paws at the collar but never closes the hand
you keep reaching and letting go again
hands up there doing nothing
fingers brushing the sleeve and no grip ever`,
  'err-even-tie-kept': `
they both just hang on each other's neck and nothing happens
same tie for both and he is happy to stay in it
you stand in that equal clinch for far too long
leaning on each other, nobody is winning that`,
  'err-shot-through-tie': `
shoots while she still has his head
he dives in with her hand still on his neck
you went for the leg without clearing the tie first
she shoots right into the collar tie`,
  'err-entry-neck-out': `
head down on the way in, neck right there
his head is on the wrong side of the shot and the neck sticks out
you came in with your head hanging
looks at the floor as he shoots
shoots with the chin out like that he gets choked`,
  'err-throw-without-reaction': `
turns in for the throw and she is not even off balance
he throws himself at it with no pull first
no kuzushi at all, just turns his back
you went in cold, nothing before it`,
  'err-entry-off-base': `
shoots from way too far out
he is already falling when he reaches the legs
dives at the legs from a mile away
you are off balance before you get there
lunges in with the feet left behind`,
  'err-level-change-outgripped': `
she has all the grips and he still shoots
you change levels with her owning your sleeves
goes for the legs while losing the grip fight`,
  'err-reach-rounded-back': `
bends over at the waist to reach for it
back all rounded, reaching down for the legs
you are bent in half up there
reaches for the pants with a hunched back`,
  'err-seated-waiting': `
sits there and waits for him to come
she is just sitting on her butt with no grips
you sat and watched
nothing on the sleeves, nothing on the feet, just sitting there
waiting on the bottom with no connection at all`,
  'err-wasted-motion': `
lots of moving for nothing
bouncing around and burning energy
he does three things there and none of them does anything
all that work and you are in the same spot
spinning the wheels here`,
  'err-knee-turned-out': `
his knee is pointing out so the hook gets in
knee turned outside, there goes the lead leg
you let your knee open and he hooks it`,
  'err-backs-out-when-caught': `
pulls straight back out once the leg is tied up
he tries to just yank the leg out backwards
you back up and the hook gets deeper
steps away instead of dealing with the hook`,
  'err-chest-before-hips': `
dives on the chest and the hips are still free
he goes for the head before the legs are dealt with
you laid on her and her hips could still move
chest goes down before the hips are controlled`,
  'err-knees-released': `
lets go of the knees too soon
he had the legs and let them go
you released the pants before you were past
drops the knees and the guard comes straight back`,
  'err-double-overhooks': `
both arms over the top, that gives up both underhooks
she has overhooks on both sides and gets lifted
you wrapped over both arms there`,
  'err-underhook-uncontested': `
lets her have the underhook for free
no fight for the underhook at all
he does not even contest the underhook
she just gets the arm under and you watch it
where is the whizzer
why is nobody fighting that underhook`,
  'err-sweep-refused-for-back': `
fights the sweep so hard that the back is gone
gives up the back to not get swept
you would rather give your back than two points`,
  'err-one-of-two-controlled': `
he only has one leg, the other one is free
controls one knee and forgets the other
you hold one foot and she kicks you with the second
the far leg is doing whatever it wants`,
  'err-head-over-line': `
head goes too far over to the other side
he puts his head past the center line and gets tipped
you leaned your head right over her hip`,
  'err-walks-on-knees': `
tries to pass on both knees
walking around on his knees in her guard
get up off your knees
he is shuffling on the knees and cannot move`,
  'err-hook-not-cleared': `
he never clears the hook
hook is still in there and he goes anyway
you forgot about the hook on the far side
tries to walk past with the foot still hooked
that hook behind the knee, nobody deals with it`,
  'err-no-passing-chain': `
one pass, it fails, and then nothing
he tries the same pass over and over
you stop after the first try
it gets blocked and he just resets
no second attack after the first one`,
  'err-accepts-the-fall': `
he just lets himself fall over
once the balance goes she gives up on it
you accept the sweep there, no post, nothing
goes over without a fight
falls like a tree`,
  'err-grip-formed-unanswered': `
she gets the grip and he does nothing about it
lets her sit on that sleeve grip forever
you left that collar grip on for a minute
never strips the grip
both sleeves and he does not even try to break them
those grips have been there since the start`,
  'err-good-grip-lost': `
had a great grip and let it go
lets go of the collar for no reason
you gave up the best grip you had
the hand comes off the belt and that was the whole pass
he opens his hand at the worst moment`,
  'err-step-over-without-hips': `
steps over with no control of the hips
he jumps to mount and the hips are loose
you stepped over too early and she turned`,
  'err-no-hip-lock': `
the hips are free the whole time
nothing holds her hips down there
you never pinned the hip
no control of the hips so she just turns back in`,
  'err-leg-in-range': `
leaves his leg right there for her
stands with the lead leg way too close
you put your foot where she can grab it
hands her an ankle for free
leg hanging out there to be hooked`,
  'err-upper-body-first': `
grabs the collar before doing anything with the legs
he is busy up top while her legs do what they want
you went for the head and ignored the feet`,
  'err-stands-bent': `
stands up with the head down
bent over in the guard, of course she breaks it
posture is gone as he stands
you stood up like a question mark
folded at the waist in there`,
  'err-knee-loaded-on-hook': `
sits his weight right on the hook
he loads the knee on her butterfly hook
you gave her all your weight to lift`,
  'err-posts-both-hands': `
both hands on the mat
he puts his hands down on the floor in her guard
you posted with two hands, nothing left to fight with
hands on the mat, she takes whatever she likes`,
  'err-square-stance': `
feet are square
standing with both feet level in front of her
you are flat footed and square, anybody sweeps that
feet together like that he tips over
no stagger in the stance`,
  'err-shoulders-past-hips': `
leans way too far forward
his shoulders are out over his knees
you are leaning in and she pulls you right down
weight all the way forward, easy to sweep
nose over the toes`,
  'err-heels-lifted': `
up on the toes in the guard
heels off his butt, no base
you rise up off your heels and get bumped`,
  'err-late-to-legs': `
reacts late when the legs come up
legs are already around the neck before he moves
you saw the legs climb and did nothing
too slow to get the arm back in`,
  'err-arm-offered-in-guard': `
leaves an arm inside like a gift
one arm in and one arm out
hand on the mat next to her hip, that is an armbar
he puts the elbow across the middle
you reached into the guard with a straight arm
arm is just hanging there for the taking
straight arms in the closed guard`,
  'err-no-stand-answer': `
he stands up and she has nothing for it
no reaction when the guy gets to his feet
you just held on as he stood
does not grab the ankles when he stands`,
  'err-bump-too-small': `
the hips barely come up on that
bump without any hip in it
you need way more lift there
tiny little bump that moves nobody`,
  'err-attacks-from-low-hips': `
hips glued to the mat on the attack
she tries the armbar flat on her back
you have to lift the hips first
butt on the floor the whole time`,
  'err-guard-opened-without-plan': `
opens the legs for no reason
he just unlocks his feet and has nothing
you opened your guard and then thought about it
lets the legs go with no grips anywhere`,
  'err-shoulder-dropped': `
drops the shoulder to the mat
shoulder down on one side and the guard player sees it
you dipped your shoulder and got rolled`,
  'err-ankle-held-by-hand': `
holds the ankle instead of using the hook
grips the foot with the hand and has no hooks`,
  'err-foot-lock-loose': `
the foot lock is loose
no squeeze on the ankle, the foot slides out
you can fit a hand in there
forearm too high up the calf, nothing on it
he has the ankle but no bite`,
  'err-lets-top-settle': `
lets him settle his weight
gives the top guy all the time to get comfortable
you let her consolidate
does not move until the pin is finished
waits until the crossface is already in
he gets to rest there and build his position`,
  'err-wrong-side-come-up': `
comes up on the wrong side
he gets up into the side where the weight is
you came up toward the whizzer`,
  'err-slack-come-up': `
comes up but the arm is loose
no pull as she gets up
you let the grip go slack on the way up
stands up with nothing tight`,
  'err-frame-elbow-out': `
frame with the elbow flared out
the elbow points to the side so the frame folds
you framed with a chicken wing
that frame has no bone behind it`,
  'err-underhook-before-frame': `
digs for the underhook with no frame
reaches for the underhook and eats the crossface
you went under before you made room`,
  'err-retention-given-up': `
gives up on the guard
stops moving the hips as soon as the knee gets through
you quit on the guard there
legs just go dead and he walks past
lets him by without a fight
lies down and accepts the pass
he waves him through`,
  'err-hook-too-low': `
hook is down by the ankle, way too low
the foot sits too low on the leg to lift anything
you hooked the shin and it slides off`,
  'err-underhook-given-in-guard': `
gives the underhook from the bottom
lets him swim under the arm in half
you handed over the far underhook and got flattened
arm gets scooped and now the back is flat`,
  'err-inverts-into-block': `
goes upside down right into the shin
inverts with no space and gets stuck on the neck
you spun under and he was waiting`,
  'err-one-side-only': `
always to the same side
he only ever goes left
you have one direction and everybody knows it
every single attack goes to that side`,
  'err-clings-to-ankle': `
hangs on to the ankle and gets dragged around
she will not let go of that foot
you hold the foot and he passes around it`,
  'err-sweep-grip-dropped': `
lets go of the sleeve in the middle of the sweep
drops the grip and he posts
you released the arm and so he had a hand to base on
she had him going and then lets the sleeve go`,
  'err-block-late': `
the block comes too late
he frames after the pass is already done
you put the hand on the hip when she was past already
late with the knee`,
  'err-triangle-waits': `
sits in the triangle and waits
holds the triangle without doing anything
you locked it and then just stayed there
she lets him recover inside the triangle`,
  'err-squeezes-before-angle': `
squeezes straight on with no angle
he is right in front and squeezing for his life
you need to cut the angle before you squeeze
pulling on the head without turning the hips`,
  'err-locks-on-toes': `
locks over the toes instead of the ankle
the figure four is on the foot
you crossed at your toes, that hurts you more`,
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
starfish`,
  'err-late-switch': `
switches too late to the other attack
the armbar was there and she stayed on the choke
you hold on to the first one until he is out
by the time he changes it is gone`,
  'err-rushed-finish': `
rushes the finish
in a hurry and loses the whole position
you dived on that before it was tight
goes too fast and falls off
he jumps on the arm without any control
too greedy on the submission`,
  'err-armbar-head-free': `
no leg over the face so he sits up
leg is off the head in the armbar
you forgot the leg across the head
his head is free, he just comes up`,
  'err-armbar-hands-opened': `
opens his own hands in the armbar
lets the grip break right away
you let go of your hands, why
the defence opens and the arm is straight`,
  'err-kimura-overcommitted': `
falls in love with the kimura
holds on to the kimura and gets passed
you stayed on that wrist and lost everything else`,
  'err-triangle-holds-shin': `
just holds the shin, never gets the leg over
grabs his own foot and squeezes
you hold the shin and do not lock it`,
  'err-armbar-hips-far': `
hips too far away in the armbar
there is daylight between her hips and his shoulder
you sat back without pulling yourself in
butt a mile from the shoulder
lots of room for him to turn there`,
  'err-half-flat': `
flat on his back in half guard
both shoulders on the floor in half
you are lying flat, get on your side
she is pancaked in half guard
flat as a board under there`,
  'err-sweeps-to-free-hand': `
sweeps to the side where he can post
goes toward the free hand
you tip him to the arm that is not trapped`,
  'err-half-top-hips-free': `
lets the bottom player keep the hips free in half
does not pin the hips from half guard on top`,
  'err-elbow-outside-shield': `
elbow on the wrong side of the knee
arm outside the shield and now it gets scooped`,
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
no urgency to get the leg out`,
  'err-one-foot-held': `
he only controls one of the feet
free foot is kicking him off
the second leg is not tied up`,
  'err-heel-too-early': `
goes for the heel before the knee is trapped
digs at the heel with no control of the leg
you grabbed the heel first and the knee slipped
rushes to the heel`,
  'err-no-knee-line': `
knee is not trapped at all
the knee line is free
her knee is already past his hips
you lost the knee, so there is no leg lock
no pinch on the knees`,
  'err-heel-shown': `
shows the heel
turns the foot out and there is the heel
you left your heel out for him
toes pointing away, heel wide open
rolls the wrong way and gives the heel`,
  'err-takes-the-bait-leg': `
takes the leg that was offered
bites on the leg and gets countered`,
  'err-side-hips-high': `
hips way up in the air on top
his butt is up in side control
you float over her with space under your hips
there is daylight under him
high hips, she just puts the knee back in`,
  'err-side-on-knees': `
on both knees in side control with no weight
he is kneeling next to her
you rest on your knees not on her
no pressure at all from there
weight is on the mat instead of on him`,
  'err-both-arms-one-side': `
both arms on the same side of the head
no arm over there to stop the roll
he puts both hands over on the far side`,
  'err-space-for-neck': `
gives the head room to move
no control of the head in the pin
the head is free so she turns in
you let the head go`,
  'err-underhook-slackens': `
underhook gets loose on top
his underhook is there but does nothing
lets the far arm breathe`,
  'err-kob-tips-forward': `
falls forward over the knee
too far over on knee on belly
you lean over and she tips you off`,
  'err-frames-overextended': `
pushes with straight arms under the pin
arms locked out against the chest
you push him away like a bench press and the arm is there
frames way too far from the body`,
  'err-flat-under-pin': `
flat on the back under side control
both shoulders pinned and not turning
you just lie there flat
he stays flat and takes the weight
does not get to a side
flattened out and staying there`,
  'err-hand-crosses-over': `
reaches across with the far arm
arm goes over to the wrong side and gets trapped
you pushed across your own face
hand comes across and hello kimura`,
  'err-elbows-open': `
elbows are wide open under mount
his elbows float away from the ribs
you let your elbows come up
elbow is out by the ear
arms spread, knees climb right up
there is a huge gap under that elbow`,
  'err-bench-press': `
tries to push him off the mount
benching the guy
you push straight up with both hands
pushing on the chest from under mount, that is an armbar`,
  'err-few-bridges': `
one bridge and then he lies there
does not bridge enough
you tried to get out once and stopped
only moves every thirty seconds`,
  'err-bridge-straight-up': `
bridges straight up instead of over the shoulder
the bridge goes nowhere, straight to the ceiling
no direction in that bridge`,
  'err-bridge-untrapped': `
bridges without trapping the arm
he can post so easily, nothing is trapped
you bridge and he puts his hand down
no arm, no leg, just a bump`,
  'err-mount-no-base': `
no base in mount, feet together
sits up tall in mount and gets rolled
you had no post on that side
knees too close together up there
he sits upright and she dumps him`,
  'err-knee-behind-elbow': `
knees are down low behind the elbows
she lets the elbows get inside his knees
you sit on the hips and the elbows come down`,
  'err-mounts-over-elbow': `
steps over with the elbow still in the way
mounts onto the knee and elbow and lands in half`,
  'err-first-hand-shallow': `
first hand is shallow in the collar
the grip is way too low for a choke
you only have four fingers by the chest
barely inside the collar, nothing there
choke with no depth`,
  'err-pressure-on-chin': `
choking the chin
forearm across the jaw, not the neck
it is on the face and never under
you are squeezing his teeth
over the chin`,
  'err-too-high-on-turtle': `
rides too high over the turtle
weight is up by the head and he rolls off the front
you are leaning over her shoulders`,
  'err-reaches-over-turtle': `
reaches over the top and gets rolled
arm goes over the back and she catches it`,
  'err-knee-first-hook': `
tries to put the knee in and not the foot
jams the knee between and there is no hook`,
  'err-hook-late': `
never fetches the second hook
hook comes in way too late
you had one hook for a minute, get the other one
only ever one hook
no second hook`,
  'err-no-leg-for-the-roll': `
rolls without hooking the leg
no leg so the roll does nothing`,
  'err-headlock-on-knees': `
sits on the knees with the front headlock
just holds the head and kneels there
you hang on the head without going behind`,
  'err-bellies-down': `
goes flat on the stomach
turns to the belly and gives the back
you rolled face down, worst thing you can do
belly to the mat and now it is choke time`,
  'err-turns-away': `
turns away and gives up the back
shows his back to get out
you turned your back on her
rolls to the knees the wrong way, back exposed
he gives his back instead of facing in
turning away from the pressure again`,
  'err-spins-into-headlock': `
sits out right into the headlock
comes up with the head low into the guillotine`,
  'err-grabs-leg-from-turtle': `
grabs the leg from turtle and stays there
hangs on to the leg with the back open`,
  'err-elbows-open-turtle': `
turtle with open elbows
gap between elbow and knee and the hook slides in
you leave space for the hooks
loose turtle, holes everywhere`,
  'err-arm-left-behind': `
leaves an arm behind in the turtle
arm is out there posted far away
you put your hand out on the mat and he takes it`,
  'err-back-grip-no-legs': `
goes for the neck with no hooks in
hands only, no legs on the back
choke before the hooks
you grabbed the choke and the legs were nowhere`,
  'err-stops-at-chin': `
the arm stops at the chin and stays
he never gets under the chin
you left the hand on the jaw
cannot get past the chin and does not change anything`,
  'err-choking-arm-peeled': `
gets the choking hand peeled right off
loses the choking arm`,
  'err-back-too-low': `
too low on the back
slipped down by the hips
you slide down her back
his head is below her shoulder, too low
falls off the back`,
  'err-back-too-high': `
too high on the back
he rides over the shoulders and slides off the top
you climbed up too far and fell over the head`,
  'err-arm-not-trapped': `
both of her hands are free to fight
does not trap the arm on the back
two hands against one, he defends all day`,
  'err-leaves-back-for-armbar': `
leaves the back for an armbar
gives up back control for nothing
you had the back and jumped off it
lost the back chasing the arm`,
  'err-arm-dragged-behind': `
lets the arm get dragged across
arm gets pulled over and the back is there`,
  'err-back-wrong-way': `
escapes the back to the wrong side
turns into the choking arm
you slide to the side of the choke`,
  'err-rises-on-elbow': `
gets up on the elbow with the guy on the back
lifts up instead of putting the back to the mat`,
  'err-hands-leave-neck': `
takes the hands off the neck
he fights the legs and leaves the neck open
you let go of the choking hand to fight the hook
nobody is protecting the neck
hands down, neck open
no hands on the choke`,
  'err-one-escape-opens-next': `
gets out of one and straight into the next
escapes the armbar into the triangle
frees the neck and gives the arm
out of the frying pan`,
  'err-guillotine-sits-straight': `
falls straight back on the guillotine
sits down with no angle and no guard
you jumped back and gave up top position for that
guillotine goes over the wrong side`,
  'err-clock-ignored': `
ten seconds left and he does nothing
does not know the time
you are behind with a minute to go and you rest
nobody is looking at the clock
stalls while losing`,
  'err-fast-leg-lock': `
cranks the heel hook way too fast
rips it in training
too much speed on that leg lock
you do not throw that on like that in the gym`,
  'err-yanks-turtle-back': `
yanks him backwards on top of himself
pulls her straight back out of the turtle`,
  'err-cranks-chin': `
cranks the face
just grinding across the jaw
pulls on the chin, that is a crank`,
  'err-taps-late': `
taps way too late
waits until it pops
you have to tap to that earlier
he is going to lose an arm like that`,
  'err-plays-past-the-edge': `
keeps going out of bounds
fighting off the mat by the wall
you go on playing next to the other pair`,
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
makes it easy for her`,
};
