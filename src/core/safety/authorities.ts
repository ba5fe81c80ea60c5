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
    alsoCalled: ['us', 'united states'],
  },
  {
    id: 'uk-fsa',
    name: 'UK Food Standards Agency',
    edition: 'cooking and chilling guidance, 2020s',
    alsoCalled: ['fsa', 'uk', 'united kingdom'],
  },
  {
    id: 'scotland',
    name: 'Scotland',
    edition:
      'Food Hygiene (Scotland) Regulations 2006, schedule 4, for reheating; UK equivalents for cooking',
    alsoCalled: ['fss', 'food standards scotland', 'scottish'],
  },
];

export type AuthorityId = 'fda' | 'usda' | 'uk-fsa' | 'scotland';

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
