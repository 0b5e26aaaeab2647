export const toldPinsAndHolds: Readonly<Record<string, string>> = {
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
};
