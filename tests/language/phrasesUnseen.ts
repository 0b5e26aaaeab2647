/** Phrases of the same kind as the ones to tune with, kept apart: nothing was changed in the matcher or the vocabulary because of them. */
export const spelledUnseen = `
quarter position > quarter-guard
reverse half guard > reverse-half-guard
rubber guard > rubber-guard
high guard > high-closed-guard
collar and sleeve > collar-sleeve-guard
collar sleeve guard > collar-sleeve-guard
rdlr > reverse-de-la-riva-guard
reverse x > reverse-x-guard
k guard > k-guard
shin on shin > shin-to-shin-guard
worm guard > worm-guard
inverted guard > inverted-guard
upside down > inverted-guard
sitting guard > seated-guard
feet on hips > open-guard
half butterfly > butterfly-half-guard
flattened half > flat-half-guard
outside ashi > outside-ashi
basic ashi > ashi-garami
backside fifty fifty > backside-fifty-fifty
side mount > side-control
hundred kilos > side-control
reverse kesa > reverse-kesa-gatame
low mount > low-mount
grapevine mount > low-mount
high mount > high-mount
rear mount > back-control
one hook in > back-one-hook
truck > truck
crab ride > crab-ride
crucifix > crucifix
all fours > turtle
face down > belly-down
double guard pull > double-guard-pull
scramble > scramble
rear clinch > standing-back
bear hug > standing-body-lock
kimura trap > kimura-control
plum > double-collar-tie
wrist control > wrist-control
overhook > overhook @closed-guard
double underhooks > double-underhooks
chin strap > chin-strap
gift wrap > gift-wrap
sleeve grip > sleeve-grip @open-guard
cross collar grip > cross-collar-grip @closed-guard
belt grip > belt-grip
high crotch > high-crotch
knee tap > knee-tap
duck under > duck-under
mat return > mat-return
fireman's carry > firemans-carry
osoto gari > outside-reap-throw
uchi mata > inner-thigh-throw
seoi nage > shoulder-throw
tomoe nage > tomoe-nage
technical stand up > technical-stand-up
wrestle up > wrestle-up
knee slide > knee-slice
leg weave > leg-weave-pass
tripod pass > tripod-pass
floating pass > float-pass
cartwheel pass > cartwheel-pass
hip switch pass > hip-switch-pass
folding pass > folding-pass
split pass > leg-split-pass
balloon sweep > overhead-sweep
tripod sweep > tripod-sweep
sickle sweep > sickle-sweep
waiter sweep > deep-half-sweep
lasso sweep > lasso-sweep
x guard sweep > x-guard-sweep
knee to elbow > elbow-escape
elbow escape > elbow-escape
re-guard > frame-and-reguard
hitchhiker > hitchhiker-escape
sit out > sit-out
peek out > peek-out-escape
limp arm > limp-arm
chair sit > chair-sit-back-take
kiss of the dragon > kiss-of-the-dragon
imanari roll > rolling-leg-entry
paper cutter > paper-cutter-choke
peruvian necktie > peruvian-necktie
von flue > von-flue-choke
buggy choke > buggy-choke
wrist lock > wrist-lock
bicep slicer > bicep-slicer
calf slicer > calf-slicer
twister > twister
banana split > banana-split
estima lock > estima-lock
spinning armbar > far-side-armbar
mounted triangle > mounted-triangle
passes with a hook still in > err-hook-not-cleared
straight arms under mount > err-bench-press
choke is on the chin > err-pressure-on-chin
elbow outside the knee shield > err-elbow-outside-shield
heel exposed > err-heel-shown
stays calm > good-calm-under-pressure
`;
export const damagedUnseen = `
quater guard > quarter-guard
reverse haf guard > reverse-half-guard
ruber guard > rubber-guard
rober guard > rubber-guard
coller and sleeve > collar-sleeve-guard
caller sleeve > collar-sleeve-guard
revers x guard > reverse-x-guard
kay guard > k-guard
shin to chin > shin-to-shin-guard
wormguard > worm-guard
invertid guard > inverted-guard
seeted guard > seated-guard
haf butterfly > butterfly-half-guard
flatened half > flat-half-guard
outside ashy > outside-ashi
ashi garammi > ashi-garami
fity fifty > fifty-fifty
side mound > side-control
side contrl > side-control
revers kesa > reverse-kesa-gatame
hi mount > high-mount
low moutn > low-mount
mownt > mount
rear moutn > back-control
one hok in > back-one-hook
truk > truck
crap ride > crab-ride
crew suffix > crucifix
crucifx > crucifix
turtles > turtle
bely down > belly-down
scrambel > scramble
dobule guard pull > double-guard-pull
kimura tarp > kimura-control
wrist controll > wrist-control
wriscontrol > wrist-control
overhok > overhook @closed-guard
doubel underhooks > double-underhooks
chinstrap > chin-strap
giftwrap > gift-wrap
slave grip > sleeve-grip @open-guard
sleve grip > sleeve-grip @open-guard
cross coller grip > cross-collar-grip @closed-guard
high croch > high-crotch
knee tab > knee-tap
duckunder > duck-under
mat retrun > mat-return
firemans cary > firemans-carry
osotogari > outside-reap-throw
uchimata > inner-thigh-throw
single egg > single-leg @standing-neutral
singel leg > single-leg @standing-neutral
double lake > double-leg
tecnical stand up > technical-stand-up
wrestel up > wrestle-up
knee slid > knee-slice
kneecut > knee-slice
leg weeve > leg-weave-pass
tripod pas > tripod-pass
flaoting pass > float-pass
cart wheel pass > cartwheel-pass
hip swich pass > hip-switch-pass
baloon sweep > overhead-sweep
tripd sweep > tripod-sweep
sickel sweep > sickle-sweep
waitor sweep > deep-half-sweep
lasso sweap > lasso-sweep
penned sweep > pendulum-sweep
elbows cape > elbow-escape
hips cape > hip-escape
hitch hiker escape > hitchhiker-escape
hitchiker > hitchhiker-escape
sit doubt > sit-out
lymph arm > limp-arm
chairsit > chair-sit-back-take
kiss the dragon > kiss-of-the-dragon
paper cut her > paper-cutter-choke
peruvian neck tie > peruvian-necktie
von flu choke > von-flue-choke
bugy choke > buggy-choke
risk lock > wrist-lock
wristlock > wrist-lock
bicep slizer > bicep-slicer
calf slicr > calf-slicer
twistr > twister
bannana split > banana-split
spining armbar > far-side-armbar
mounted try angle > mounted-triangle
monted triangle > mounted-triangle
guillotin > guillotine
giltine > guillotine
omoplatta > omoplata @closed-guard
omoplata swep > omoplata-sweep
american lock > americana @mount
straight foot look > straight-ankle-lock
hook stil in > err-hook-not-cleared
elbows flaired > err-elbows-open
choke on the chinn > err-pressure-on-chin
heel exposd > err-heel-shown
good fraim > good-frame-inside
`;
