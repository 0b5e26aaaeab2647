export const toldLegEntanglement: Readonly<Record<string, string>> = {
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
  'err-fast-leg-lock': `
cranks the heel hook way too fast
rips it in training
too much speed on that leg lock
you do not throw that on like that in the gym
that came on much too fast
he twists the heel hard, that is not for training`,
};
