export const toldOpenGuard: Readonly<Record<string, string>> = {
  'err-seated-waiting': `
sits there and waits for him to come
she is just sitting on her butt with no grips
you sat and watched
nothing on the sleeves, nothing on the feet, just sitting there
waiting on the bottom with no connection at all
butt scooting and no grip anywhere
he is parked on his backside and waits to see what comes
you sit in front of her with your hands in your lap
not touching him at all from the seated position
sits there like he is on a bench`,
  'err-knee-turned-out': `
his knee is pointing out so the hook gets in
knee turned outside, there goes the lead leg
you let your knee open and he hooks it
the lead knee falls outward and she hooks it
knee flops out and the foot gets in behind it`,
  'err-backs-out-when-caught': `
pulls straight back out once the leg is tied up
he tries to just yank the leg out backwards
you back up and the hook gets deeper
steps away instead of dealing with the hook
jumps straight back with the leg still tied
he tries to rip the leg out
just leans back and pulls, that tightens the hook`,
  'err-chest-before-hips': `
dives on the chest and the hips are still free
he goes for the head before the legs are dealt with
you laid on her and her hips could still move
chest goes down before the hips are controlled
dives for the head and lets the legs be
he wants the chest to chest and forgot the hips
falls on her chest and her knees are still in between
upper body first, hips later, wrong order`,
  'err-knees-released': `
lets go of the knees too soon
he had the legs and let them go
you released the pants before you were past
drops the knees and the guard comes straight back
hands come off the knees before he is around
as soon as he releases the pants the feet are back
he lets the legs go halfway round
the knee is let go and there is her guard again`,
  'err-double-overhooks': `
both arms over the top, that gives up both underhooks
she has overhooks on both sides and gets lifted
you wrapped over both arms there
he takes both overhooks and goes for a ride
arms over the top on both sides, she loves that`,
  'err-one-of-two-controlled': `
he only has one leg, the other one is free
controls one knee and forgets the other
you hold one foot and she kicks you with the second
the far leg is doing whatever it wants
one foot is pinned and the other one kicks him away
left leg is held and the right leg does the damage
deal with both legs please
he beats one hook and forgets the other hook`,
  'err-head-over-line': `
head goes too far over to the other side
he puts his head past the center line and gets tipped
you leaned your head right over her hip
his head crosses over and the weight goes with it
the head is on the wrong side of her body so she rolls him`,
  'err-walks-on-knees': `
tries to pass on both knees
walking around on his knees in her guard
get up off your knees
he is shuffling on the knees and cannot move
two knees on the mat inside her guard, that is how you get swept
get one knee up
he is kneeling in there like in church
comes in on the knees and cannot step
shuffles forward on his knees again`,
  'err-hook-not-cleared': `
he never clears the hook
hook is still in there and he goes anyway
you forgot about the hook on the far side
tries to walk past with the foot still hooked
that hook behind the knee, nobody deals with it
the foot is still behind his knee as he tries to pass
he drags the hook with him
forgot to strip the hook
passing with the outside hook still in, that never works`,
  'err-no-passing-chain': `
one pass, it fails, and then nothing
he tries the same pass over and over
you stop after the first try
it gets blocked and he just resets
no second attack after the first one
same pass, same answer, and he does it again
he has one pass only
when it is blocked he stands there thinking
three times the same thing and three times the same frame`,
  'err-accepts-the-fall': `
he just lets himself fall over
once the balance goes she gives up on it
you accept the sweep there, no post, nothing
goes over without a fight
falls like a tree
sits down nicely for her
he could post but he just goes along with it
you fall and you do not even fight it
no hand out, no step, just falls
like a sack of potatoes`,
  'err-grip-formed-unanswered': `
she gets the grip and he does nothing about it
lets her sit on that sleeve grip forever
you left that collar grip on for a minute
never strips the grip
both sleeves and he does not even try to break them
those grips have been there since the start
she builds her grips in peace
he watches her take the collar
let her have the sleeve and do nothing about it
he should be breaking that grip
two grips on him and he is still looking for his first
do not leave the hand on your collar
that sleeve grip stays on for the whole round`,
  'err-no-hip-lock': `
the hips are free the whole time
nothing holds her hips down there
you never pinned the hip
no control of the hips so she just turns back in
nobody is home at the hips
you need to block the hip there
the hips run away because there is no hand or knee on them
she hips out because he has nothing by her hips`,
  'err-leg-in-range': `
leaves his leg right there for her
stands with the lead leg way too close
you put your foot where she can grab it
hands her an ankle for free
leg hanging out there to be hooked
the front leg is right under her nose
a foot between her feet, of course she takes it
you walk your leg into her hooks
he leaves his ankle near her hand
steps in with the wrong leg and she has it`,
  'err-upper-body-first': `
grabs the collar before doing anything with the legs
he is busy up top while her legs do what they want
you went for the head and ignored the feet
reaches for the lapel and walks into the feet
forgets the legs and grabs the collar`,
  'err-stands-bent': `
stands up with the head down
bent over in the guard, of course she breaks it
posture is gone as he stands
you stood up like a question mark
folded at the waist in there
his back is bent and his head is over her
stands up but looks at the floor
gets to his feet bent like a banana
you cannot stand in there hunched over
half standing with the head down, the worst of both`,
  'err-posts-both-hands': `
both hands on the mat
he puts his hands down on the floor in her guard
you posted with two hands, nothing left to fight with
hands on the mat, she takes whatever she likes
he leans on the mat with two hands
both palms on the floor next to her hips
hands go to the mat and that is a sweep`,
  'err-square-stance': `
feet are square
standing with both feet level in front of her
you are flat footed and square, anybody sweeps that
feet together like that he tips over
no stagger in the stance
heels together, standing straight in front of her
feet in one line, no base
his feet are parallel and she pulls him over
stands like a penguin
one push and he goes, feet like that`,
  'err-ankle-held-by-hand': `
holds the ankle instead of using the hook
grips the foot with the hand and has no hooks`,
  'err-lets-top-settle': `
lets him settle his weight
gives the top guy all the time to get comfortable
you let her consolidate
does not move until the pin is finished
waits until the crossface is already in
he gets to rest there and build his position
you rest under there and he gets heavy
gives her three seconds and she is stuck
nothing happens until the crossface is in
she waits under the pin
does not fight before the pin is set
he lands and you take a nap`,
  'err-wrong-side-come-up': `
comes up on the wrong side
he gets up into the side where the weight is
you came up toward the whizzer
sits up to the side she is pulling to
went up toward the wrong leg`,
  'err-slack-come-up': `
comes up but the arm is loose
no pull as she gets up
you let the grip go slack on the way up
stands up with nothing tight
no tension in the sleeve when she gets up
gets up with a loose grip and loses it`,
  'err-retention-given-up': `
gives up on the guard
stops moving the hips as soon as the knee gets through
you quit on the guard there
legs just go dead and he walks past
lets him by without a fight
lies down and accepts the pass
he waves him through
as soon as the leg is dragged she quits
he lets the legs be thrown and waits for the pass
no hip movement at all to keep the guard
she watches him walk around
you do not follow him with your hips
stops fighting for the guard
the feet fall to the mat`,
  'err-hook-too-low': `
hook is down by the ankle, way too low
the foot sits too low on the leg to lift anything
you hooked the shin and it slides off
hook sits on his shin
foot is down at the ankle, you cannot lift with that`,
  'err-underhook-given-in-guard': `
gives the underhook from the bottom
lets him swim under the arm in half
you handed over the far underhook and got flattened
arm gets scooped and now the back is flat
his arm slides under her armpit from the top and she is flat
he gets the underhook and the crossface, end of half guard
let the top man have his arm under`,
  'err-inverts-into-block': `
goes upside down right into the shin
inverts with no space and gets stuck on the neck
you spun under and he was waiting
goes under with the hip blocked
rolls on the neck with a hand on the hip, stuck`,
  'err-clings-to-ankle': `
hangs on to the ankle and gets dragged around
she will not let go of that foot
you hold the foot and he passes around it
he has married that ankle
holds the foot for dear life and goes nowhere
one hand on the foot while she walks around`,
  'err-sweep-grip-dropped': `
lets go of the sleeve in the middle of the sweep
drops the grip and he posts
you released the arm and so he had a hand to base on
she had him going and then lets the sleeve go
halfway through he opens the hand and she posts
the arm comes free in the middle of the roll
keep that sleeve, now he has a post`,
  'err-block-late': `
the block comes too late
he frames after the pass is already done
you put the hand on the hip when she was past already
late with the knee
hand to the hip after the fact
the frame shows up when the pass is done
knee comes in too late
reacted when it was already over`,
  'err-turns-away': `
turns away and gives up the back
shows his back to get out
you turned your back on her
rolls to the knees the wrong way, back exposed
he gives his back instead of facing in
turning away from the pressure again
turns the wrong way, gives up the back
he turns out instead of in
rolls away from the crossface and shows the back
there is the back, he gave it to her
you cannot turn your back to get away from that
faces the wall instead of the guy`,
};
