import { usualRiskScale, type Plan } from '../../core/practical';
import { useSchool } from './queries';

/** The words for the risk that remains: the plan’s own, where it came with some; else the school’s. */
export function useRiskScale(plan: Pick<Plan, 'riskScale'>): readonly string[] {
  const { data: school } = useSchool();
  const own = plan.riskScale.some((word, i) => word !== usualRiskScale[i]);
  return own ? plan.riskScale : (school?.riskScale ?? plan.riskScale);
}
