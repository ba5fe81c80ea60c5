export { changesBetween, type Change } from './changes';
export { examplePlan } from './example-plan';
export { levelLabel, levelOf, levelsInOrder } from './levels';
export { newPlan } from './new-plan';
export { placeOf } from './place';
export type {
  Dismissal,
  Endpoint,
  Factor,
  FactorKind,
  HeldConstant,
  Ingredient,
  Level,
  NotedVariable,
  Place,
  Plan,
  Response,
  Step,
  StepWhen,
  Thermometer,
} from './plan';
export { boilingIn, targetOf, temperatureStep, workingOfTarget, type Target } from './targets';
export { timetableOf, type TimedStep, type Timetable } from './timetable';
