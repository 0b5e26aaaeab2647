export const toldUnnamed: Readonly<Record<string, string>> = {
  '': `
nothing on the other hand
no frames at all
head is all the way down
where are the hands
what is that arm doing
his head is too low
her neck is wide open
your foot is doing nothing over there
there is so much space there
that gap is huge
way too much room
he lets her up
just gives it away
he hands that over
and gets caught sleeping
she is late again
again with the head down
same mistake as before
same thing as last time
exactly what we talked about
look where the elbow is
look at that knee, way out
look how far away he is
not what you want there
that is the wrong hand
wrong side
wrong grip for that
wrong leg
holds his breath
muscling it
all arms
all strength and no technique
trying to force it
pulls with the arms only
no legs in it
hips do not move at all
the hips are dead
feet are dead
he forgot the far hand
nothing is holding the leg
the shin is just sitting there
no weight on it
he is resting on her
you gave me that
i just let him
i should not be here
i am way too slow here
i have no idea what i am doing there
my hand is in the wrong place
i reach and i pay for it
she pays for that
and that costs him
that is how you get passed
that is how you get choked
this is why he gets swept
this is where it goes wrong
here is the problem
that is the moment he loses it
and there is the mistake
he stopped moving
stops halfway
does not finish it
never finishes the movement
gives up the inside position
lets him inside
leaves the inside open
lets her have the inside
he could not care less about the grip
no reaction
no reaction to that at all
no follow up
no pressure
no grips and no plan
too comfortable there
way too relaxed
panics a bit
panicking and pushing
tries to bench press out
explodes for no reason
he is stuck because he never moved the hip
goes back to the same thing
looks at the coach instead of the hands
hangs out in a bad spot
asking for trouble
that is dangerous
he is playing with fire
stays there too long
you cannot sit there
you cannot leave that there
do not put the hand there
you are reaching again
you never want that
the grip is only on two fingers
the arm is too straight
the leg is too far away
chin up
chin is up and it is an invitation
wide open
sloppy
a bit lazy
a little bit lazy with the feet
kind of half hearted
not tight enough
not deep enough
not committed
doubts himself and stops
hesitates and it is gone
he waits and the window closes
lets the moment go
too slow to turn
slow to react
flat footed
off balance
falls over his own feet
bites on the fake
gets greedy
gets impatient
overreaches
overcommits to that side
puts all his weight on one side
crosses his feet
crosses the feet on the back
ankles crossed
carries his weight too high
lets the head get pulled down
breaks his own posture
ends up underneath for nothing
does the work for her
makes it easy for her
no hips
no head control
no control of the far side
there is no frame
there is no grip
there is no base
there is no post
nothing there
nothing on that side
nobody holds that leg
his left hand is asleep
the hand is sleeping
the free hand does nothing
leaves that open
leaves the door open
leaves the near side open
leaves everything open
the neck is there
neck out
the back is exposed
the back is right there for him
arms too far out
hands too low
hips too high
knees too far apart
head too far forward
weight too far back
weight is on the wrong leg
not enough weight
not enough pressure
not enough angle
not looking at the hands
no urgency
zero urgency
zero control
too eager
too passive
too stiff
too tense
too upright
too narrow there
too square there
he just holds on
he just waits
just hanging on
just lying there
just sits in it
just pushes
just lets it happen
only uses the arms
only defends
only looks at the one side
again he leaves the arm
again no frame
again the same thing
again flat
again he is late
still no hook
still flat on his back
still holding that
still has not moved
still on the knees
stays square
stays low
stays flat
stays in front of her
stays on the outside
goes too early
goes too late
goes the wrong way
goes straight back
goes down way too easily
lets go
lets go of everything
lets go too soon
lets her turn
lets her breathe
lets him have it
lets him walk by
lets him get up
lets himself get stacked
lets himself get pulled forward
gives her the angle
gives her the time
gives her the arm
gives up the position
gives up the top
gives up the mount for it
gives up the sleeve
loses the grip
loses the angle
loses the position
loses the balance
loses the mount
loses track of the leg
forgets about the leg
forgets the head
forgets to close the elbow
forgets to pinch the knees
forgets the arm
ignores the underhook
never looks up
never moves his feet
never gets the second grip
never gets off the flat back
never frames
never controls the wrist
did not need to do that
did not finish
did not hold it
does not hold the position
does not follow
does not close the distance
does not turn the corner
does not clear the knee
does not lift the head
does not keep the elbow
does not move
i do nothing
i fell asleep here
i waited too long
i should not push there
my elbow is out
my head is down
my bad
my fault
that was on me
stupid of me
you left the arm there
you are flat
you are late
you stopped
you are holding your breath
your elbow
your head is too low
your hips are too far away
your feet are not doing anything
your weight is all wrong
what are you waiting for
what is he doing with that hand
why would you turn that way
why so high
where is your hook
where are your feet
where is the other hand
and she is punished for it
and it costs her
and of course he takes it
and of course she gets the knee in
which lets her back in
which opens the neck
so that hand is not helping anybody
so now he is stuck
so he has to start over
that is too slow
that is a bad angle
that is a bad habit
that is not where you want to be
that is never going to work
that is how you lose an arm
that is how you give up the back
that is asking to be swept
that leg is in the way
that elbow has to come in
that arm should not be there
the elbow is way out
the elbow is not home
the head is on the wrong side
the foot is too low
the foot is dangling
the knee is too far
the hips are up
the hips are gone
the frame collapses
the posture is broken
the post is gone
the timing is off
the distance is wrong
the grip is useless
the order is wrong
the weight is nowhere
he is pushing with his hands
he is reaching
he is crossing his arms
he is holding the wrong thing
he is resting on his elbows
he is not there yet and he squeezes
he is fighting the wrong problem
he is fighting the hand and not the leg
she fights the wrong grip
she chases the arm
she is staring at it
she bails out
she backs away
she gets stuck behind the knee
she turns her head the wrong way
she looks away
both of them stop working`,
};
