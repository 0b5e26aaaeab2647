export const toldSubmissionHold: Readonly<Record<string, string>> = {
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
};
