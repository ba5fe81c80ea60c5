/** What a table of limits comes from, and as of when it was written down here. */
export interface Authority {
  id: string;
  name: string;
  edition: string;
  /** Other words it is asked for by. */
  alsoCalled: readonly string[];
}

/** All entered from memory in 2026: the printed edition decides. Adding an authority is adding rows. */
export const authorities: readonly Authority[] = [
  {
    id: 'fda',
    name: 'US FDA Food Code',
    edition: '2022, 3-401.11 and 3-501.14',
    alsoCalled: ['food code', 'us fda', 'fda food code'],
  },
  {
    id: 'usda',
    name: 'USDA consumer advice',
    edition: 'safe minimum internal temperatures, 2020s',
    alsoCalled: ['us'],
  },
  {
    id: 'uk-fsa',
    name: 'UK Food Standards Agency',
    edition: 'cooking and chilling guidance, 2020s',
    alsoCalled: ['fsa', 'uk', 'united kingdom'],
  },
];

export type AuthorityId = 'fda' | 'usda' | 'uk-fsa';

export interface CoreRequirement {
  authority: AuthorityId;
  food: FoodKind;
  celsius: number;
  /** Seconds the core must hold it; 0 for an instant. */
  holdS: number;
  /** Rest at or above that after cooking, seconds, counted in the hold. */
  rest?: boolean;
  /** Combinations that kill as much count too, by lethality at this z. */
  equivalentZC?: number;
}

export interface FoodKindEntry {
  id: string;
  name: string;
  names: readonly string[];
}

/** Foods by what authorities distinguish. The first matching word decides. */
export const foodKinds = [
  {
    id: 'poultry',
    name: 'poultry',
    names: ['poultry', 'chicken', 'turkey', 'duck', 'goose', 'stuffing', 'stuffed'],
  },
  {
    id: 'minced',
    name: 'minced meat',
    names: ['minced', 'mince', 'ground', 'burger', 'patty', 'sausage', 'meatball', 'kofta', 'beefburger'],
  },
  {
    id: 'fish',
    name: 'fish and shellfish',
    names: ['fish', 'seafood', 'shellfish', 'salmon', 'cod', 'prawn', 'shrimp', 'tuna'],
  },
  { id: 'eggs', name: 'eggs for immediate service', names: ['eggs', 'egg'] },
  {
    id: 'whole-cut',
    name: 'whole cuts of beef, pork, lamb',
    names: [
      'whole-cut',
      'whole cut',
      'whole cuts',
      'steak',
      'chop',
      'roast',
      'beef',
      'pork',
      'lamb',
      'veal',
      'meat',
      'ham',
    ],
  },
  {
    id: 'leftovers',
    name: 'reheated food',
    names: ['leftovers', 'leftover', 'reheated', 'reheat', 'casserole', 'soup', 'rice'],
  },
] as const satisfies readonly FoodKindEntry[];

export type FoodKind = (typeof foodKinds)[number]['id'];

export const coreRequirements: readonly CoreRequirement[] = [
  { authority: 'fda', food: 'whole-cut', celsius: 63, holdS: 15 },
  { authority: 'fda', food: 'fish', celsius: 63, holdS: 15 },
  { authority: 'fda', food: 'eggs', celsius: 63, holdS: 15 },
  { authority: 'fda', food: 'minced', celsius: 68, holdS: 17 },
  { authority: 'fda', food: 'poultry', celsius: 74, holdS: 0 },
  { authority: 'fda', food: 'leftovers', celsius: 74, holdS: 15 },
  { authority: 'usda', food: 'whole-cut', celsius: 63, holdS: 180, rest: true },
  { authority: 'usda', food: 'fish', celsius: 63, holdS: 0 },
  { authority: 'usda', food: 'eggs', celsius: 71, holdS: 0 },
  { authority: 'usda', food: 'minced', celsius: 71, holdS: 0 },
  { authority: 'usda', food: 'poultry', celsius: 74, holdS: 0 },
  { authority: 'usda', food: 'leftovers', celsius: 74, holdS: 0 },
  ...foodKinds.map(({ id }) => ({
    authority: 'uk-fsa' as const,
    food: id,
    celsius: 70,
    holdS: 120,
    equivalentZC: 7.5,
  })),
];

export interface CoolingStage {
  fromC: number;
  toC: number;
  limitMinutes: number;
}

/** Stages of cooling cooked food, each from its own start. */
export const coolingStages: Readonly<Record<'fda' | 'uk-fsa', readonly CoolingStage[]>> = {
  fda: [
    { fromC: 57, toC: 21, limitMinutes: 120 },
    { fromC: 57, toC: 5, limitMinutes: 360 },
  ],
  'uk-fsa': [{ fromC: 63, toC: 8, limitMinutes: 90 }],
};

/** The danger zone, °C, as different places draw it. */
export const dangerZones = [
  { where: 'many countries', lowC: 5, highC: 60 },
  { where: 'UK', lowC: 5, highC: 63 },
  { where: 'US FDA', lowC: 5, highC: 57 },
] as const;

/** The authority a word means, or undefined. */
export function authorityCalled(word: string): AuthorityId | undefined {
  const text = word.trim().toLowerCase();
  return authorities.find(
    (one) => one.id === text || one.alsoCalled.includes(text) || one.name.toLowerCase() === text,
  )?.id as AuthorityId | undefined;
}

/** The kind of food a word or phrase means, or undefined. */
export function foodKindCalled(words: string): FoodKind | undefined {
  const text = words.trim().toLowerCase();
  const exact = foodKinds.find((kind) => kind.id === text || kind.name === text);
  if (exact) return exact.id;
  return foodKinds.find((kind) => kind.names.some((name) => new RegExp(`\\b${name}s?\\b`).test(text)))?.id;
}
