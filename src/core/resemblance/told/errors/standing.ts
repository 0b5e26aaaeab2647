export const toldStanding: Readonly<Record<string, string>> = {
  'err-hands-hover': `
his hands are just waving around in front and never touch anything
she paws at the collar but never closes the hand
you keep reaching and letting go again
hands up there doing nothing
fingers brushing the sleeve and no grip ever
the hands float in the air and grab nothing
he swats at her hands and takes no grip
twenty seconds in and nobody has a hand on anything
you slap at the sleeve instead of taking it`,
  'err-even-tie-kept': `
they both just hang on each other's neck and nothing happens
same tie for both and he is happy to stay in it
you stand in that equal clinch for far too long
leaning on each other, nobody is winning that
he is content to hang on to the head just like she is
two people leaning on each other and nobody works
stuck in a fifty fifty tie up and not clearing it`,
  'err-shot-through-tie': `
shoots while she still has his head
he dives in with her hand still on his neck
you went for the leg without clearing the tie first
she shoots right into the collar tie
goes under the arm that is still holding his neck
shot from there with the collar still held, never works
he did not get rid of her hand before the shot`,
  'err-entry-neck-out': `
head down on the way in, neck right there
his head is on the wrong side of the shot and the neck sticks out
you came in with your head hanging
looks at the floor as he shoots
shoots with the chin out like that he gets choked
leads with the head and looks at the mat
ducks the head so there is a neck to grab
comes in with a low head, hello guillotine
the head is hanging down as he reaches for the legs
puts his neck right in her armpit`,
  'err-throw-without-reaction': `
turns in for the throw and she is not even off balance
he throws himself at it with no pull first
no kuzushi at all, just turns his back
you went in cold, nothing before it
spins for the throw and she just stands there
turns his back for a throw that was never there
hips are miles away from her when he turns in
no push, no pull, just a throw out of nowhere`,
  'err-entry-off-base': `
shoots from way too far out
he is already falling when he reaches the legs
dives at the legs from a mile away
you are off balance before you get there
lunges in with the feet left behind
reaches for the legs with his weight falling forward
his feet do not follow the shot
the shot comes from outer space
he ends on his face because he shot from too far
knees on the mat and arms stretched out, that is no shot`,
  'err-level-change-outgripped': `
she has all the grips and he still shoots
you change levels with her owning your sleeves
goes for the legs while losing the grip fight
shooting while she owns both his sleeves
do not shoot when you are losing the grips`,
  'err-reach-rounded-back': `
bends over at the waist to reach for it
back all rounded, reaching down for the legs
you are bent in half up there
reaches for the pants with a hunched back
stoops over to grab the pants
bends from the waist and not the knees
his back is like a cat
hunched over and pulling with the arms`,
};
