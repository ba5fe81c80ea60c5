import type { Rank, Remark, ReviewContext, Rule } from './remark';
import {
  controlIsNamed,
  heldConstantsSayHow,
  levelsAreEnough,
  orderIsShuffled,
  replicatesAreEnough,
  somethingIsHeld,
  stationsFitTheRoom,
} from './rules/fair-test';
import {
  amountsAreGiven,
  balanceSuitsAmounts,
  ingredientsAreUsed,
  stepsNameKnownIngredients,
} from './rules/formula';
import {
  responsesHaveInstruments,
  responsesHaveUnits,
  somethingIsMeasured,
  temperatureIsRead,
  thermometerTellsLevelsApart,
} from './rules/measuring';
import { predictionIsMade, questionIsAsked } from './rules/question';
import { hazardsAreNamed, hotSugarIsCautioned, nobodyTastesInALaboratory } from './rules/safety';
import {
  boilingPointIsMeasured,
  endpointsAreLocal,
  levelsAreSyrup,
  thermometerSuitsTheFormula,
} from './rules/temperature';
import { levelsAreUsed, looksComeEarly, methodFitsThePeriod, stepsHaveMinutes } from './rules/time';

/** Every rule of the margin, in the order of the sheet. A new rule is a new line. */
const rules: readonly Rule[] = [
  questionIsAsked,
  predictionIsMade,
  levelsAreEnough,
  controlIsNamed,
  levelsAreSyrup,
  replicatesAreEnough,
  stationsFitTheRoom,
  orderIsShuffled,
  somethingIsMeasured,
  responsesHaveUnits,
  responsesHaveInstruments,
  thermometerTellsLevelsApart,
  thermometerSuitsTheFormula,
  boilingPointIsMeasured,
  somethingIsHeld,
  heldConstantsSayHow,
  ingredientsAreUsed,
  amountsAreGiven,
  balanceSuitsAmounts,
  stepsNameKnownIngredients,
  hotSugarIsCautioned,
  hazardsAreNamed,
  nobodyTastesInALaboratory,
  endpointsAreLocal,
  temperatureIsRead,
  levelsAreUsed,
  stepsHaveMinutes,
  looksComeEarly,
  methodFitsThePeriod,
];

const urgency: Record<Rank, number> = { stop: 0, check: 1, note: 2 };

export interface Review {
  /** Open remarks, most urgent first, then in the order of the sheet. */
  open: Remark[];
  /** Remarks that were set aside, with the reason given. */
  dismissed: { remark: Remark; reason: string }[];
}

/** What a careful colleague would say about a plan. */
export function reviewPlan(context: ReviewContext): Review {
  const remarks = rules.flatMap((rule) => rule(context)).sort((a, b) => urgency[a.rank] - urgency[b.rank]);
  const reasons = new Map(context.plan.dismissed.map((one) => [one.remark, one.reason]));
  return {
    open: remarks.filter((remark) => !reasons.has(remark.id)),
    dismissed: remarks
      .filter((remark) => reasons.has(remark.id))
      .map((remark) => ({ remark, reason: reasons.get(remark.id)! })),
  };
}
