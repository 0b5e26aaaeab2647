import { stemOf } from '../callline/words';

/**
 * Words that tell the same on the mat, a group a line; the first stands for them all. A word that tells two things stands in the group of what it tells there.
 * @source common practice, written down by the makers
 */
const groups = `
push shove drive force press shuck bulldoze blast plow steer nudge
pull yank drag haul tug reel jerk tow heave rip snatch
lift elevate hoist raise scoop pick
grab grip grasp seize clutch catch snag latch clamp cup
hold keep control maintain clasp own
hang cling
squeeze crush tighten constrict clench cinch
choke strangle throttle
twist crank rotate wrench torque
turn spin pivot swivel rotate face
roll tumble somersault
circle around round orbit
walk step move shuffle inch march crawl pad
run dash sprint race fly
slide slip glide scoot sneak slither
cut slice carve
climb crawl scramble clamber
jump hop leap bounce
fall drop topple tip tumble collapse flop crash
dump toss throw fling chuck hurl launch
dive lunge plunge shoot
sit squat
stand rise
lie lay
flatten squash pancake smash smush mash flat squish
fold crumple stack jackknife
stretch extend straighten straight lengthen
bend curl bent hunch round
hook snare
wrap wind coil envelop loop
lock close shut tie cross clasp
open unlock undo pry part unwind
free release loose loosen liberate wiggle wriggle
leave exit escape survive flee
lose lost surrender forfeit squander
give hand gift offer concede donate allow let
take steal claim
trap pin stick stuck jam wedge nail immobilise tie
block stop stuff deny shut prevent stall jam
frame brace
post base prop
bridge buck bump upa
shrimp hip-escape scoot
recover reguard regain restore replace retain
defend protect guard shield fight
peel strip break tear
dig swim pummel thread burrow snake
reach stretch grope paw
chase hunt follow track
wait stall idle pause rest watch stare admire dawdle loiter
hurry rush hasten force
hesitate dither
panic flail freak
settle consolidate stabilise sit
sweep reverse overturn flip upend
pass
finish complete seal
tap submit quit
attack threaten
try attempt want look look go
switch change transition alternate
fake feint
head face skull forehead
neck throat
chin jaw
shoulder
elbow
hand fist palm fingers finger hands paw
wrist cuff
sleeve
collar lapel collars
jacket gi kimono coat skirt
pants trousers trouser pant
belt
arm arms limb bicep biceps forearm
leg legs thigh thighs
knee knees kneecap
shin shins
foot feet toes instep foots
heel heels ankle ankles
hip hips waist pelvis
belly stomach tummy gut
chest torso
butt bum seat bottom backside
back spine
weight pressure heavy
space room gap daylight distance hole window air
mat floor ground
side
top over above
under underneath below beneath
behind rear
inside inner
outside outer
front
far opposite
near close
both two
high
low
late slow
early soon
good nice great lovely beautiful excellent fantastic superb brilliant clean slick smart clever solid perfect textbook
bad poor sloppy lazy careless ugly awful terrible
no not never nothing without none neither hardly nowhere zero dont doesnt didnt isnt arent wasnt werent cant couldnt wont wouldnt havent hasnt hadnt shouldnt aint nobody
too
forget neglect ignore
miss
wide exposed
always again every
why
should could couldve shouldve wouldve mightve would might
partner opponent guy girl`;

const senseByStem: ReadonlyMap<string, string> = new Map(
  groups
    .trim()
    .split('\n')
    .flatMap((line) => {
      const [first = '', ...more] = line.split(' ').map(stemOf);
      return [first, ...more].map((stem) => [stem, first] as const);
    })
    .reverse(),
);

/** What a word tells on the mat: the word that stands for its group, else its stem. */
export function senseOf(word: string): string {
  const stem = stemOf(word);
  return senseByStem.get(stem) ?? senseByStem.get(word) ?? stem;
}
