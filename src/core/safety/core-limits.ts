import { celsiusFromFahrenheit, fahrenheitFromCelsius } from '../units';
import type { AuthorityId } from './authorities';
import { foodKinds, type FoodKind } from './food-kinds';

/** One line of an authority's table: a temperature as it is printed, and how long the core must hold it. */
export interface HoldLine {
  /** As printed, °C; undefined where the authority prints °F only. */
  celsius?: number;
  /** As printed, °F; undefined where it prints °C only. */
  fahrenheit?: number;
  /** Seconds; 0 for an instant. */
  holdS: number;
}

export interface CoreRequirement {
  authority: AuthorityId;
  food: FoodKind;
  /** The line that is quoted first. */
  main: HoldLine;
  /** Other printed lines that do as well, from cool to hot. */
  alternatives: readonly HoldLine[];
  /** Whether times at several temperatures add up, between the printed lines (UK equivalents). */
  addsUp: boolean;
  /** Whether the hold is a rest after cooking. */
  rest?: boolean;
}

const both = (celsius: number, fahrenheit: number, holdS: number): HoldLine => ({
  celsius,
  fahrenheit,
  holdS,
});
const inF = (fahrenheit: number, holdS = 0): HoldLine => ({ fahrenheit, holdS });
const inC = (celsius: number, holdS: number): HoldLine => ({ celsius, holdS });

const one = (
  authority: AuthorityId,
  food: FoodKind,
  main: HoldLine,
  alternatives: readonly HoldLine[] = [],
): CoreRequirement => ({ authority, food, main, alternatives, addsUp: false });

/** UK equivalents of 70 °C for 2 min, as the Food Standards Agency prints them (from memory). */
export const ukEquivalents: readonly { celsius: number; holdS: number }[] = [
  { celsius: 60, holdS: 45 * 60 },
  { celsius: 65, holdS: 10 * 60 },
  { celsius: 70, holdS: 2 * 60 },
  { celsius: 75, holdS: 30 },
  { celsius: 80, holdS: 6 },
];

const equivalent = (authority: AuthorityId, food: FoodKind): CoreRequirement => ({
  authority,
  food,
  main: inC(70, 120),
  alternatives: ukEquivalents.filter(({ celsius }) => celsius !== 70),
  addsUp: true,
});

/** 3-401.11(A)(2): other holds of the same table, the hottest for under a second. */
const fdaMinced = [both(63, 145, 180), both(66, 150, 60), both(70, 158, 0)];

/**
 * What authorities ask of a core. Where the printed text gives both scales, a reading is compared in the scale it was
 * taken in; where it gives °F only, in °F. All entered from memory in 2026: the printed edition decides.
 */
export const coreRequirements: readonly CoreRequirement[] = [
  one('fda', 'whole-cut', both(63, 145, 15)),
  one('fda', 'fish', both(63, 145, 15)),
  one('fda', 'eggs', both(63, 145, 15)),
  one('fda', 'egg-dish', both(68, 155, 17), fdaMinced),
  one('fda', 'minced', both(68, 155, 17), fdaMinced),
  one('fda', 'poultry', both(74, 165, 0)),
  one('fda', 'stuffed', both(74, 165, 0)),
  one('fda', 'leftovers', both(74, 165, 15)),
  { ...one('usda', 'whole-cut', inF(145, 180)), rest: true },
  one('usda', 'fish', inF(145)),
  one('usda', 'eggs', inF(160)),
  one('usda', 'egg-dish', inF(160)),
  one('usda', 'minced', inF(160)),
  one('usda', 'poultry', inF(165)),
  one('usda', 'stuffed', inF(165)),
  one('usda', 'leftovers', inF(165)),
  ...foodKinds.map(({ id }) => equivalent('uk-fsa', id)),
  ...foodKinds.map(({ id }) =>
    id === 'leftovers' ? one('scotland', id, inC(82, 0)) : equivalent('scotland', id),
  ),
];

/** What an authority asks of a kind of food. Every authority has a row for every kind. */
export function coreRequirement(authority: AuthorityId, food: FoodKind): CoreRequirement {
  return coreRequirements.find((row) => row.authority === authority && row.food === food)!;
}

/** The row that asks most of an authority's rows for several kinds: the hottest, then the longest. */
export function strictestRequirement(authority: AuthorityId, foods: readonly FoodKind[]): CoreRequirement {
  return foods
    .map((food) => coreRequirement(authority, food))
    .reduce((most, row) =>
      lineC(row.main) - lineC(most.main) > 0.5 ||
      (Math.abs(lineC(row.main) - lineC(most.main)) <= 0.5 && row.main.holdS > most.main.holdS)
        ? row
        : most,
    );
}

/** The temperature of a line in °C, converted where only °F is printed. */
export function lineC({ celsius, fahrenheit }: HoldLine): number {
  return celsius ?? celsiusFromFahrenheit(fahrenheit!);
}

/**
 * Whether a temperature meets a line, in the unit the authority prints. A °C value that is no tenth of a degree but a
 * tenth of a °F was read on a °F scale and is compared there where both are printed (165.0 °F is 73.888… °C).
 */
export function meetsLine(line: HoldLine, celsius: number): boolean {
  const fahrenheit = fahrenheitFromCelsius(celsius);
  const slack = 1e-6;
  if (line.celsius === undefined) return fahrenheit >= line.fahrenheit! - slack;
  if (celsius >= line.celsius - slack) return true;
  return line.fahrenheit !== undefined && readInFahrenheit(celsius) && fahrenheit >= line.fahrenheit - slack;
}

function readInFahrenheit(celsius: number): boolean {
  const isTenth = (value: number) => Math.abs(value * 10 - Math.round(value * 10)) < 1e-5;
  return !isTenth(celsius) && isTenth(fahrenheitFromCelsius(celsius));
}
