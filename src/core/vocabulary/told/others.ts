/** What was open and not taken, by technique id; `''` where it is none of them. @source common practice, written down by the makers */
export const toldChances: Readonly<Record<string, string>> = {
  '': `
that was open
the arm was there
neck was wide open and he did not see it
he could have gone to the back there
she could just take the back
should go right there
that would have been the time to stand up
there is the sweep and she does not take it
the choke was right there
did not see the foot
could have had the arm
he had the underhook and could have come up
should have come up there
why not take the back
take it
take the back
just pass there
go now
there is a leg for you
that leg is there
look at that arm just lying there
the heel was out
if he steps over there he is in mount
if she had turned the hips it was done
you had the time to get up
you had him there
missed it
misses the moment to turn
never saw it
does not take it
lets the chance go
an easy back take he does not see
free pass there
the pass was open on the other side
all he had to do was step over
all you need there is the hook
would have been an easy sweep
wish i had gone for the collar
i had the collar and did not choke
i could have tapped him there
i should have gone
had he looked down he would have seen the ankle
nobody home on that side, go there
both feet in front of you and you do nothing
half a second and it was there
that is a free armbar
the triangle is sitting there
he leaves the arm and she does not take it
she does not see it`,
};

/** What breaks the round or ends it. @source common practice, written down by the makers */
export const toldStops = `
and that is time
there is the bell
the buzzer goes
time
they stop for a second
stop there, restart in the middle
out of bounds, they come back to the center
he fixes his belt
a break for the gi
somebody rolls into them and they pause
he says something about the knee and they stop
shakes out the hand
cramp, short break
they slap hands and go again
mouthguard fell out
she needs a moment
they reset
restart
end of the round
the round is over
drink break
tape comes off the finger
eye poke, they wait
camera goes black here
they go off the picture`;

/** What tells of nothing that happened in the round. @source common practice, written down by the makers */
export const toldAsides = `
so this is from last thursday
okay let me rewind that
hang on let me pause it
can you see that all right
sorry about the sound
the camera is a bit far away
i will show you this in class
remember to like and subscribe
in general you always want the inside
as a rule the elbow stays at home
when somebody does that you have to frame
what i teach is hand first and then hip
most people at that belt do that
in competition that would be two points
if he were heavier that would be different
last week he did the same against somebody else
we will drill that on monday
write that down
she trains four times a week
he is coming back from an injury
he just got his purple belt
great guy by the way
who is that in the background
that is the kids class next door
coffee is ready
my phone is ringing
where was i
what do i want to say
anyway
so yeah
right so
okay
all right next one
so what is the answer there
there are two schools about that
some people like to sit there and some do not
personally i like the other side
the idea of this guard is to keep distance
the purpose of the hook is to lift
he might go for the arm now
maybe she goes to the back
i think he wants the choke
looks like she is thinking about the sweep
he wants to go left i guess
watch out for the triangle
be careful of the ankle
the danger here is the back take
you would normally go for the collar
normally you pass on the other side
from here you can go to the kimura or the guillotine
there are three options from there
option one is to stand up
think about where your weight is
ask yourself what the other leg does
imagine he has the underhook
for example if i grab here
like i said before
as i said
i said that already
let us look at that again
watch it in slow motion
now look at this
look at this
keep an eye on the left hand
here we go
good luck with that
ha
that was funny
he laughs
they both laugh
i am not sure what that is
hard to see from this angle
i cannot tell if that is in
not sure if the hook is in
could be a wrist grip, i cannot see it
no wait that is the other guy
sorry that is his foot not hers
the black belt on the next mat does that all the time
in the old days nobody did that
i have a video about this
sign up on the website
thank you for watching
see you next time
let me know what you think
questions
how long is left
two minutes left
about a minute in
he weighs maybe eighty kilos
she is ten kilos lighter
big size difference
both are blue belts
this is a gi round
six minute round
round two
first round
long round this one`;
