export const toldTakedowns: Readonly<Record<string, string>> = {
  'double-leg': `
shoots in on both legs
drops down and wraps both legs
he drives straight through her hips and takes her down
head to the side, arms round the thighs and down she goes
gets in deep on both legs
blast right through the middle
runs through her`,
  'single-leg': `
has one leg up
comes up with the leg
picks her leg up and runs with it
gets hold of the leg and drives
scoops up the lead leg
the leg is in the air and he is looking to finish
grabs a leg and puts him on the floor
trips the other foot with the leg in the air`,
  'high-crotch': `
comes in high on the leg with the head outside
hand between the legs and lifts`,
  'ankle-pick': `
grabs the ankle and pushes the head
taps the ankle out from under her
reaches down, gets the heel and over
cups the heel and drives forward`,
  'knee-tap': `
blocks the knee with the hand and pushes over
hand behind the knee and runs forward`,
  'collar-drag': `
pulls him past by the collar
collar one way and he falls on his hands
yanks the lapel and spins behind
sits and drags by the collar`,
  'snap-down': `
pulls the head down hard
snaps him to the mat
yanks on the neck and down on the hands
brings the head down to the floor`,
  'duck-under': `
slips under the arm and comes out behind
lifts the elbow and goes under`,
  'slide-by': `
throws the arm by and steps behind
pulls him past and takes the side`,
  'body-lock-takedown': `
hands locked round the body and he drags her down
picks her up and sets her down from the body lock
squeezes the waist and trips her
bear hugs and falls on top`,
  'rear-takedown': `
drags him down from behind
sits down behind the legs and pulls her over`,
  'mat-return': `
lifts her up from behind and puts her back
takes him back to the mat as he tries to stand
up she comes and down again`,
  'firemans-carry': `
goes under, across the shoulders and dumps him
over the shoulders`,
  'outside-trip': `
hooks the leg from the outside and pushes her over
foot behind the heel and over backwards`,
  'inside-trip': `
hooks the leg from the inside and drives
foot goes between the legs and back she goes`,
  'outside-reap-throw': `
big reap from behind the leg
kicks the leg out from behind and throws`,
  'shoulder-throw': `
drops under the arm and throws over the shoulder
turns in and over the back he goes
pulls the arm over the shoulder and tosses him`,
  'hip-throw': `
turns the hip in and throws
loads him on the hip
over the hip`,
  'inner-thigh-throw': `
leg goes up between the thighs and over
lifts with the leg in the middle`,
  'foot-sweep': `
kicks the foot out
sweeps the feet from standing
just a little tap on the foot and he is down
takes the foot as it lands`,
  'sumi-gaeshi': `
sits under and kicks the hook up over his head
falls back with the hook and throws over`,
  'tomoe-nage': `
foot in the stomach and over the head
puts the foot on the belly and falls back`,
  'lateral-drop': `
throws her sideways from the clinch
twists and drops back`,
  'scissor-takedown': `
jumps with the legs around and scissors him down`,
  'wrestle-up': `
comes up on top of the leg
gets up from the bottom and drives into the legs
goes from guard up into a leg attack
sits up, grabs the leg and stands with it
comes up on the single from the bottom
gets to the knees and drives`,
  'technical-stand-up': `
gets back up
stands up out of there
up to the feet again
posts the hand and gets up
works to the feet
finally gets back to standing`,
  sprawl: `
throws the hips back on the shot
shuts the shot down with the hips
legs back and heavy on the neck
stuffs the shot`,
  'unnamed-takedown': `
takes him down
gets the takedown
takes it to the ground
puts her on her back
trips him
down they go
throws her
dumps him on the mat
brings it to the floor
tries a takedown
shoots
takes a shot
shoots again and misses
drags him to the ground
big throw
lands on top of him`,
};
