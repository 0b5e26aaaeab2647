/** How people who talk over a round tell of what is done well, a sentence a line, by strength id; `''` where no entry names it. @source common practice, written down by the makers */
export const toldStrengths: Readonly<Record<string, string>> = {
  'good-one-straight-grip': `
gets his grip right away
first grip goes straight to the collar, no playing around
one clean grip and goes`,
  'good-wins-the-grip-fight': `
wins the grip fight
strips it and gets his own
she breaks every grip he gets
good hand fighting`,
  'good-feint-then-real': `
fakes one side and goes the other way
nice fake before the shot
shows him the high and goes low`,
  'good-changes-direction': `
changes direction right away
goes one way, gets stopped, goes back the other way
good switch of sides`,
  'good-sprawl-with-weight': `
heavy sprawl
good hips on that shot
gets the hips down and puts all the weight on her`,
  'good-off-balance-first': `
gets him off balance first
pulls and then goes, that is the right order
makes her step and then attacks`,
  'good-blocks-posting-hand': `
takes the posting hand away
he has nothing to post with because she kept the arm
traps the hand so he cannot base`,
  'good-head-as-frame': `
uses the head like a third arm
head in the chest, great position
good head position
head in the right place`,
  'good-legs-before-collar': `
deals with the legs first
pins the knees and only then goes to the upper body`,
  'good-goes-to-next-pass': `
blocked so he goes straight to the next one
chains the passes together
does not stop after the first, goes right into the second
knee cut, leg drag, knee cut, that is a chain`,
  'good-refuses-the-grip': `
does not let her get the grip
keeps his sleeves away
clears the hand right away
pulls his arm free before it is closed`,
  'good-backsteps-out': `
steps back out of the hook nicely
clean back step to get the leg out`,
  'good-links-elbow-shoulder': `
keeps the elbow tight to the body in the guard
elbows in, hard to attack`,
  'good-posture-in-guard': `
good posture in the guard
sits up tall with the back straight
nice and upright, she cannot break him down
does not let her pull him down`,
  'good-stacks-and-opens': `
stacks him and opens the legs
puts the weight on the neck and gets the guard open`,
  'good-weight-on-the-seat': `
keeps his weight back on the heels
hips low and heavy
sits low in the base`,
  'good-underhook-won': `
wins the underhook
fights for the underhook and gets it
great underhook, deep and high
digs it in and gets on her side`,
  'good-head-frees-the-foot': `
uses the head to free the foot
drives the head in to get the leg out`,
  'good-isolates-elbow-first': `
gets the elbow up before anything else
isolates the arm first
peels the elbow away from the body`,
  'good-hips-close-in-pin': `
hips tight against her
no space at all in that pin
chest heavy and hips low
really tight on top
great pressure from the side`,
  'good-pin-on-toes': `
up on the toes and driving
on his toes so all the weight is on her
heavy crossface, on the toes`,
  'good-control-while-attacking': `
keeps the control while attacking
never gives up position for the submission
holds everything tight as he attacks`,
  'good-holds-mount': `
rides the bridge well
stays on top through all of that
great balance in mount
he bucks and she just stays there
keeps the mount`,
  'good-hands-in-middle': `
hands in the middle and elbows tight
keeps the arms close to the chest`,
  'good-small-bump-big-shrimp': `
bump then a big shrimp
makes space with the bridge and then the hips go out
good hip movement to get out`,
  'good-bridges-over-shoulder': `
bridges over the shoulder
great bridge, right over the trapped arm`,
  'good-stays-on-side': `
stays on the side
never lets himself be flattened
gets to the hip right away
turns to his side under the pin`,
  'good-frame-inside': `
gets the frame in
frames before the weight comes down
forearm on the neck and hand on the hip, textbook
good frames
nice frame on the hip
elbow inside, good frame`,
  'good-feet-inside': `
keeps the feet inside
foot back on the hip every time
knee gets back in between
good guard retention
the legs are always in the way
keeps putting a foot in front
great legs`,
  'good-keeps-them-moving': `
never lets him settle
keeps off balancing her
constantly moving his weight around
makes him post again and again`,
  'good-feels-the-gap': `
feels the space and goes
takes the moment when the weight is gone
waits for it and then goes
great timing`,
  'good-keeps-the-sweep-grip': `
keeps the sleeve until the end of the sweep
holds the grip and comes up on top
never lets go of the collar on the way up`,
  'good-angle-before-lock': `
cuts the angle first
turns the hips before he squeezes
gets the angle and then locks
swings out to the side for the finish`,
  'good-switches-in-time': `
goes from the armbar to the triangle
switches attacks before it is gone
one attack into the next one
loses the choke and takes the arm right away`,
  'good-knee-line-held': `
keeps the knee trapped
knees pinched tight
does not let the knee slip
controls the leg really well`,
  'good-knee-out-first': `
gets the knee out first
frees the knee line right away
knee out before worrying about the foot`,
  'good-heel-hidden': `
hides the heel
keeps the toes pointed and the heel away
knows where his heel is`,
  'good-foot-first-hook': `
gets the hook in right away
foot in first, nice hook
slides the hook in as he turns`,
  'good-stays-on-back': `
stays glued to the back
follows him all the way around
chest stuck to the back the whole time
rides it through the roll
never loses the back`,
  'good-two-hands-one-arm': `
two hands on the choking arm
fights the one hand with both of his
controls the wrist with two hands`,
  'good-strips-at-the-thumb': `
breaks the grip at the thumb
peels the hand off with two on one`,
  'good-back-to-mat': `
gets the back down to the mat
slides the shoulders to the floor on the right side`,
  'good-closed-turtle': `
tight turtle
elbows to the knees, nothing to get
all closed up`,
  'good-faces-in': `
turns in to face
always turns toward him
faces the right way
does not turn away`,
  'good-calm-under-pressure': `
stays calm
very patient under there
does not panic
breathes and waits for it
cool as anything
relaxed in a bad place`,
  'good-economy': `
no wasted movement
does it with so little effort
makes it look easy`,
  'good-keeps-trying': `
keeps at it
does not give up
tries again right away
keeps working
third time and he gets it
stubborn in a good way`,
  'good-reads-the-clock': `
knows how much time is left
slows it down with the lead
holds it for the points`,
  'good-lets-partner-work': `
lets the smaller one work
gives her room to try things
nice of him to let her play
easy on the white belt`,
  'good-slow-finish': `
puts it on slowly
nice and slow with the lock
takes care of the arm
controlled finish`,
  'good-taps-in-time': `
taps early
taps before it hurts, that is smart
good tap`,
  'good-stops-at-the-edge': `
stops at the edge
stops before they hit the wall`,
  'good-spares-and-says': `
lets go and tells him
says that his knee is bad and goes light`,
  'good-hand-on-hip': `
hand on the hip keeps her there
pins the hip with the hand`,
  'good-posture-on-straight-arms': `
straight arms on the belly, good posture
long arms and a straight back`,
  'good-base': `
great base
widens the base just in time
posts out and stays up
will not go over
you cannot move him
rock solid`,
  'good-turns-with-the-pressure': `
goes with it instead of against it
turns with the pressure and saves the arm`,
  'good-traps-the-arm': `
traps the arm first
gets the arm out of the way with the leg
arm is trapped under the leg, beautiful`,
  '': `
that is nice
that is really nice
oh i like that
i really like this
love that
so good
very smart
very clean
nice work with the feet
good use of the hips
good job with the hand
great pressure
great patience
good decision
good choice
good thinking
good reaction
good recovery
great move
look how tight that is
look how calm she is
look at the hips there, perfect
see how he keeps the elbow in
that is exactly what we practised
exactly what we drilled
finally does what we have been working on
this is much better than last week
he remembered
you remembered the hand
you did that right
that is what i want to see
this is how you do it
textbook
beautiful
pretty slick
smooth
perfect timing
well timed
well defended
nicely done
strong grips
strong on top
does that really well
handles that well
he is so hard to hold down
she makes him carry all the weight
smart to take the easy points
happy with that
i was proud of this one
that was my best moment
credit to her
fair play
respect for that
nobody gets out of that
that is tight
tight as a drum
very heavy
makes him work for it
no panic at all
right answer
right idea
good idea
the right thing to do
good instinct
did his homework`,
};
