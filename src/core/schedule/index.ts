export { Crew, type CarriedOut } from './carry-out';
export { breaches, type Breach } from './check';
export { lastStarts } from './last-starts';
export {
  makespan,
  type Arc,
  type Oven,
  type OvenUse,
  type Problem,
  type Resource,
  type Schedule,
  type Task,
} from './problem';
export { isImpossible, solve, type Impossible, type Solved, type SolveSettings } from './solve';
