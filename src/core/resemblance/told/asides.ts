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
long round this one
if you have the underhook you can come up
if the elbow is in he can not take the arm
if he steps up you go to the other leg
if somebody stands up in your guard you take the ankles
if you do not have the grip do not go
if she had more time she might have finished
if that were me i would have tapped
when he drives you have to turn
when they get to half guard it gets slow
whenever you feel the knee come through you frame
once you have both hooks it is a different story
as soon as the head is free you can move
before you sweep you break the balance
until the hips are dead you do not pass
unless you are very flexible
you want to keep the elbow close
you want the hook before the sweep
you want to be on your side there
you want your head on the inside
you want that underhook in half guard
you always want the angle first
you never want to be flat
you can go to the back from there
you can also take the leg
you could also play this from closed guard
you have to be patient in this position
you have to respect the choke
you need two grips for that
you need the hips for the armbar
you need to be heavy
you should think about the far arm
you will see what i mean
you see this a lot with white belts
you get that with tall people
you know how it is
you know what i mean
you know the feeling
everybody does this
everyone makes that mistake
everybody wants to jump on the back
nobody likes to be there
people forget about the head
people like to go for the collar here
a lot of people stop here
most people would sit up
beginners push with the arms
good players wait for this
big guys do not like to move
small people have to be quick
the point is to make him carry the weight
the trick is to wait
the secret is in the hips
the key to this pass is the head
the key is the elbow
the idea is to split the knees
the rule is hand first foot second
the rest is easy
the problem with that guard is the knee
the problem with the lockdown is you can not move either
the good thing about the pin is he gets tired
the nice thing about video is you can stop it
the first thing you learn is to shrimp
the thing i keep saying is frames
the sleeve is what makes this guard work
the hook is there to lift
the underhook is worth gold
the triangle needs an angle
the guillotine works better with a high elbow
the knee shield is made for this
the turtle is a place to leave
mount is two points more than that
a frame is not a push
a sweep is only a sweep if you stay up
a pass needs three seconds
position before submission
hips before hands
legs first then the collar
inside position wins
grips are everything
that is a question of taste
that is a question of timing
that is a matter of belts
that is another story
that is for another day
that is for another class
that is what i mean
that is what he is thinking
that is what she wants
that is what they teach over there
that is what happens
that is life
that is jiu jitsu
that is the game
that is the whole idea
that is the theory
that is my opinion
that is not the point
that is not important now
that is fine
that is ok
that is allowed
that is legal at purple belt
that is not legal for kids
that is hard to do
that is hard to see
that is hard against a big guy
that is easy to say
that is the part i wanted to show you
that is the part i want you to watch
this is the part i like
this is the interesting part
this is where it gets interesting
this is the second round
this is a position we know
this is from the open mat
this was before his surgery
this was after class
this is about the grips again
this will be important later
here comes the interesting bit
here you can see it better
here is a question for you
here is the thing
here i stop for a second
let me go back a bit
let me go back ten seconds
let me show you again
let me zoom in
let me think
let me put it this way
let me just say
let us see what happens
let us see
let us go on
let us watch
let us move on
let us talk about the hands
wait for it
wait a second
one moment
hold on let me find it
skip this
i skip that
i will come back to that
i will get to that
i will say it again
i always say that
i always tell you
i keep telling him
i tell the kids that too
i told you on tuesday
i told her before the round
i told him to go light
i asked him about it later
i asked her to play guard
i do not know why
i do not know what she was thinking
i do not mind that
i do not care about the points
i do not want to talk about that
i am not a fan of the rules
i am not saying it is wrong
i am not going to lie
i am a bit biased
i am just the guy with the camera
i think that is fine
i think so
i think he was tired
i think she got scared
i thought she would stand up
i thought that was it
i thought he had it
i thought she was going for the leg
i guess he wants to rest
i guess
i suppose
i bet he goes for it
i bet that hurt
i hope he is ok
i know i know
i know what you are thinking
i remember that day
i remember this because it was hot
i was tired there
i was so tired
i was scared of the foot
i was thinking about the choke
i wanted to go to the left
i wanted to try the new thing
i wanted to sweep but no chance
i would like to see it from the other side
i would go for the collar
i would wait
i would have been tapped
i can not watch
i can hear the coach shouting
i can not see her hand
i hear somebody laughing
i love this guy
i hate this guard
i hate being there
he is thinking
he is thinking about it
he is looking for something
he is looking for the grip
he is looking for a way out
he is looking at the clock
he is setting something up
he is waiting for the reaction
he is going to try something
he is going to pass
he is going to go for the arm i think
he is about to go
he is ready
he is tired now
he is breathing hard
he is smiling
he is talking
he is happy
he is the taller one
he is the one in blue
he is new
he is strong as an ox
he is a wrestler
he is left handed
he is fifteen years older
he is very flexible
he wants the leg
he wants to get to the back
he wants the underhook
he wants to close the guard
he wants to stand up
he would love to get the collar
he might stand up
he might try again
he can wait
he can rest there
he can not see it
he can stay there all day
he could stay there all day
he knows that one
he knows what i mean
he knows this position
he likes that side
he likes to play half guard
he likes this guard
he loves the kimura
he loves leg locks
he hates that
he told me later it was the knee
he told me he was tired
he said sorry
he says he could not breathe
he says nothing
he has been working on that
he has long legs
he has a bad shoulder
he has time
he has all the time in the world
he has a competition next month
he had surgery on that knee
he did that in the last round too
he does that to everybody
he always does that
he always starts like this
he usually passes on the other side
he never taps
he never gets tired
she feels it coming
she feels the pressure
she felt that
she is not worried
she is worried about the foot
she is fine
she is all right
she is so small next to him
she is one of our best
she is fourteen
she started in spring
she came back after a year
she trains with the boys
she will not like that
she will try again
she does not care
she does not mind being there
she does not like that
she decides to wait
she expects the sweep
they know each other
they are friends
they are both tired
they are both waiting
they are having fun
they started from the knees because of the mats
they look at me
they talk about something
they shake hands
they have been there for a minute
we have talked about this
we talked about that on monday
we talk about that in a minute
we call that the clamp
we call this one the old coat
we train that every week
we did that last month
we will do that again
we will work on it
we see that again later
we saw that before
we are not in a hurry
we are back
we are looking for the elbow here
we are in minute three
we have three minutes left
we have seen that ten times
remember what i said about the head
remember the drill with the belt
remember your hips
remember to breathe
think of it like a door
think of a table with three legs
think of somebody pushing a car
think about that tonight
imagine a string from the belt to the wall
imagine the guy is ten kilos heavier
it is like pushing a fridge
it is like riding a horse
it is like a chess game
it is like a bus stop here
like a dog with a bone
like a cat on a wet roof
like my grandmother
like a monkey
as if nothing had happened
it is the same for everybody
it is the same on the other side
it is not about strength
it is not about speed
it is not magic
it is not a race
it is all about the hips
it is about time
it is hot in here
it is only training
it is only a game
it is just practice
it is a long way to the belt
it is a good position for him
it is a good question
it is a bit dark
it takes time
it takes three months to learn that
it depends
it depends on the rules
it depends on the grip
it does not matter
it does not have to be strong
it happens
it happens so fast
it happens to all of us
it looks worse than it is
it looks easy
it looks like a choke but it is not
it works against taller people
it was close
it was nothing
it was raining
it was his first week
it could be the left hand
it could be anything
it would be better with shoes off
maybe
maybe he slipped
maybe i am wrong
maybe it is the gi
maybe next time
maybe she wants the leg
maybe the other one
probably
probably the grip
perhaps he is hurt
who knows
what can you do
what do we do there
what do you do from there
what happens next
what is the most important thing here
what is the first thing you do
what is he looking at
what would you do
what did i say about the elbow
where does the hand go
where do you think the weight should be
how do you stop that
how many times did i say it
how long did that take
why is that important
why do we keep the elbow in
can you see the hand
can you see it
do you see the foot
do you see what i see
do you remember
did you see that
did you see his face
have a look at the feet
have a look at the grip on the left
watch the hand
watch the hips here
watch his left foot
watch what happens
watch this
watch closely
look here
look at the screen
look at the time
look at his face
see that
see
right
okay good
okay so
okay next
okay and
all right
well
well well
well anyway
yeah
yeah yeah
yes
no
no no
no problem
no idea
no big deal
nothing special
nothing yet
nothing happens for a while
not much happening here
not much to say
not yet
not today
not in this gym
not at his age
not that it matters
not sure about that one
so
so now
so what
so what do we learn from that
so what have we got
so let us see
so that is that
so that was the first minute
so that is the first half
so far so good
so the plan is
so the plan was to stay on top
so i said to him
so he asked me
and then
and then what
and then nothing
and so on
and that is that
and that is all
and that is the story
and that is it for today
and that was it
and i said no
and now
and now watch
and now comes the part
and again
and of course
and he knows it
but
but okay
but hey
but never mind
but that is me
but that is another thing
but he is young
but it is early
but still
but i like him
anyway back to the round
by the way
speaking of which
to be honest
to be fair
honestly
frankly
of course
in my day
in the beginning
in the end
in a real match
in a competition
in the gi you would grab that
in no gi you do not have that
in theory
in this gym
on the other hand
on a good day
on monday we do that
at this level
at home
at the end
at some point
at least
for me
for him
for the camera
for example
for now
for the rest of the round
from the side it looks different
from here
from there
from here it is a fight for the grip
from there you have the armbar or the triangle
from there the choke is next
after that
after this round
after class we talked about it
before that
during the warm up
last time
last year
last month he would have tapped
next time
next time try the other side
next time you frame first
next week
next one
next round
later
later on
again
once more
one more time
one more thing
one more minute
one thing i want to say
two things here
two options
two points in a match
three points if they count it
points do not matter here
first of all
first thing
second thing
last thing
homework
homework for this week is the shrimp
homework is hip escapes
drill that
drill it ten times each side
practice that
work on that
write it down
try it slow
try that with a partner
try to feel where the weight is
keep the elbow in please
keep working on it
keep it simple
keep that in mind
do it again
do it slowly
do not forget
do not worry
do not do this at home
be careful with the neck
be nice to each other
take care of the knees
take your time
take it easy
tap early
tap when it hurts
breathe
breathe out
listen
listen to the breathing
listen to this
trust me
believe me
ask her
ask anybody
ask me how i know
come on
come on now
go go go
easy
easy now
careful
slowly
hello
hi everybody
good morning
good evening
good question
good day
good luck
thanks
thank you both
well done everybody
nice to see you
see you on thursday
enjoy
cheers
bye
sorry
sorry my mistake
excuse me
oh
oh no
oh dear
oh wow
oh well
wow
ouch
oops
hmm
ha ha
ladies and gentlemen
my friend
my son asked me that
my wife would say
my knee hurts just watching
my favourite position
my old coach used to say
his mother is watching
his nickname is the tank
his brother trains too
his favourite sweep is from half
her favourite choke
her first competition
her team mates are shouting
their first round together
your turn
your call
your favourite
your homework
you two
you idiots
you are welcome
you are right
you asked me about that
you asked for it
you told me the hand hurts
you remember that
you said you wanted to work on guard
you will hate me for this`;
