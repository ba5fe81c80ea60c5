import { accepts, filled, refusalsOf, type Refusal } from '../shape';
import { formatOneShape, upgradeFormatOne, type PlanOfFormatOne } from './format-1';
import { planFormat, planShape, type Plan } from './plan';

/** A document that is no plan this program can read; `refusals` says where and why. */
export class UnreadablePlan extends Error {
  constructor(
    message: string,
    readonly refusals: readonly Refusal[],
  ) {
    super(message);
  }
}

/**
 * The one door for plans that were stored somewhere: revisions, drafts of a browser, files. Older formats are brought
 * up to the present one step by step; what is stored stays as it is.
 *
 * @throws UnreadablePlan for a newer format, or a document that is not sound in its own
 */
export function readPlan(document: unknown): Plan {
  const format = formatOf(document);
  if (format === planFormat) return filled(planShape, sound(planShape, document));
  if (format === 1) return upgradeFormatOne(sound(formatOneShape, document) as PlanOfFormatOne);
  const newer = typeof format === 'number' && Number.isInteger(format) && format > planFormat;
  throw new UnreadablePlan(
    newer
      ? `This plan was written by a newer version of the program: its format is ${format}, this one reads up to ${planFormat}. Open it there.`
      : 'This is not a plan.',
    [
      {
        pointer: '/format',
        field: 'format',
        value: format ?? null,
        allowed: `a whole number from 1 to ${planFormat}`,
      },
    ],
  );
}

/** Format 1 had no number. */
function formatOf(document: unknown): unknown {
  if (typeof document !== 'object' || document === null || Array.isArray(document)) return undefined;
  return 'format' in document ? document.format : 1;
}

function sound(shape: Parameters<typeof accepts>[0], document: unknown): unknown {
  if (accepts(shape, document)) return document;
  const refusals = refusalsOf(shape, document);
  const first = refusals[0];
  throw new UnreadablePlan(
    `This plan cannot be read: ${first ? `${first.pointer.slice(1)} is not ${first.allowed}` : 'it is damaged'}.`,
    refusals,
  );
}
