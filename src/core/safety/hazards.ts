/** A danger of the kitchen with the caution that stands at the step where it matters (common practice). */
export interface Hazard {
  name: string;
  /** What to do about it, in words for the student's page. */
  caution: string;
}

/** First aid that every burn has in common (UK and Australian first-aid guidance; from memory). */
const burnAid = 'Burn: 20 minutes under cool running water, tell an adult at once.';

/** Cautions by id. The school’s policy, local law and qualified staff decide; these only remind. */
export const hazards = {
  'hot-sugar': {
    name: 'hot sugar',
    caution: `Hot sugar sticks and burns deeper than boiling water. Sleeves down, long spoon, dry equipment, an adult beside you. ${burnAid}`,
  },
  steam: {
    name: 'steam',
    caution: `Steam burns without being seen. Open lids and oven doors away from you, face back. ${burnAid}`,
  },
  'hot-liquid': {
    name: 'hot liquid',
    caution: `Carry it covered and low, call “hot”, pour away from you, drain over the sink with the face back. ${burnAid}`,
  },
  'hot-oil': {
    name: 'hot oil',
    caution: `Hot oil: never leave it, nothing wet goes in, never water on a fire, lid and fire blanket to hand. Only with an adult. ${burnAid}`,
  },
  'hot-dish': {
    name: 'hot oven or dish',
    caution: `Dry oven gloves on both hands. Say “hot” when you carry. Put it on a stand, not on the bench. ${burnAid}`,
  },
  knife: {
    name: 'knife or sharp edge',
    caution:
      'Bridge or claw hold, board on a damp cloth, guard on when idle, carried point down. The lid and rim of a tin cut too: keep fingers off them.',
  },
  grater: {
    name: 'grater',
    caution: 'Grate away from you on a steady board, stop while there is still something to hold. No hurry.',
  },
  'hot-acid': {
    name: 'hot acid vapour',
    caution: `Do not lean over boiling vinegar or acid; keep the window or the hood open. Splash in the eye: rinse for 20 minutes, tell an adult.`,
  },
  glass: {
    name: 'glass and heat',
    caution:
      'Glass cracks when hot meets cold: warm it first, never from freezer or fridge into heat. Broken: stand back, tell the teacher, nobody picks it up by hand.',
  },
  'glass-thermometer': {
    name: 'glass thermometer',
    caution: 'Never stir with it, never from hot straight into cold. Broken: stand back, tell the teacher.',
  },
  'raw-egg': {
    name: 'raw egg',
    caution: 'Wash hands for 20 s before and after. Clean up drips at once. Nobody eats it raw.',
  },
  'raw-meat': {
    name: 'raw meat or fish',
    caution:
      'Its own board, its own knife. Do not rinse it. Wash hands for 20 s. Keep it chilled until it is needed.',
  },
  'raw-flour': {
    name: 'raw flour and dough',
    caution: 'Raw flour is not clean: no tasting of dough or batter, wash hands for 20 s after.',
  },
  mixer: {
    name: 'mixer or blender',
    caution:
      'Hair tied, sleeves and spoons out of the bowl, unplug before you touch the blades. Hot liquid: let it cool, half full, lid vented under a cloth.',
  },
  frozen: {
    name: 'very cold things',
    caution:
      'Metal from the freezer sticks to wet skin: dry gloves. Dry ice and liquid nitrogen: an adult only, insulated gloves, goggles, open windows, never in a closed vessel, never eaten.',
  },
  flame: {
    name: 'flame or hob',
    caution: `Hair and sleeves tied back, nothing that burns beside it, do not reach over it, off when you leave. ${burnAid}`,
  },
  pressure: {
    name: 'pressure',
    caution:
      'Only with an adult who knows this vessel. Valve checked, never forced open, pressure let off first. Fermenting or fizzing things never in a closed bottle.',
  },
  heavy: {
    name: 'heavy or full vessel',
    caution: 'Two people or smaller lots. Clear the way, say “hot” or “behind you”, bend the knees.',
  },
  chilli: {
    name: 'chilli',
    caution:
      'Gloves, no hands near eyes, mouth or nose, wash hands and board with soap after. Do not breathe the vapour of frying chilli.',
  },
  caustic: {
    name: 'caustic or corrosive',
    caution:
      'An adult only: goggles and gloves, add it to water and never the other way. Splash: 20 minutes of running water, call for help. Follow its safety sheet.',
  },
  'raw-beans': {
    name: 'dried beans',
    caution:
      'Raw kidney beans poison: soak for 5 h or more, throw the water away, boil hard for at least 10 minutes (30 by US advice). A slow cooker is not hot enough. Nobody tastes them before.',
  },
  foraged: {
    name: 'foraged plants',
    caution:
      'Only what a qualified person has named for certain; no wild mushrooms. Away from roads and dogs, washed. If in doubt, leave it out.',
  },
} as const satisfies Record<string, Hazard>;

export type HazardId = keyof typeof hazards;

export const hazardIds = Object.keys(hazards) as HazardId[];

/** The sentence that stands under every list of cautions. */
export const whoDecides = 'Your school’s policy, local law and qualified staff decide; these are reminders.';
