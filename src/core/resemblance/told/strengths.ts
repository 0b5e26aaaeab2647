/** How people who talk over a round tell of what is done well, a sentence a line, by strength id; `''` where no entry names it. @source common practice, written down by the makers */
export const toldStrengths: Readonly<Record<string, string>> = {
  'good-one-straight-grip': `
gets his grip right away
first grip goes straight to the collar, no playing around
one clean grip and goes
takes the grip on the first try
hand goes right to where it has to be`,
  'good-wins-the-grip-fight': `
wins the grip fight
strips it and gets his own
she breaks every grip he gets
good hand fighting
grip by grip he takes over
gets his hands on first and hers off
she cannot get a hand on him
his grips, not hers`,
  'good-feint-then-real': `
fakes one side and goes the other way
nice fake before the shot
shows him the high and goes low
sells the fake and gets the reaction
threatens the sweep to get the arm
makes her look up and goes down`,
  'good-changes-direction': `
changes direction right away
goes one way, gets stopped, goes back the other way
good switch of sides
one way, then the other way, that is how you do it
turns around in the middle and catches her`,
  'good-sprawl-with-weight': `
heavy sprawl
good hips on that shot
gets the hips down and puts all the weight on her
hips drop like a stone on the shot
chest on the back of the neck and hips down
stuffs it with a heavy hip`,
  'good-off-balance-first': `
gets him off balance first
pulls and then goes, that is the right order
makes her step and then attacks
breaks the balance and then comes the sweep
makes him post before she attacks
rocks him first`,
  'good-blocks-posting-hand': `
takes the posting hand away
he has nothing to post with because she kept the arm
traps the hand so he cannot base
keeps the wrist so there is no post
holds the arm he would post with
nothing to post on`,
  'good-head-as-frame': `
uses the head like a third arm
head in the chest, great position
good head position
head in the right place
forehead in the chest keeps him off
head under the chin, nice`,
  'good-legs-before-collar': `
deals with the legs first
pins the knees and only then goes to the upper body
hands on the knees first, very patient
controls the legs before he comes in`,
  'good-goes-to-next-pass': `
blocked so he goes straight to the next one
chains the passes together
does not stop after the first, goes right into the second
knee cut, leg drag, knee cut, that is a chain
first pass fails and he is already on the other side
goes left, goes right, does not let up
keeps passing`,
  'good-refuses-the-grip': `
does not let her get the grip
keeps his sleeves away
clears the hand right away
pulls his arm free before it is closed
no you do not get that sleeve
takes his arm away each time she reaches
breaks the grip immediately
does not accept the grip`,
  'good-backsteps-out': `
steps back out of the hook nicely
clean back step to get the leg out
turns the hip and steps out of it clean`,
  'good-links-elbow-shoulder': `
keeps the elbow tight to the body in the guard
elbows in, hard to attack
elbow glued to the ribs
nothing to grab, arms all tight`,
  'good-posture-in-guard': `
good posture in the guard
sits up tall with the back straight
nice and upright, she cannot break him down
does not let her pull him down
back straight and head up in there
she pulls and he does not bend
good upright posture
posture like a soldier
straight back, hands on the hips, exactly`,
  'good-stacks-and-opens': `
stacks him and opens the legs
puts the weight on the neck and gets the guard open
opens the guard without being broken down`,
  'good-weight-on-the-seat': `
keeps his weight back on the heels
hips low and heavy
sits low in the base
sits back on his heels so nobody tips him
hips back, heavy and low`,
  'good-underhook-won': `
wins the underhook
fights for the underhook and gets it
great underhook, deep and high
digs it in and gets on her side
arm under, head up, on the side, that is half guard
he fought for that underhook and it paid
great pummel to the underhook
gets under the arm first`,
  'good-head-frees-the-foot': `
uses the head to free the foot
drives the head in to get the leg out`,
  'good-isolates-elbow-first': `
gets the elbow up before anything else
isolates the arm first
peels the elbow away from the body
works the elbow loose before he grabs the wrist
gets the elbow off the ribs, patient`,
  'good-hips-close-in-pin': `
hips tight against her
no space at all in that pin
chest heavy and hips low
really tight on top
great pressure from the side
not a centimeter of room under that chest
glued to her, hip to hip
so heavy from the side
crossface and hips, she cannot move
good tight pin
nice heavy shoulder`,
  'good-pin-on-toes': `
up on the toes and driving
on his toes so all the weight is on her
heavy crossface, on the toes
knees off the mat, all his weight goes into her
on the toes, driving the shoulder`,
  'good-control-while-attacking': `
keeps the control while attacking
never gives up position for the submission
holds everything tight as he attacks
even when it fails he is still on top
never lets go of the position to chase it
attacks without giving anything up`,
  'good-holds-mount': `
rides the bridge well
stays on top through all of that
great balance in mount
he bucks and she just stays there
keeps the mount
stays with every bump
rides that out
he cannot shake her off
sticks on top like glue
surfs the bridge`,
  'good-hands-in-middle': `
hands in the middle and elbows tight
keeps the arms close to the chest
elbows home, hands by the collar, good
keeps everything closed under mount`,
  'good-small-bump-big-shrimp': `
bump then a big shrimp
makes space with the bridge and then the hips go out
good hip movement to get out
bump, frame, shrimp, nice sequence
hips come out far, that is a real shrimp
makes room before he moves`,
  'good-bridges-over-shoulder': `
bridges over the shoulder
great bridge, right over the trapped arm
over one shoulder and not straight up, good
bridge to the corner`,
  'good-stays-on-side': `
stays on the side
never lets himself be flattened
gets to the hip right away
turns to his side under the pin
fights to be on his hip
never both shoulders on the floor
rolls to the side the moment he lands
on her side, elbow and knee connected`,
  'good-frame-inside': `
gets the frame in
frames before the weight comes down
forearm on the neck and hand on the hip, textbook
good frames
nice frame on the hip
elbow inside, good frame
hand on the hip, forearm on the throat, there is the room
frames in first
frame is there before he can settle
that frame saves him
forearm comes in at the neck, good
uses the frame`,
  'good-feet-inside': `
keeps the feet inside
foot back on the hip every time
knee gets back in between
good guard retention
the legs are always in the way
keeps putting a foot in front
great legs
foot back in before he can get round
as soon as he passes a knee there is a shin
those feet always find the way back
never lets the legs be passed
knee to the chest, guard is back
always a leg between them
very quick feet`,
  'good-keeps-them-moving': `
never lets him settle
keeps off balancing her
constantly moving his weight around
makes him post again and again
makes him carry her weight the whole time
one threat after another so he never rests
pushes and pulls, never still`,
  'good-feels-the-gap': `
feels the space and goes
takes the moment when the weight is gone
waits for it and then goes
great timing
goes the second it is light
perfect moment
waits for the step and then goes
uses his push`,
  'good-keeps-the-sweep-grip': `
keeps the sleeve until the end of the sweep
holds the grip and comes up on top
never lets go of the collar on the way up
still has the sleeve when he lands on top
comes up with the grip`,
  'good-angle-before-lock': `
cuts the angle first
turns the hips before he squeezes
gets the angle and then locks
swings out to the side for the finish
turns the hips out before closing
gets perpendicular first
takes the angle, then the squeeze`,
  'good-switches-in-time': `
goes from the armbar to the triangle
switches attacks before it is gone
one attack into the next one
loses the choke and takes the arm right away
arm is gone so she takes the neck
flows from one to the other
sees the defence and changes`,
  'good-knee-line-held': `
keeps the knee trapped
knees pinched tight
does not let the knee slip
controls the leg really well
squeezes the knees and the leg stays
good control above the knee`,
  'good-knee-out-first': `
gets the knee out first
frees the knee line right away
knee out before worrying about the foot
gets the knee past the hips and the lock is dead`,
  'good-heel-hidden': `
hides the heel
keeps the toes pointed and the heel away
knows where his heel is
toes tucked in, no heel to grab`,
  'good-foot-first-hook': `
gets the hook in right away
foot in first, nice hook
slides the hook in as he turns
hook goes in before anything else
first the foot
the foot slides in smoothly`,
  'good-stays-on-back': `
stays glued to the back
follows him all the way around
chest stuck to the back the whole time
rides it through the roll
never loses the back
keeps the chest on the back
goes wherever he goes
he rolls and she is still there
never lets go of the seat belt`,
  'good-two-hands-one-arm': `
two hands on the choking arm
fights the one hand with both of his
controls the wrist with two hands
both hands fight the choking hand, correct`,
  'good-strips-at-the-thumb': `
breaks the grip at the thumb
peels the hand off with two on one
gets the hand off with a sharp pull`,
  'good-back-to-mat': `
gets the back down to the mat
slides the shoulders to the floor on the right side
shoulders to the mat on the good side`,
  'good-closed-turtle': `
tight turtle
elbows to the knees, nothing to get
all closed up
closes all the doors in turtle
hands on the collar and elbows in`,
  'good-faces-in': `
turns in to face
always turns toward him
faces the right way
does not turn away
turns to him and not away
gets her belly to his belly
chest toward the opponent, good habit`,
  'good-calm-under-pressure': `
stays calm
very patient under there
does not panic
breathes and waits for it
cool as anything
relaxed in a bad place
keeps breathing
no hurry, no panic
takes his time down there
very composed
waits for the right moment without stress`,
  'good-economy': `
no wasted movement
does it with so little effort
makes it look easy
tiny movement and it works
easy, no strength in it
smooth and cheap`,
  'good-keeps-trying': `
keeps at it
does not give up
tries again right away
keeps working
third time and he gets it
stubborn in a good way
again and again until it works
does not stop after the first no
goes straight back to it
tries once more, good spirit
never stops fighting`,
  'good-reads-the-clock': `
knows how much time is left
slows it down with the lead
holds it for the points
takes the points and sits on them
looks at the clock and goes for it
uses the last seconds well`,
  'good-lets-partner-work': `
lets the smaller one work
gives her room to try things
nice of him to let her play
easy on the white belt
gives him a chance to escape
he could smash him and does not
goes easy on purpose
lets the kid have the grip`,
  'good-slow-finish': `
puts it on slowly
nice and slow with the lock
takes care of the arm
controlled finish
squeezes slowly so she can tap
no jerk on it, just steady
takes care of his partner`,
  'good-taps-in-time': `
taps early
taps before it hurts, that is smart
good tap
knows when to tap
taps right away, no ego`,
  'good-stops-at-the-edge': `
stops at the edge
stops before they hit the wall
looks up and stops before the wall`,
  'good-spares-and-says': `
lets go and tells him
says that his knee is bad and goes light
sees the bad knee and lets it go
tells her to watch the arm`,
  'good-hand-on-hip': `
hand on the hip keeps her there
pins the hip with the hand
hand pins the hip so she cannot lift`,
  'good-posture-on-straight-arms': `
straight arms on the belly, good posture
long arms and a straight back`,
  'good-base': `
great base
widens the base just in time
posts out and stays up
will not go over
you cannot move him
rock solid
knee out wide and he stays
puts a hand down and saves it
good balance
does not fall, the base is too wide
stops the sweep with his base
floats on it and does not go over`,
  'good-turns-with-the-pressure': `
goes with it instead of against it
turns with the pressure and saves the arm
turns with the twist`,
  'good-traps-the-arm': `
traps the arm first
gets the arm out of the way with the leg
arm is trapped under the leg, beautiful
leg over the arm, now he has one hand less
gets the arm tied up first`,
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
did his homework
good hips
good elbow
good feet
good hands
good knee
good head
good frame
good grip
good pressure
good angle
good fight
good answer
good control
good patience
good timing
good transition
nice hips
nice elbow
nice grip
nice pressure
nice angle
nice step
nice transition
nice and tight
nice and heavy
nice and low
nice and patient
great hips
great control
great composure
great defence
great hand fighting
excellent
excellent control
lovely movement
lovely detail
beautiful detail with the foot
what a detail
the detail there is the elbow, and he has it
there is the frame
there is the hook, good
there it is, lovely
that is the way
that is the right grip
that is much better
that is a big improvement
that is so important and he does it
that is very good from her
that saved him
that hand saved her
that is smart
that is patient
that is strong
that is experience
very nice
very patient
very heavy on top
very active with the feet
very good posture
really good base there
really nice detail
really tight
he is so tight
he is so patient with it
he keeps his elbows in
he keeps the pressure
he keeps the grip the whole time
he keeps the knee line
he never gives her space
he never lets go of it
he does not bite
he does not fall for it
he does not rush
he does not give her the arm
he does not let her turn
he makes it heavy
he makes her work
he waits for it, good
he sees it coming
he sees it early
he reads that well
he knows what is coming
he stays on top of her hips
he stays tight all the way
he stays connected
he stays with it
he did everything right
she is not letting him settle
she is so hard to pass
she fights for the inside, good
she takes her time
she protects her neck well
she hides the arm well
she gets her hips under her
she uses the whole body
she does that without using her arms
she fixes it right away
she corrects it
you fixed the elbow
you kept the elbow in
you stayed tight
you stayed calm
you waited and it worked
you moved first
you remembered that
your hips are perfect here
your grips are good
your head is in the right place
i like the grip
i like the pressure
i like the head position
i like how she frames
i like how he waits
i like that he does not let go
i love this part
i am happy with my hips
i did that well
i kept my elbows in
my frame was good
i was patient there
look how he keeps the knee
look how low he stays
look how heavy
look at that base
look at that frame
see the elbow stays home
see how close the hips are
notice how the head stays low
that is why she can not get up
and so nothing happens to him
and he is safe
and she is safe because of the frame
which shuts that down
so he has no way out
so that is closed
which is perfect
which is what i asked for
which is the right choice
as it should be
just like we trained
just like in class
like a wall
like a rock
smart
wise
patient
perfect
spot on
bravo
top
well played
well seen
well kept
well done with the hips`,
};
