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
