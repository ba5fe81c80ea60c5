/** A danger of the kitchen with the caution that stands at the step where it matters (common practice). */
export interface Hazard {
  name: string;
  /** What to do about it, in words for the student's page. */
  caution: string;
  /** Said by people who plan: words in a step that make us look for this caution. */
  signs: RegExp;
}

/** Cautions by id. The school’s policy, local law and qualified staff decide; these only remind. */
export const hazards = {
  'hot-sugar': {
    name: 'hot sugar',
    caution:
      'Hot sugar sticks and burns deeper than boiling water. Sleeves down, long spoon, dry equipment, an adult beside you. Burn: cold running water at once, tell the teacher.',
    signs:
      /(?<!(golden|corn|glucose|maple|agave|rice) )\b(syrup|molten sugar|melted sugar|hot caramel|boil\w* sugar)\b/i,
  },
  steam: {
    name: 'steam',
    caution: 'Steam burns without being seen. Open lids and oven doors away from you, face back.',
    signs: /\b(steam\w*|lid off|open the oven|kettle|rolling boil)\b/i,
  },
  'hot-oil': {
    name: 'hot oil',
    caution:
      'Hot oil: never leave it, nothing wet goes in, lid and fire blanket to hand. Only with an adult.',
    signs: /\b(deep[- ]?fr\w+|shallow[- ]?fr\w+|hot oil|fry|frying)\b/i,
  },
  'hot-dish': {
    name: 'hot oven or dish',
    caution: 'Dry oven gloves on both hands. Say “hot” when you carry. Put it on a stand, not on the bench.',
    signs: /\b(oven|bake|baking|roast\w*|grill\w*)\b/i,
  },
  knife: {
    name: 'knife',
    caution: 'Bridge or claw hold, board on a damp cloth, guard on when idle, carried point down.',
    // To slice, not the slices.
    signs:
      /\b((?<!\b(a|an|the|each|every|one|per|of|this|that|your) )slice|slicing|chop|chopping|dice|cut|cutting|knife|knives|peel|peeling|core the)\b/i,
  },
  'hot-acid': {
    name: 'hot acid vapour',
    caution: 'Do not lean over boiling vinegar or acid; keep the window or the hood open.',
    signs: /\b(boil\w* vinegar|hot vinegar|boil\w* acid)\b/i,
  },
  'glass-thermometer': {
    name: 'glass thermometer',
    caution: 'Never stir with it, never from hot straight into cold. Broken: stand back, tell the teacher.',
    signs: /\bglass thermometer\b/i,
  },
  'raw-egg': {
    name: 'raw egg',
    caution: 'Wash hands for 20 s before and after. Clean up drips at once. Nobody eats it raw.',
    signs: /\b(raw eggs?|crack (an|the|one|two|\d+) eggs?|egg whites?|egg yolks?)\b/i,
  },
  'raw-meat': {
    name: 'raw meat or fish',
    caution: 'Its own board, its own knife. Wash hands for 20 s. Keep it chilled until it is needed.',
    signs: /\b(raw (meat|chicken|turkey|fish|pork|beef|lamb|poultry)|mince|minced (meat|turkey|beef))\b/i,
  },
  'raw-flour': {
    name: 'raw flour and dough',
    caution: 'Raw flour is not clean: no tasting of dough or batter, wash hands for 20 s after.',
    signs: /\b(knead\w*|raw dough|batter)\b/i,
  },
  mixer: {
    name: 'mixer',
    caution: 'Hair tied, sleeves and spoons out of the bowl, unplug before you touch the blades.',
    signs: /\b(mixer|blender|blend|food processor|electric whisk)\b/i,
  },
  frozen: {
    name: 'frozen equipment',
    caution: 'Metal from the freezer sticks to wet skin: dry gloves.',
    signs: /\b(from the freezer|dry ice|frozen (tray|oil|metal))\b/i,
  },
} as const satisfies Record<string, Hazard>;

export type HazardId = keyof typeof hazards;

export const hazardIds = Object.keys(hazards) as HazardId[];

/** The sentence that stands under every list of cautions. */
export const whoDecides = 'Your school’s policy, local law and qualified staff decide; these are reminders.';
