export const toldTurtle: Readonly<Record<string, string>> = {
  'err-hooks-inner-leg': `
hooks the near leg instead of the far one
wrong leg for the roll`,
  'err-too-high-on-turtle': `
rides too high over the turtle
weight is up by the head and he rolls off the front
you are leaning over her shoulders
leans out over the head on the turtle
so far forward that he falls over the front
slides off over the head`,
  'err-reaches-over-turtle': `
reaches over the top and gets rolled
arm goes over the back and she catches it
puts the arm over the far side and gets rolled`,
  'err-knee-first-hook': `
tries to put the knee in and not the foot
jams the knee between and there is no hook`,
  'err-hook-late': `
never fetches the second hook
hook comes in way too late
you had one hook for a minute, get the other one
only ever one hook
no second hook
the second foot never comes
still only one hook after all that time
get your other hook in
he never goes for the second hook
hook number two is missing`,
  'err-no-leg-for-the-roll': `
rolls without hooking the leg
no leg so the roll does nothing`,
  'err-bellies-down': `
goes flat on the stomach
turns to the belly and gives the back
you rolled face down, worst thing you can do
belly to the mat and now it is choke time
flattens himself out on the belly
rolls onto the stomach with her on top
goes belly down and that is the back`,
  'err-spins-into-headlock': `
sits out right into the headlock
comes up with the head low into the guillotine
comes up straight into the front headlock`,
  'err-grabs-leg-from-turtle': `
grabs the leg from turtle and stays there
hangs on to the leg with the back open
holds a leg from the turtle while she takes the back`,
  'err-elbows-open-turtle': `
turtle with open elbows
gap between elbow and knee and the hook slides in
you leave space for the hooks
loose turtle, holes everywhere
space by the hip in the turtle
his turtle has open doors
knees and elbows are not together`,
  'err-arm-left-behind': `
leaves an arm behind in the turtle
arm is out there posted far away
you put your hand out on the mat and he takes it
arm is posted out far from turtle
leaves the near arm hanging out
hand on the mat in turtle, there for the crucifix`,
  'err-yanks-turtle-back': `
yanks him backwards on top of himself
pulls her straight back out of the turtle
pulls him onto himself from the turtle
tries to drag her backwards by the waist`,
};
