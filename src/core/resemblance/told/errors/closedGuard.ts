export const toldClosedGuard: Readonly<Record<string, string>> = {
  'err-shoulders-past-hips': `
leans way too far forward
his shoulders are out over his knees
you are leaning in and she pulls you right down
weight all the way forward, easy to sweep
nose over the toes
weight over her head and nothing behind
he hangs forward over her
tips over his knees, shoulders too far up
leans so much that a child could pull him down
chest way in front of the hips`,
  'err-heels-lifted': `
up on the toes in the guard
heels off his butt, no base
you rise up off your heels and get bumped
sitting high on the toes, no weight in the seat
his butt comes off the heels`,
  'err-late-to-legs': `
reacts late when the legs come up
legs are already around the neck before he moves
you saw the legs climb and did nothing
too slow to get the arm back in
he only wakes up when the legs are locked
he lets the legs come up to the shoulders
the legs climb and nobody stops them`,
  'err-arm-offered-in-guard': `
leaves an arm inside like a gift
one arm in and one arm out
hand on the mat next to her hip, that is an armbar
he puts the elbow across the middle
you reached into the guard with a straight arm
arm is just hanging there for the taking
straight arms in the closed guard
puts the hand down by her head inside the guard
elbow is way out in the guard
he leaves the arm dangling across her belly
long straight arm on her chest, take it
one hand in, one hand out, triangle please
arm across the middle line, nice present
she did not have to work for that arm at all`,
  'err-no-stand-answer': `
he stands up and she has nothing for it
no reaction when the guy gets to his feet
you just held on as he stood
does not grab the ankles when he stands
he stands and you just stay locked on
guy gets up and she does not do a thing`,
  'err-bump-too-small': `
the hips barely come up on that
bump without any hip in it
you need way more lift there
tiny little bump that moves nobody
that bump had no power
little bump, no hips, nothing moves
you have to bump like you mean it`,
  'err-attacks-from-low-hips': `
hips glued to the mat on the attack
she tries the armbar flat on her back
you have to lift the hips first
butt on the floor the whole time
trying to throw a triangle without lifting the hips
his butt never leaves the ground on the attack`,
  'err-guard-opened-without-plan': `
opens the legs for no reason
he just unlocks his feet and has nothing
you opened your guard and then thought about it
lets the legs go with no grips anywhere
why do you open the legs there
the guard opens and she has nothing ready
lets the ankles go and gets passed for it`,
  'err-shoulder-dropped': `
drops the shoulder to the mat
shoulder down on one side and the guard player sees it
you dipped your shoulder and got rolled
leans on one shoulder in the turtle
one shoulder dips and he is upside down
shoulder goes to the mat and there is the roll`,
};
