import { levelLabel, levelsInOrder } from './levels';
import type { Factor, Level, Plan } from './plan';

/** One combination of levels, one of each factor. */
export interface Treatment {
  id: string;
  /** In the order of the factors. */
  levels: readonly Level[];
  control: boolean;
  /** “150 °C”, “30 mm · 4 °C”. */
  label: string;
}

type Design = Pick<Plan, 'factors' | 'leftOut' | 'formula'>;

/** The factors that have levels: one without any changes nothing yet. */
export const factorsWithLevels = ({ factors }: Pick<Plan, 'factors'>): Factor[] =>
  factors.filter((factor) => factor.levels.length > 0);

/** Every combination of levels, the left-out ones among them, in the order they are read. */
export function allTreatments(plan: Design): Treatment[] {
  const factors = factorsWithLevels(plan);
  if (factors.length === 0) return [];
  const combined = factors.reduce<Level[][]>(
    (rows, factor) => rows.flatMap((row) => levelsInOrder(factor).map((level) => [...row, level])),
    [[]],
  );
  return combined.map((levels) => ({
    id: levels.map((level) => level.id).join('.'),
    levels,
    control: levels.every((level) => level.control),
    label: levels.map((level, i) => levelLabel(plan, factors[i]!, level)).join(' · '),
  }));
}

/** The treatments a class does, in the order they are read. */
export function treatmentsOf(plan: Design): Treatment[] {
  return allTreatments(plan).filter((treatment) => !plan.leftOut.includes(treatment.id));
}

/** Ids of the treatments a class does, with the levels as they were typed: what a layout is drawn from. */
export function listedTreatmentIds(plan: Design): string[] {
  const ids = factorsWithLevels(plan).reduce<string[][]>(
    (rows, factor) => rows.flatMap((row) => factor.levels.map((level) => [...row, level.id])),
    [[]],
  );
  return ids
    .filter((row) => row.length > 0)
    .map((row) => row.join('.'))
    .filter((id) => !plan.leftOut.includes(id));
}

/** The treatment of an id, left out or not; an allocation may be older than the plan says. */
export function treatmentOf(plan: Design, id: string | undefined): Treatment | undefined {
  return id === undefined ? undefined : allTreatments(plan).find((treatment) => treatment.id === id);
}
