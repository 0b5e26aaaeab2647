/** How people tell of grips. @source common practice, written down by the makers */
export const toldGrips: Readonly<Record<string, string>> = {
  'collar-tie': `
hand behind the head
hand on the back of the neck
grabs the neck
pulls on the head with one hand`,
  'double-collar-tie': `
both hands behind the head
both hands on the neck`,
  'inside-tie': `
hand inside on the bicep
inside position with the hand`,
  'bicep-tie': `
holds the biceps
hand on the bicep`,
  'wrist-control': `
has the wrist
controls the wrist
grabs the wrist
hand on the wrist
holding both wrists
gets hold of the hand`,
  'two-on-one': `
two hands on the one arm
both hands on that arm
russian
controls one arm with two`,
  'one-on-one-wrist': `
same side wrist`,
  'four-finger-hand-grip': `
holds the fingers`,
  'two-on-one-choking-arm': `
both hands on the choking arm
two hands on the arm round the neck
holding the wrist of the choking arm`,
  underhook: `
arm under the armpit
gets the underhook
digs under
arm comes under on the near side
swims the arm under
has an underhook on that side
gets under the arm`,
  overhook: `
arm over and tight
wraps the arm over
overhook on the arm
traps the arm under the armpit`,
  'belly-whizzer': `
whizzer on the waist`,
  whizzer: `
whizzers hard
arm over the underhook and heavy
overhooks the arm with the hips down`,
  'double-underhooks': `
both arms under
two underhooks
under both arms`,
  'double-overhooks': `
both arms over the top`,
  'over-under': `
one over one under
over and under standing`,
  'body-lock': `
hands locked around the waist
arms around the body
hands clasped behind the back
locks her hands at the hips`,
  'rear-waist-lock': `
hands locked from behind
around the waist from behind`,
  'seat-belt': `
one arm over the shoulder and one under
seat belt on
over the shoulder and under the arm
seatbelt grip from behind`,
  crossface: `
shoulder in the face
forearm across the face
shoulder under the chin
arm under the head, turning the face away
heavy shoulder on the jaw`,
  'head-post': `
pushes on the head
hand on the forehead
posts on the head`,
  'forearm-frame': `
forearm on the neck
forearm across the throat
frames with the forearm
elbow in the hip and hand on the shoulder
arm in front of the neck`,
  'stiff-arm': `
arm straight against the shoulder
stiff arm
straight arm on the shoulder to keep away`,
  'ankle-grip': `
has the ankle
holds the ankle
hand on the heel
grabs the foot
holds both feet`,
  'leg-underhook': `
arm under the leg
scoops the leg
hand under the thigh`,
  'leg-overhook': `
arm over the leg`,
  'knee-pin': `
hand on the knee
pins the knee with the hand
pushes the knee down
both hands on the knees`,
  'chin-strap': `
hand on the chin
holds the chin from the front`,
  'kimura-grip': `
figure four on the arm
gets the double wrist
holding the kimura`,
  'gift-wrap': `
arm wrapped round his own head
his own arm across the neck held behind`,
  'rear-wrist-ride': `
holds the wrist from behind`,
  'palm-to-palm': `
hands clasped together
palms together`,
  's-grip': `
fingers hooked`,
  'rear-choke-lock': `
hand on the bicep behind the head
figure four round the neck`,
  'leg-hook': `
hook behind the knee
foot hooked in the leg
hook under the thigh
hook in on one side`,
  'foot-on-hip': `
foot on the hip
feet against the hips
puts a foot on the hip`,
  'leg-bite': `
squeezes the leg between the knees`,
  'sleeve-grip': `
has the sleeve
grabs the sleeve
gets the cuff
hand on the sleeve
controls the sleeves
both sleeves
holding on to the sleeve at the wrist
sleeve on the right`,
  'cross-sleeve-grip': `
the opposite sleeve
cross sleeve
sleeve on the other side across`,
  'cross-collar-grip': `
deep in the collar
hand across in the collar
cross collar
thumb in the collar on the far side
hand in the collar`,
  'lapel-grip-high': `
high on the lapel
behind the neck on the collar
grabs the collar
hand up by the neck in the gi
takes the collar
right hand on the lapel`,
  'lapel-grip-low': `
low on the lapel
hand down on the lapel
lapel at the belly`,
  'double-lapel-grip': `
both lapels
two hands on the collars`,
  'jacket-tail-grip': `
holds the skirt of the jacket
pulls the jacket out of the belt`,
  'lapel-feed': `
feeds the lapel to the other hand
passes the lapel round`,
  'pant-grip-knee': `
pants at the knee
holds the pants
grabs the trousers by the knee
both hands on the pants`,
  'pant-grip-cuff': `
cuff of the pants
pants at the ankle
holds the bottom of the trousers`,
  'belt-grip': `
has the belt
hand on the belt
grabs the belt over the back`,
  'spider-hook': `
foot in the bicep with the sleeve`,
  '': `
gets the grip
grips up
two good grips
has grips on both sides
first grip goes to her
he wants the grip on that side
hand fighting
fighting for grips`,
};
