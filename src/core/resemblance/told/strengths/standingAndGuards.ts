export const toldStandingAndGuards: Readonly<Record<string, string>> = {
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
  'good-hand-on-hip': `
hand on the hip keeps her there
pins the hip with the hand
hand pins the hip so she cannot lift`,
  'good-posture-on-straight-arms': `
straight arms on the belly, good posture
long arms and a straight back`,
};
