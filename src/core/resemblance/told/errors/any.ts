export const toldAny: Readonly<Record<string, string>> = {
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
  'err-one-side-only': `
always to the same side
he only ever goes left
you have one direction and everybody knows it
every single attack goes to that side
the left side is all he has
she attacks only with the right, every time
never tries the other side`,
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
  'err-kimura-overcommitted': `
falls in love with the kimura
holds on to the kimura and gets passed
you stayed on that wrist and lost everything else
stuck to that grip while the guy passes
hangs on to the wrist lock and loses the guard`,
  'err-one-escape-opens-next': `
gets out of one and straight into the next
escapes the armbar into the triangle
frees the neck and gives the arm
out of the frying pan
gets the arm back and gives the neck
saves the pass and gets choked for it`,
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
};
