/**
 * What coaches type and what speech programs write, with the concept that is meant; `@` gives the position at that moment.
 * Written for this list. These are the ones to tune with.
 */
export const spelledForTuning = `
half guard > half-guard
knee slice > knee-slice
knee cut > knee-slice
rear naked choke > rear-naked-choke
rnc > rear-naked-choke
full mount > mount
cross side > side-control
back control > back-control
closed guard > closed-guard
full guard > closed-guard
triangle choke > triangle
arm lock > armbar
double leg > double-leg
shrimp > hip-escape
upa > bridge-and-roll
trap and roll > bridge-and-roll
granby > granby-roll
torreando > toreando
bullfighter pass > toreando
scissor sweep > scissor-sweep
flower sweep > pendulum-sweep
hip bump > hip-bump-sweep
butterfly hooks > butterfly-guard
elevator sweep > butterfly-sweep
de la riva > de-la-riva-guard
dlr > de-la-riva-guard
spider guard > spider-guard
lasso > lasso-guard
x guard > x-guard
slx > single-leg-x-guard
fifty fifty > fifty-fifty
inside sankaku > saddle
straight foot lock > straight-ankle-lock
achilles lock > straight-ankle-lock
inside heel hook > inside-heel-hook
knee bar > knee-bar
toe hold > toe-hold
kimura > kimura @side-control
americana > americana @mount
key lock > americana
omoplata > omoplata @closed-guard
guillotine > guillotine
high elbow guillotine > high-elbow-guillotine
darce > darce-choke
anaconda > anaconda-choke
bow and arrow > bow-and-arrow-choke
cross collar choke > cross-collar-choke
loop choke > loop-choke
clock choke > clock-choke @turtle
ezekiel > ezekiel-choke @mount
baseball bat choke > baseball-bat-choke
arm triangle > arm-triangle
head and arm choke > arm-triangle
north south choke > north-south-choke
turtle > turtle
belly down > belly-down
front headlock > front-headlock
seat belt > seat-belt
body triangle > body-triangle-back
knee on belly > knee-on-belly
knee ride > knee-on-belly
knee on stomach > knee-on-belly
north south > north-south
scarf hold > kesa-gatame
kesa > kesa-gatame
s mount > s-mount
technical mount > technical-mount
z guard > knee-shield-half-guard
knee shield > knee-shield-half-guard
deep half > deep-half-guard
lockdown > lockdown-half-guard
quarter guard > quarter-guard
dogfight > dogfight
headquarters > headquarters
leg drag > leg-drag @open-guard
x pass > x-pass
stack pass > stack-pass
over under pass > over-under-pass
double under pass > double-under-pass
body lock pass > body-lock-pass
long step > back-step-pass
smash the knees to one side > leg-smash-pass
arm drag > arm-drag
berimbolo > berimbolo
single leg > single-leg @standing-neutral
ankle pick > ankle-pick
snap down > snap-down
collar drag > collar-drag
foot sweep > foot-sweep
pull guard > sit-guard-pull
jump guard > jump-guard-pull
sprawl > sprawl
collar tie > collar-tie
two on one > two-on-one @standing-clinch
russian tie > two-on-one
underhook > underhook @half-guard
whizzer > whizzer
crossface > crossface
cross sleeve grip > cross-sleeve-grip
elbows flared > err-elbows-open
bench press > err-bench-press
posture broken > err-shoulders-past-hips
flat in half > err-half-flat
gives up the underhook > err-underhook-uncontested
no knee line > err-no-knee-line
turns the back > err-turns-away
good frame > good-frame-inside
`;
export const damagedForTuning = `
hlaf guard > half-guard
halfguard > half-guard
have guard > half-guard
nee slice > knee-slice
knee slise > knee-slice
kneeslice > knee-slice
niece lice > knee-slice
rear naked joke > rear-naked-choke
reer naked choke > rear-naked-choke
moutn > mount
mounts > mount
side controll > side-control
sight control > side-control
sidecontrol > side-control
bakc control > back-control
bag control > back-control
close guard > closed-guard
clsoed guard > closed-guard
traingle > triangle
try angle > triangle
arm bar > armbar
armabr > armbar
amrbar > armbar
duble leg > double-leg
shirmp > hip-escape
brige and roll > bridge-and-roll
granbee roll > granby-roll
toriando > toreando
torreandoo > toreando
sicssor sweep > scissor-sweep
scissors weep > scissor-sweep
pendulm sweep > pendulum-sweep
hip pump > hip-bump-sweep
buterfly guard > butterfly-guard
butter fly guard > butterfly-guard
butterfly sweap > butterfly-sweep
delivery hook > de-la-riva-guard
dela riva > de-la-riva-guard
reverse delivery > reverse-de-la-riva-guard
spied her guard > spider-guard
laso guard > lasso-guard
eggs guard > x-guard
single lex > single-leg-x-guard
5050 > fifty-fifty
fifty fity > fifty-fifty
sadle > saddle
sattle > saddle
ankel lock > straight-ankle-lock
straight uncle lock > straight-ankle-lock
inside he'll hook > inside-heel-hook
kneebar > knee-bar
toehold > toe-hold
kimora > kimura @side-control
chimera > kimura @side-control
amerikana > americana @mount
american a > americana @mount
oma plata > omoplata @closed-guard
omaplata > omoplata @closed-guard
guilotine > guillotine
gear teen > guillotine
gillotine > guillotine
dars > darce-choke
darse choke > darce-choke
anna conda > anaconda-choke
bow in arrow > bow-and-arrow-choke
bow and arow > bow-and-arrow-choke
cros collar choke > cross-collar-choke
cross color choke > cross-collar-choke
lop choke > loop-choke
clog choke > clock-choke @turtle
is equal choke > ezekiel-choke @mount
ezekeil > ezekiel-choke @mount
arm traingle > arm-triangle
north self > north-south
turtel > turtle
hurdle > turtle
front had lock > front-headlock
seatbelt > seat-belt
seat bell > seat-belt
buddy triangle > body-triangle-back
body traingle > body-triangle-back
new on belly > knee-on-belly
knee on bely > knee-on-belly
case a got a me > kesa-gatame
ass mount > s-mount
tech mount > technical-mount
knee sheild > knee-shield-half-guard
deep have > deep-half-guard
look down > lockdown-half-guard
leg drug > leg-drag @open-guard
stak pass > stack-pass
overunder pass > over-under-pass
body look pass > body-lock-pass
arm drug > arm-drag
bury in bolo > berimbolo
snapdown > snap-down
color tie > collar-tie
cross face > crossface
underhok > underhook @half-guard
elbws flared > err-elbows-open
benchpress > err-bench-press
postur broken > err-shoulders-past-hips
`;
