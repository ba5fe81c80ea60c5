import { itemOf } from '../batch';
import type { IngredientItem } from '../ingredients';
import type { Place, Plan, StationIngredient, StationPlan, Treatment } from '../practical';
import type { LocalBoiling } from '../water';
import type { Source, Working, WorkingLine } from '../working';

/** What a model expects of one treatment. */
export interface Expected {
  treatment: Treatment;
  /** Where it is expected, and the band it stays in if the model and the kitchen are as usual; in the prediction’s unit. */
  low: number;
  middle: number;
  high: number;
  /** What it is called there, such as “soft”; empty for none. */
  words: string;
}

/** Something a model can say of every treatment before the lesson. */
export interface Prediction {
  id: string;
  what: string;
  unit: string;
  /** Digits after the point worth showing. */
  decimals: number;
  expected: Expected[];
  working: Working;
}

/** One treatment as its station does it. */
export interface Station {
  treatment: Treatment;
  own: StationPlan;
}

/** What the models are asked. */
export interface Asked {
  plan: Plan;
  place: Place | null;
  boiling: LocalBoiling;
  stations: readonly Station[];
}

/** Expects something of every treatment, or stays silent: null where it is not asked, or does not know. */
export type Model = (asked: Asked) => Prediction | null;

/** Low, middle and high of one treatment. */
export type Band = Pick<Expected, 'low' | 'middle' | 'high'> & { words?: string };

/**
 * Puts a prediction together, one band a treatment. Silent as soon as one of them has none: half a picture misleads.
 */
export function predicted(
  asked: Asked,
  said: Pick<Prediction, 'id' | 'what' | 'unit' | 'decimals'>,
  bandOf: (station: Station) => Band | null,
  lines: readonly (string | WorkingLine)[],
  sources: readonly Source[],
): Prediction | null {
  const expected: Expected[] = [];
  for (const station of asked.stations) {
    const band = bandOf(station);
    if (!band || ![band.low, band.middle, band.high].every(Number.isFinite)) return null;
    expected.push({ treatment: station.treatment, words: '', ...band });
  }
  const perTreatment = expected.map(({ treatment, middle }) => ({
    text: treatment.label,
    value: Number(middle.toPrecision(4)),
    unit: said.unit,
  }));
  const worked = lines.map((line) => (typeof line === 'string' ? { text: line } : line));
  return { ...said, expected, working: { lines: [...worked, ...perTreatment], sources: [...sources] } };
}

/** An ingredient with what the table knows of it. */
export interface Known extends StationIngredient {
  item: string | null;
  entry: IngredientItem;
}

/** What a station takes that the table knows. */
export function knownOf({ own }: Station): Known[] {
  return own.ingredients.flatMap((one): Known[] => {
    const entry = itemOf(one);
    return entry && !one.dropped ? [{ ...one, entry }] : [];
  });
}

/** Grams of these together; null where the mass of one of them cannot be told. */
export function gramsOfAll(taken: readonly StationIngredient[]): number | null {
  return taken.reduce<number | null>(
    (sum, { grams }) => (sum === null || grams === null ? null : sum + grams),
    0,
  );
}
