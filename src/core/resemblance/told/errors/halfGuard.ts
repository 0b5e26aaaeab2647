export const toldHalfGuard: Readonly<Record<string, string>> = {
  'err-underhook-uncontested': `
lets her have the underhook for free
no fight for the underhook at all
he does not even contest the underhook
she just gets the arm under and you watch it
where is the whizzer
why is nobody fighting that underhook
nobody stops that arm from coming under
he lets the arm swim all the way in
the underhook is a present
and no answer to that underhook
she walks into the underhook, he does not whizzer, does not pummel
underhook lost without a word
you never even tried to win that underhook back`,
  'err-sweep-refused-for-back': `
fights the sweep so hard that the back is gone
gives up the back to not get swept
you would rather give your back than two points
turns his back rather than accept the sweep
he stays up but now she is behind him`,
  'err-step-over-without-hips': `
steps over with no control of the hips
he jumps to mount and the hips are loose
you stepped over too early and she turned
steps over to mount while her hips can still turn
hurries the leg over and she gets half back
too early with the leg over, the hips were not pinned`,
  'err-knee-loaded-on-hook': `
sits his weight right on the hook
he loads the knee on her butterfly hook
you gave her all your weight to lift
leans on the hook like he wants to be lifted
the weight sits on her foot and up he goes`,
  'err-half-flat': `
flat on his back in half guard
both shoulders on the floor in half
you are lying flat, get on your side
she is pancaked in half guard
flat as a board under there
shoulders on the mat, both of them, from half
no underhook, flat, crossface on, nothing good
flat on the back with one leg
he is lying like a starfish in half guard
get up on your side in half guard`,
  'err-sweeps-to-free-hand': `
sweeps to the side where he can post
goes toward the free hand
you tip him to the arm that is not trapped
goes over the side where he has an arm to post
rolls into the open hand`,
  'err-half-top-hips-free': `
lets the bottom player keep the hips free in half
does not pin the hips from half guard on top
lets him get to his side in half
no crossface, the bottom man turns in`,
  'err-elbow-outside-shield': `
elbow on the wrong side of the knee
arm outside the shield and now it gets scooped
lets the elbow outside the knee`,
};
