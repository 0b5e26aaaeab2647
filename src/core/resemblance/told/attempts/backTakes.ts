export const toldBackTakes: Readonly<Record<string, string>> = {
  'turtle-back-take': `
goes round behind the turtle and puts the hooks in
climbs on the back from turtle
gets behind and the hooks go in
hops on the back
spins around to the back`,
  'arm-drag': `
pulls the arm across and goes behind
drags the arm and climbs on the back
arm across and he is behind him
two hands on the arm and takes the angle`,
  'omoplata-to-crucifix': `
rolls from the shoulder lock and both arms are trapped`,
  berimbolo: `
spins under and comes out on the back
rolls underneath to the back
goes upside down, pulls the belt and is behind
inverts to the back`,
  'kiss-of-the-dragon': `
goes between the legs and out behind
spins under between the legs to the back`,
  'crab-ride-back-take': `
hooks behind the knees and pulls him down on to the lap
sits behind with the feet in the knees and takes the back`,
  'leg-drag-back-take': `
he turns away from the leg drag and gives the back
from the drag he goes up to the back`,
  'chair-sit-back-take': `
sits behind and pulls him in to the hook`,
  'rolling-back-take': `
rolls over the shoulder and takes the back with him
rolls through and has the back`,
  'half-guard-back-take': `
goes out the back door from half
takes the back from half guard
climbs up from the underhook to the back`,
  'technical-mount-back-take': `
he turns and from mount he gets the back
rolls with the turn and the hooks go in
mount to the back as he rolls away`,
  'gift-wrap-back-take': `
wraps the arm round his own neck and takes the back
pulls the wrist behind the head and rolls to the back`,
  'kimura-back-take': `
uses the kimura to get behind
with the double wrist he takes the back`,
  'arm-triangle-back-take': `
goes from the head and arm to the back`,
  'truck-roll': `
rolls and hooks the leg
rolls into the leg lace`,
  'unnamed-back-take': `
takes the back
gets the back
gets behind
he goes to the back
jumps on the back
he is on the back
climbs onto the back
spins behind
circles to the back
ends up behind
goes behind
gets around to the back
and there is the back
tries to get to the back
working to the back now`,
};
