export const toldMount: Readonly<Record<string, string>> = {
  'err-elbows-open': `
elbows are wide open under mount
his elbows float away from the ribs
you let your elbows come up
elbow is out by the ear
arms spread, knees climb right up
there is a huge gap under that elbow
under mount with the elbows out wide
armpits open, knees slide right up
elbows are at ear height
he lets the elbows get lifted off
arms up over his head under mount`,
  'err-bench-press': `
tries to push him off the mount
benching the guy
you push straight up with both hands
pushing on the chest from under mount, that is an armbar
pushes up like in the gym
trying to lift her off with the arms
bench presses from the bottom of mount
straight arms against the chest from underneath`,
  'err-few-bridges': `
one bridge and then he lies there
does not bridge enough
you tried to get out once and stopped
only moves every thirty seconds
only bridged once
bridges and then takes a rest
where is the second bridge`,
  'err-bridge-straight-up': `
bridges straight up instead of over the shoulder
the bridge goes nowhere, straight to the ceiling
no direction in that bridge
lifts the hips to the ceiling and comes back down
bridge without turning
goes straight up, needs to go over a shoulder`,
  'err-bridge-untrapped': `
bridges without trapping the arm
he can post so easily, nothing is trapped
you bridge and he puts his hand down
no arm, no leg, just a bump
bridges but the hand is free to post
you have to catch an arm before the bridge
nothing is held when he bridges so he bases out
bucks with no foot trapped`,
  'err-mount-no-base': `
no base in mount, feet together
sits up tall in mount and gets rolled
you had no post on that side
knees too close together up there
he sits upright and she dumps him
sits too upright in mount
feet crossed under her in the mount, bad idea
leans to one side and gets rolled off the mount
nothing wide about that mount`,
  'err-knee-behind-elbow': `
knees are down low behind the elbows
she lets the elbows get inside his knees
you sit on the hips and the elbows come down
sits down low by the hips and the elbows can work
mount is too low
knees do not come up to the armpits`,
  'err-mounts-over-elbow': `
steps over with the elbow still in the way
mounts onto the knee and elbow and lands in half
steps over into the elbow and gets half guard`,
  'err-first-hand-shallow': `
first hand is shallow in the collar
the grip is way too low for a choke
you only have four fingers by the chest
barely inside the collar, nothing there
choke with no depth
thumb is barely in
the collar hand has no depth
fingers in the lapel by the chest, that will not choke anyone
go deeper with the first hand`,
  'err-pressure-on-chin': `
choking the chin
forearm across the jaw, not the neck
it is on the face and never under
you are squeezing his teeth
over the chin
it is on the jaw
not under the chin, over it
he is squeezing the face and not the neck
arm across the mouth
chin is tucked and he keeps squeezing`,
};
