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
they go off the picture
the timer goes off
there goes the timer
that is the end
that is the round
and they stop
they have to stop
they stop because of the wall
stop says the coach and they go back to the middle
the coach stops them
somebody calls stop
they pause and move away from the wall
too close to the other two, they stop
back to the middle
they start again from the same position
they start over
start again on the feet
we stop because the belt came off
his belt is off, wait
she ties her hair
she takes out the mouthguard
he has something in the eye
blood on the gi, they stop
nose bleed
he holds his knee and they stop
she hurt her finger
she says ouch and they stop
he taps because of the cramp
he waves it off
not a tap to the lock, the rib hurts
water
he goes to the side for a drink
we lose them from the picture
the camera falls over
camera turned away
cut
slap and bump
they bump fists and restart
they give each other a hand and it is over
time is up
times up
bell
buzzer
ding ding`;
