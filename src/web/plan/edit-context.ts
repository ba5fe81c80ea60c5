import { createContext, useContext } from 'react';
import type { Place, Plan } from '../../core/practical';

export interface PlanEditing {
  plan: Plan;
  place: Place | null;
  /** Changes the plan; `line` names what is edited. */
  edit(line: string, change: (plan: Plan) => Plan): void;
}

export const PlanContext = createContext<PlanEditing | null>(null);

/** The plan being edited, for the sections of its sheet. */
export function usePlan(): PlanEditing {
  const editing = useContext(PlanContext);
  if (!editing) throw new Error('usePlan outside of a plan');
  return editing;
}
