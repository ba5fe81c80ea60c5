export { gramsWords } from './amount-words';
export { gramsByMass, type GramsOf, type StationIngredient, type Trouble } from './amounts';
export { changesBetween, type Change } from './changes';
export { classTotals, type ClassTotal } from './class-totals';
export { stationsAsListed } from './dealt';
export { examplePlan } from './example-plan';
export { isNumeric, repeatedLevel, temperatureRangeC } from './factor-kind';
export { formatOneShape, upgradeFormatOne } from './format-1';
export { factorUnit, inSentence, levelLabel, levelsInOrder } from './levels';
export { standsOvernight } from './durations';
export { minutesWords } from './minutes-words';
export { idsOf, takeShape, usesNothing, type Take } from './step';
export { sayingItself } from './station-plan';
export { isPhoto, pointAt, pointsInWords, readPoints, shownValue, valueOfPoint } from './named-points';
export { newIngredient, newResponse, newStep } from './new-parts';
export { newPlan } from './new-plan';
export { placeOf, placeShape, type Place } from './place';
export {
  media,
  factorFields,
  heldShape,
  longestLessonMin,
  ingredientShape,
  notedShape,
  noPortions,
  planShape,
  portionsShape,
  ratioShape,
  riskScaleShape,
  riskShape,
  usualRiskScale,
  responseShape,
  thermometerShape,
  responseKinds,
  type Acts,
  type Dismissal,
  type Factor,
  type HeldConstant,
  type Ingredient,
  type Level,
  type Medium,
  type NotedVariable,
  type Pin,
  type Plan,
  type Portions,
  type Response,
  type Risk,
  type Thermometer,
} from './plan';
export {
  afterShape,
  needShape,
  resourceKinds,
  settingKinds,
  settingShape,
  stepShape,
  windowShape,
  type End,
  type Step,
  type StepLane,
  type StepWhen,
} from './step';
export { readPlan, UnreadablePlan } from './read-plan';
export {
  stationPlan,
  withMinutes,
  watchedSteps,
  type PieceSize,
  type StationPlan,
  type StationStep,
} from './station-plan';
export { blindPlan } from './blind-plan';
export { planOfStation } from './plan-of-station';
export { readFormula, type ReadFormula } from './read-formula';
export { readIngredient, type ReadIngredient } from './read-ingredient';
export { isOfTheFood } from './degrees-said';
export { readStep, type ReadStep } from './read-step';
export { classSteps, type ClassStep } from './class-steps';
export { takenNow, type TakenNow } from './taken';
export { stepMarks, type StepMark } from './step-marks';
export { endFigureOf, sayingTheTarget, sentenceOf, untilWords } from './step-sentence';
export {
  consequenceOf,
  levelsHere,
  piecesWords,
  settingsWords,
  takenWords,
  variedAmount,
} from './station-words';
export { earlyLook, stepMinutes } from './step-minutes';
export {
  boilingIn,
  endingAt,
  endsAtLevel,
  followsBoiling,
  localTarget,
  mediumOf,
  targetOf,
  syrupAtSeaLevelC,
  targetOfLevel,
  temperatureEnd,
  workingOfTarget,
  type Target,
} from './targets';
export { minutesInLesson, studentsTake, withTrial } from './trial';
export {
  allTreatments,
  factorsWithLevels,
  listedTreatmentIds,
  treatmentOf,
  treatmentsOf,
  type Treatment,
} from './treatments';
export {
  aimShape,
  answerShape,
  keyWordShape,
  lookedAtShape,
  studentQuestionShape,
  tagShape,
  type KeyWord,
  type LookedAt,
  type ModelAnswer,
  type Trial,
} from './taught';
