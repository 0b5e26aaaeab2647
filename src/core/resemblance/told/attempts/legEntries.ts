export const toldLegEntries: Readonly<Record<string, string>> = {
  'single-leg-x-entry': `
gets under the leg and puts the feet on the hip
drops under the leg and ties it up
lifts with the hook and catches the leg`,
  'ashi-entry-from-butterfly': `
lifts with both hooks and takes the leg
elevates and slides under the leg`,
  'outside-ashi-entry': `
both feet go to the outside of the leg`,
  'k-guard-entry': `
threads the leg under and comes up on the leg`,
  'false-reap-entry': `
spins under and crosses the leg over`,
  'saddle-entry': `
gets to the inside with both legs on the one leg
crosses the legs and locks the thigh
gets the leg across and triangles the legs around it`,
  'fifty-fifty-entry': `
legs tied on the same side now
ties both legs up the same way`,
  'rolling-leg-entry': `
rolls for the leg
rolls under for the knee`,
  'heel-scoop': `
scoops the heel up with the arm
gets the heel in the elbow`,
  'heel-exposed-by-knee': `
turns the knee in to bring the heel out`,
  'heel-exposed-by-hand': `
peels the toes over to get the heel`,
  'backstep-leg-entry': `
steps back and sits on the leg
back step into the leg lock`,
  'diving-leg-entry': `
dives for the legs
throws himself under for the leg`,
  'unnamed-leg-entry': `
goes for the legs
drops back on a leg
ties up the leg
falls back for the foot
gets into the legs
entangles the leg
goes underneath for a leg`,
};
