export const toldBack: Readonly<Record<string, string>> = {
  'err-back-grip-no-legs': `
goes for the neck with no hooks in
hands only, no legs on the back
choke before the hooks
you grabbed the choke and the legs were nowhere
squeezes the neck from behind without a hook
hands first and no feet
the legs are doing nothing back there`,
  'err-stops-at-chin': `
the arm stops at the chin and stays
he never gets under the chin
you left the hand on the jaw
cannot get past the chin and does not change anything
stuck on the chin
gets to the jaw and no further`,
  'err-choking-arm-peeled': `
gets the choking hand peeled right off
loses the choking arm
hand gets pulled off the neck
his choking hand is taken away`,
  'err-back-too-low': `
too low on the back
slipped down by the hips
you slide down her back
his head is below her shoulder, too low
falls off the back
slips below the belt line on the back
too far down, she just stands up
head next to the hip on the back
loses the back because she was too low`,
  'err-back-too-high': `
too high on the back
he rides over the shoulders and slides off the top
you climbed up too far and fell over the head
too far up the shoulders, slides over the head
rides so high that she shakes him off over the top`,
  'err-arm-not-trapped': `
both of her hands are free to fight
does not trap the arm on the back
two hands against one, he defends all day
leaves her both arms for the defence
never traps the hand with the leg`,
  'err-leaves-back-for-armbar': `
leaves the back for an armbar
gives up back control for nothing
you had the back and jumped off it
lost the back chasing the arm
had a perfectly good back and goes for an arm
drops off the back for the armbar`,
  'err-arm-dragged-behind': `
lets the arm get dragged across
arm gets pulled over and the back is there
arm goes past the body and he is behind`,
  'err-back-wrong-way': `
escapes the back to the wrong side
turns into the choking arm
you slide to the side of the choke
slides to the wrong side with the choke there
he is going to the choking side`,
  'err-rises-on-elbow': `
gets up on the elbow with the guy on the back
lifts up instead of putting the back to the mat
props himself up with a guy on his back`,
  'err-hands-leave-neck': `
takes the hands off the neck
he fights the legs and leaves the neck open
you let go of the choking hand to fight the hook
nobody is protecting the neck
hands down, neck open
no hands on the choke
goes for the hooks with both hands and forgets the choke
no hand at the neck
hands are busy with the feet
who is guarding the neck
leaves the neck and plays with the body triangle`,
  'err-cranks-chin': `
cranks the face
just grinding across the jaw
pulls on the chin, that is a crank
pulls on the face instead of going under
ripping at the jaw`,
};
