import type { Step } from '../../core/practical';

/** What each part of a step’s details is given. */
export interface StepPartProps {
  step: Step;
  number: number;
  onChange(patch: Partial<Step>): void;
}
