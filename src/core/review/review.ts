import { itemsNamedIn, usedIn } from '../ingredients';
import type { Plan } from '../practical';
import { mostUrgentFirst } from '../remark';
import { hazardsIn, readyToLook } from '../safety';
import type { PlanRemark, ReviewContext, Rule } from './plan-remark';
import {
  claimsAreKnown,
  darkIsNotJudgedByColour,
  ovensAreHeated,
  ovensHaveATemperature,
  shutDoorsStayShut,
  stirringSuitsThePan,
  vagueWordsGetANumber,
} from './rules/craft';
import { dishesCoolInTime, sheetsGiveThePieces } from './rules/depth';
import { dosesAreUsual, sodaFindsItsAcid, strongThingsAreWeighed, yeastIsNotHeldBack } from './rules/doses';
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
  formulasCanBeWorkedOut,
  responsesHaveInstruments,
  orderedWordsAreNamed,
  responsesHaveUnits,
  somethingIsMeasured,
  temperatureIsRead,
  thermometerTellsLevelsApart,
} from './rules/measuring';
import { coresAreHotEnough, knownDangersAreSaid } from './rules/makes-ill';
import { nobodyTastesRaw, nothingIsLeftInTheOven, nothingStandsWarmTooLong } from './rules/keeping';
import {
  panHoldsTheFoam,
  piecesAreTheBatch,
  roundsFit,
  scoopsAreTheBatch,
  vesselsHoldTheBatch,
} from './rules/portions';
import { confoundersAreNoted, differencesCanBeSeen } from './rules/power';
import { reheatedIsHot, whatLeavesStaysCold } from './rules/leaving';
import { predictionIsMade, questionIsAsked } from './rules/question';
import { hazardsAreNamed, hotSugarIsCautioned, nobodyTastesInALaboratory } from './rules/safety';
import {
  boilingPointIsMeasured,
  endpointsAreLocal,
  levelsAreSyrup,
  thermometerSuitsTheFormula,
} from './rules/temperature';
import {
  agarIsBoiled,
  fatSuitsTheMethod,
  gelatineIsNotCut,
  starchIsCooked,
  statesAreMadeReady,
  yeastIsNotScalded,
} from './rules/states';
import {
  oneThingDiffers,
  sentencesFollowLevels,
  treatmentsAreFew,
  treatmentsCanBeDone,
} from './rules/treatments';
import { eggsAreOfOneAge, jarsHaveHeadspace, steamHasRoom } from './rules/vessels';
import {
  levelsAreUsed,
  looksComeEarly,
  methodFitsThePeriod,
  stepsHaveMinutes,
  windowsCanOpen,
} from './rules/time';

/** Every rule of the margin, in the order of the sheet. A new rule is a new line. */
const rules: readonly Rule[] = [
  questionIsAsked,
  predictionIsMade,
  levelsAreEnough,
  controlIsNamed,
  levelsAreSyrup,
  treatmentsCanBeDone,
  oneThingDiffers,
  treatmentsAreFew,
  replicatesAreEnough,
  stationsFitTheRoom,
  orderIsShuffled,
  somethingIsMeasured,
  orderedWordsAreNamed,
  responsesHaveUnits,
  responsesHaveInstruments,
  formulasCanBeWorkedOut,
  thermometerTellsLevelsApart,
  thermometerSuitsTheFormula,
  boilingPointIsMeasured,
  differencesCanBeSeen,
  confoundersAreNoted,
  eggsAreOfOneAge,
  somethingIsHeld,
  heldConstantsSayHow,
  ingredientsAreUsed,
  amountsAreGiven,
  balanceSuitsAmounts,
  stepsNameKnownIngredients,
  dosesAreUsual,
  sodaFindsItsAcid,
  yeastIsNotHeldBack,
  strongThingsAreWeighed,
  fatSuitsTheMethod,
  statesAreMadeReady,
  gelatineIsNotCut,
  agarIsBoiled,
  starchIsCooked,
  yeastIsNotScalded,
  piecesAreTheBatch,
  scoopsAreTheBatch,
  vesselsHoldTheBatch,
  steamHasRoom,
  sheetsGiveThePieces,
  jarsHaveHeadspace,
  panHoldsTheFoam,
  hotSugarIsCautioned,
  hazardsAreNamed,
  nobodyTastesInALaboratory,
  nobodyTastesRaw,
  coresAreHotEnough,
  knownDangersAreSaid,
  nothingStandsWarmTooLong,
  dishesCoolInTime,
  reheatedIsHot,
  whatLeavesStaysCold,
  stirringSuitsThePan,
  endpointsAreLocal,
  temperatureIsRead,
  levelsAreUsed,
  sentencesFollowLevels,
  stepsHaveMinutes,
  looksComeEarly,
  windowsCanOpen,
  ovensHaveATemperature,
  ovensAreHeated,
  shutDoorsStayShut,
  darkIsNotJudgedByColour,
  roundsFit,
  vagueWordsGetANumber,
  claimsAreKnown,
  nothingIsLeftInTheOven,
  methodFitsThePeriod,
];

export interface Review {
  /** Open remarks, most urgent first, then in the order of the sheet. */
  open: PlanRemark[];
  /** Remarks that were set aside, with the reason given. */
  dismissed: { remark: PlanRemark; reason: string }[];
}

/** The review of a plan as it was asked for last: the sheet and the thread above it ask for the same. */
const reviewed = new WeakMap<Plan, { context: ReviewContext; review: Review }>();

/** What a careful colleague would say about a plan. */
export function reviewPlan(context: ReviewContext): Review {
  const work = reviewInParts(context);
  for (;;) {
    const { done, value } = work.next();
    if (done) return value;
  }
}

/** The same in parts of some milliseconds, for whoever has others to serve in between. */
export function* reviewInParts(context: ReviewContext): Generator<undefined, Review, undefined> {
  const known = reviewed.get(context.plan);
  if (
    known &&
    known.context.place === context.place &&
    known.context.rooms === context.rooms &&
    known.context.laid === context.laid
  )
    return known.review;
  // Reading a sentence is what takes long, and what was read is remembered: one after another, before the rules ask.
  const names = context.plan.formula.map(({ name }) => name);
  yield* readyToLook(context.plan.steps[0]?.text ?? '');
  for (const name of names) {
    usedIn(name, [name]);
    yield;
  }
  for (const { text } of context.plan.steps) {
    hazardsIn(text);
    yield;
    usedIn(text, names);
    itemsNamedIn(text);
    yield;
  }
  const remarks: PlanRemark[] = [];
  for (const rule of rules) {
    remarks.push(...rule(context));
    yield;
  }
  const review = sorted(remarks, context.plan);
  reviewed.set(context.plan, { context, review });
  return review;
}

function sorted(found: readonly PlanRemark[], { dismissed }: Plan): Review {
  const remarks = mostUrgentFirst(found);
  const reasons = new Map(dismissed.map((one) => [one.remark, one.reason]));
  return {
    open: remarks.filter((remark) => !reasons.has(remark.id)),
    dismissed: remarks
      .filter((remark) => reasons.has(remark.id))
      .map((remark) => ({ remark, reason: reasons.get(remark.id)! })),
  };
}
