/** How people who talk over a round tell of where the two are, seldom by its name, a sentence a line, by position id. @source common practice, written down by the makers */
export const toldPositions: Readonly<Record<string, string>> = {
  'standing-neutral': `
both standing again
back to standing
we start on the feet
they are on the feet
still standing, circling each other
both up
reset standing in the middle
slap hands and we are off on the feet`,
  'standing-clinch': `
tied up standing
chest to chest on the feet
clinched up against each other
hands on each other's necks`,
  'standing-single-leg': `
holding one leg up
hopping around on the one leg
he has the leg and she is on one foot`,
  'standing-body-lock': `
arms around the waist on the feet
hugging the body standing`,
  'standing-back': `
standing behind him
behind her on the feet
on the back standing up
hands locked behind standing`,
  'kneeling-neutral': `
both on the knees
starting from the knees
on their knees facing each other
up on the knees again both of them`,
  'double-guard-pull': `
both sit down
both pulled guard`,
  scramble: `
all over the place now
who is where
arms and legs everywhere
crazy scramble here
nobody has anything yet`,
  'closed-guard': `
legs crossed around the waist
closed guard
in the full guard
ankles locked behind him
guard is closed
she is in his guard with the legs shut
he has her between the legs
holding him in the guard
locks the feet behind the back`,
  'closed-guard-standing': `
standing in the closed guard
he stood up and the legs are still locked
up on his feet with her hanging on`,
  'high-closed-guard': `
legs way up on the back
knees up under the armpits from the bottom
guard climbed up high`,
  'rubber-guard': `
holding his own foot behind the neck
leg over the shoulder held by the hand`,
  'williams-guard': `
leg over the shoulder with the arm trapped, hugging the leg`,
  'open-guard': `
open guard now
feet on the hips
guard is open
feet against the hips and holding the sleeves
on the bottom with the legs in front
on his back, playing feet
playing guard
plays from the bottom`,
  'seated-guard': `
sitting up in front of her
on the butt with the feet out
sitting and scooting forward
she is seated and he is standing over her`,
  'butterfly-guard': `
both hooks under the legs
sitting with the feet between his legs
butterfly hooks in
sits up with two hooks`,
  'spider-guard': `
foot in the bicep
feet in the crook of the arms with the sleeves
foot on the arm`,
  'lasso-guard': `
leg wound around the arm
deep lasso
leg wrapped round the arm with the sleeve`,
  'collar-sleeve-guard': `
one hand on the collar, one on the sleeve, foot on the hip
collar and sleeve
holds collar and sleeve from the bottom`,
  'de-la-riva-guard': `
hook around the outside of the lead leg
outside hook
foot wrapped behind the knee from the outside
hook on the far hip with the ankle held`,
  'reverse-de-la-riva-guard': `
hook from inside the leg
inside hook on the lead leg
shin across behind the knee from the inside`,
  'single-leg-x-guard': `
one foot on the hip, one behind the knee, hugging the leg
leg on the shoulder from below
underneath one leg with the feet on the hip`,
  'x-guard': `
under him with both feet crossed in the legs
completely underneath, feet hooked on the thigh
feet make an x under the hips`,
  'k-guard': `
knee turned in and holding the leg`,
  'shin-to-shin-guard': `
shin against shin, hugging the leg
sits in with shin to shin`,
  'lapel-guard': `
lapel wrapped around the leg
jacket round his leg
has the lapel wound up`,
  'worm-guard': `
lapel goes round the leg and is held from behind`,
  'inverted-guard': `
upside down
on his shoulders with the legs over the head`,
  headquarters: `
one leg between the knees, ready to pass
sits on one shin with the other foot trapped
standing over the leg in the middle
knee in the middle and pinning the foot`,
  'leg-drag-position': `
both legs to one side, hips twisted
leg across his lap
knees pointing away and pinned`,
  'stacked-guard': `
folded in half
sitting on her shoulders
knees by the ears
stacked on the neck`,
  'half-guard': `
half guard
one leg between the legs
he is in half
stuck in half guard
she has got one leg
legs wrapped around one leg
holds half
the foot is caught
caught in half guard`,
  'knee-shield-half-guard': `
shin across the chest
knee in the way
knee shield up
shin between them
knee in the ribs from half`,
  'butterfly-half-guard': `
half guard with a hook under the other leg`,
  'deep-half-guard': `
all the way underneath him
under the thigh with both legs round the one leg
hugging the leg from beneath
he goes deep under`,
  'reverse-half-guard': `
half guard facing the legs
facing the feet in half`,
  'quarter-guard': `
just holding on to the foot
only the ankle left
barely holding the ankle`,
  'flat-half-guard': `
flat in half
flattened out with the leg still caught
crossfaced and flat in half guard`,
  'lockdown-half-guard': `
legs tied round the one leg like a figure four
locked down leg`,
  dogfight: `
both on their knees side by side with the underhook
on the knees next to each other, whizzer and underhook`,
  'leg-entanglement': `
legs all tangled up
both playing legs
leg knot
tied up in the legs
both sitting with the legs tangled`,
  'ashi-garami': `
leg tied up with the foot on the hip
one leg controlled from the front
has the leg tied up straight`,
  'outside-ashi': `
both feet on the outside of the leg`,
  saddle: `
leg crossed inside with the thigh locked
legs triangled around the thigh
the inside position on the legs`,
  'fifty-fifty': `
same legs on both sides
both legs tied up the same way
mirror legs
fifty fifty`,
  'backside-fifty-fifty': `
behind the knee on the same side`,
  'leg-reap': `
foot crosses over the middle
leg across the belly with the leg held`,
  'side-control': `
on the side
pinned from the side
chest to chest across
settled on the side now
holding her down from the side
on top across the body
he is held down on his back
crosswise on top
she gets to the side
he is in the pin now
stuck underneath from the side
side mount
lands in side
head and shoulder control from the side`,
  'kesa-gatame': `
head and arm, sitting through
headlock on the ground, hip on the mat
holding the head sitting next to her`,
  'reverse-kesa-gatame': `
sitting through facing the legs
back to the face and controlling the hips`,
  'north-south': `
head to head
over the face, feet the other way
up by the head
walks to the head
lying over the head`,
  'knee-on-belly': `
knee in the stomach
standing on her with the knee
knee on the chest and the foot posted
rides with the knee on the belly`,
  mount: `
sitting on him
on top with both legs over
full mount
mounted
gets to mount
she is on the chest
he is stuck underneath, both knees on the mat
astride
on top of the belly
steps over into full
climbs over the leg and sits on top`,
  'low-mount': `
mount with the hips low and the feet hooked
lying flat in mount with the feet hooked under`,
  'high-mount': `
knees in the armpits
way up on the chest
sitting up high, arms above the knees`,
  's-mount': `
one knee by the head with the foot under the armpit
leg bent around the head from mount`,
  'technical-mount': `
one knee up and one foot in front of the belly
sits on the side of him with the heel in
he turns on the side and she stays on with one knee up`,
  'back-control': `
on the back with the hooks
both hooks
has the back
seat belt and hooks in
behind with both feet in
still on the back
chest to back with two hooks
he is on her back
stuck to his back`,
  'body-triangle-back': `
legs triangled around the belly
triangle on the body from behind
body triangle is locked`,
  'back-one-hook': `
one hook in
only one foot in
has one hook and looking for the other
one hook and the seat belt`,
  'back-no-hooks': `
behind but no hooks
hanging on behind
on the back without legs
has the seat belt but no feet in`,
  'crossed-leg-back-hold': `
crossed feet behind holding the back`,
  truck: `
leg laced with the hips sideways behind him
has the leg hooked from behind, looking at the twister`,
  'crab-ride': `
feet hooked behind the knees from behind`,
  crucifix: `
both arms trapped, one with the legs
one arm in the legs, the other in the hands`,
  turtle: `
on the knees and elbows
all balled up
on hands and knees
curled up with the head hidden
in a ball
turtled
he is down on all fours
covers up
on her knees with the guy on top`,
  'belly-down': `
flat on the stomach
face down
on his belly and flattened
lying on the stomach with the guy on the back`,
  'front-headlock': `
has the head in front
holding the head from the front
neck wrapped up from the front, sprawled
head under the chest
chin strap and on top of the head
controls the head and arm from the front`,
  'triangle-control': `
legs are around the neck
leg over the shoulder and one arm in
locked up in the triangle
head and arm trapped by the legs`,
  'loose-triangle': `
legs up on the shoulders but not locked
triangle is there but open`,
  'armbar-control': `
sitting perpendicular with the arm
both legs over and the arm in the middle
hands locked, she is looking for the arm`,
  'omoplata-control': `
arm trapped in the legs sitting next to him`,
  'kimura-control': `
holds the figure four on the arm
has the double wrist lock grip`,
};
