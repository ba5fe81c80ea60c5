import { ingredientGrams } from '../batch';
import { RefusedValue } from '../bounds';
import { boilingIn, stationPlan, treatmentsOf, type Place, type Plan } from '../practical';
import { browningOrder } from './browning-order';
import { centreAtEnd, minutesToCore } from './centre';
import { yolk } from './eggs';
import { gas, sodaLeft } from './gas';
import type { Asked, Model, Prediction } from './prediction';
import { rise } from './rising';
import { setStrength } from './setting-strength';
import { syrupStrength } from './syrup';
import { gelatinisation } from './thickening';

export type { Expected, Prediction } from './prediction';

const models: readonly Model[] = [
  syrupStrength,
  gas,
  sodaLeft,
  yolk,
  minutesToCore,
  centreAtEnd,
  rise,
  gelatinisation,
  setStrength,
  browningOrder,
];

/** Most treatments that can be drawn beside each other and read. */
const mostTreatments = 24;

/**
 * What the models of the core expect of each treatment before the lesson, with its band and its working. A model that is
 * not asked by this plan, or does not know enough of it, says nothing; so does one that expects the same everywhere.
 *
 * @param place where; null: at sea level
 */
export function predictionsOf(plan: Plan, place: Place | null): Prediction[] {
  const treatments = treatmentsOf(plan);
  if (treatments.length < 2 || treatments.length > mostTreatments) return [];
  const stations = treatments.map((treatment) => ({
    treatment,
    own: stationPlan(plan, place, treatment, ingredientGrams),
  }));
  // What cannot be done cannot be foretold; what the station chooses is not known yet.
  if (stations.some(({ own }) => own.trouble.length > 0 || own.open.length > 0)) return [];
  const asked = { plan, place, boiling: boilingIn(place), stations };
  return models.flatMap((model) => answer(model, asked) ?? []).filter(differs);
}

/** A model asked for something outside what it was made for says nothing. */
function answer(model: Model, asked: Asked): Prediction | null {
  try {
    return model(asked);
  } catch (error) {
    if (error instanceof RefusedValue) return null;
    throw error;
  }
}

function differs({ expected, decimals }: Prediction): boolean {
  const shown = expected.map(({ middle }) => middle.toFixed(decimals));
  return new Set(shown).size > 1;
}
