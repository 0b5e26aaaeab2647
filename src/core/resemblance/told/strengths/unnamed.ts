export const toldUnnamed: Readonly<Record<string, string>> = {
  '': `
that is nice
that is really nice
oh i like that
i really like this
love that
so good
very smart
very clean
nice work with the feet
good use of the hips
good job with the hand
great pressure
great patience
good decision
good choice
good thinking
good reaction
good recovery
great move
look how tight that is
look how calm she is
look at the hips there, perfect
see how he keeps the elbow in
that is exactly what we practised
exactly what we drilled
finally does what we have been working on
this is much better than last week
he remembered
you remembered the hand
you did that right
that is what i want to see
this is how you do it
textbook
beautiful
pretty slick
smooth
perfect timing
well timed
well defended
nicely done
strong grips
strong on top
does that really well
handles that well
he is so hard to hold down
she makes him carry all the weight
smart to take the easy points
happy with that
i was proud of this one
that was my best moment
credit to her
fair play
respect for that
nobody gets out of that
that is tight
tight as a drum
very heavy
makes him work for it
no panic at all
right answer
right idea
good idea
the right thing to do
good instinct
did his homework
good hips
good elbow
good feet
good hands
good knee
good head
good frame
good grip
good pressure
good angle
good fight
good answer
good control
good patience
good timing
good transition
nice hips
nice elbow
nice grip
nice pressure
nice angle
nice step
nice transition
nice and tight
nice and heavy
nice and low
nice and patient
great hips
great control
great composure
great defence
great hand fighting
excellent
excellent control
lovely movement
lovely detail
beautiful detail with the foot
what a detail
the detail there is the elbow, and he has it
there is the frame
there is the hook, good
there it is, lovely
that is the way
that is the right grip
that is much better
that is a big improvement
that is so important and he does it
that is very good from her
that saved him
that hand saved her
that is smart
that is patient
that is strong
that is experience
very nice
very patient
very heavy on top
very active with the feet
very good posture
really good base there
really nice detail
really tight
he is so tight
he is so patient with it
he keeps his elbows in
he keeps the pressure
he keeps the grip the whole time
he keeps the knee line
he never gives her space
he never lets go of it
he does not bite
he does not fall for it
he does not rush
he does not give her the arm
he does not let her turn
he makes it heavy
he makes her work
he waits for it, good
he sees it coming
he sees it early
he reads that well
he knows what is coming
he stays on top of her hips
he stays tight all the way
he stays connected
he stays with it
he did everything right
she is not letting him settle
she is so hard to pass
she fights for the inside, good
she takes her time
she protects her neck well
she hides the arm well
she gets her hips under her
she uses the whole body
she does that without using her arms
she fixes it right away
she corrects it
you fixed the elbow
you kept the elbow in
you stayed tight
you stayed calm
you waited and it worked
you moved first
you remembered that
your hips are perfect here
your grips are good
your head is in the right place
i like the grip
i like the pressure
i like the head position
i like how she frames
i like how he waits
i like that he does not let go
i love this part
i am happy with my hips
i did that well
i kept my elbows in
my frame was good
i was patient there
look how he keeps the knee
look how low he stays
look how heavy
look at that base
look at that frame
see the elbow stays home
see how close the hips are
notice how the head stays low
that is why she can not get up
and so nothing happens to him
and he is safe
and she is safe because of the frame
which shuts that down
so he has no way out
so that is closed
which is perfect
which is what i asked for
which is the right choice
as it should be
just like we trained
just like in class
like a wall
like a rock
smart
wise
patient
perfect
spot on
bravo
top
well played
well seen
well kept
well done with the hips`,
};
