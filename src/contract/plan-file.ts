import { planShape, readPlan, UnreadablePlan, type Plan } from '../core/practical';
import { oneOf, record, text } from '../core/shape';

export const planFileFormat = 'tawny-beaker-plan';
export const planFileVersion = 1;

/** A whole plan as a file for a colleague. Its plan carries a format of its own. */
export const planFileShape = record('PlanFile', {
  format: oneOf([planFileFormat]),
  version: oneOf([planFileVersion]),
  title: text(120, 1),
  plan: planShape,
});

/** The file of a plan; the room is the school’s own and stays there. */
export const planFileOf = (plan: Plan): string =>
  `${JSON.stringify({ format: planFileFormat, version: planFileVersion, title: plan.title, plan: { ...plan, roomId: null } }, null, 1)}\n`;

/**
 * Reads a plan out of a file of ours.
 *
 * @returns null where it is none at all
 * @throws UnreadablePlan in words, where it is one and cannot be read
 */
export function readPlanFile(document: unknown): Plan | null {
  if (typeof document !== 'object' || document === null || Array.isArray(document)) return null;
  const file = document as Record<string, unknown>;
  if (file.format !== planFileFormat) return null;
  if (file.version !== planFileVersion)
    throw new UnreadablePlan(
      `This file was written by a newer version of the program: its version is ${String(file.version).slice(0, 40)}, this one reads ${planFileVersion}. Open it there.`,
      [
        {
          pointer: '/version',
          field: 'version',
          value: file.version ?? null,
          allowed: String(planFileVersion),
        },
      ],
    );
  return { ...readPlan(file.plan), roomId: null };
}
