export const toldAnywhere: Readonly<Record<string, string>> = {
  'good-changes-direction': `
changes direction right away
goes one way, gets stopped, goes back the other way
good switch of sides
one way, then the other way, that is how you do it
turns around in the middle and catches her`,
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
};
