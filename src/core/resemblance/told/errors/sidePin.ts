export const toldSidePin: Readonly<Record<string, string>> = {
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
};
