import { createContext, useContext } from 'react';
import type { Place, Plan } from '../../core/practical';
import type { Laid } from '../timetable/use-timetable';

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

/** Changes the plan; the same function for as long as the sheet is open, so that lines need not be drawn anew for it. */
export type Edit = PlanEditing['edit'];

export const EditContext = createContext<Edit>(() => undefined);

export const useEdit = () => useContext(EditContext);

/** The timetable that the sheet’s section on time has laid out, and the way it tells of it. */
export const LaidContext = createContext<{ laid: Laid; onLaid(laid: Laid): void }>({
  laid: { timetable: null, out: null },
  onLaid: () => undefined,
});

export const useLaid = () => useContext(LaidContext);
