import { setImmediate } from 'node:timers/promises';
import type { RunRemarks } from '../../contract/runs';
import { reviewInParts, type ReviewContext } from '../../core/review';
import { inSlices } from '../../core/slices';

/** What the margin said of runs, and of what it was asked: a large plan takes a second, once for all who ask meanwhile. */
export class KeptRemarks {
  readonly #said = new Map<string, { asked: string; remarks: Promise<RunRemarks> }>();

  of(runId: string, revision: number, context: ReviewContext): Promise<RunRemarks> {
    const asked = JSON.stringify([revision, context.place, context.rooms, context.laid]);
    const known = this.#said.get(runId);
    if (known?.asked === asked) return known.remarks;
    const remarks = remarksOn(context);
    this.#said.set(runId, { asked, remarks });
    // What went wrong once may go right the next time.
    remarks.catch(() => this.#said.delete(runId));
    return remarks;
  }
}

async function remarksOn(context: ReviewContext): Promise<RunRemarks> {
  const { open } = await inSlices(reviewInParts(context), setImmediate);
  return { open: open.map(({ id, rank, what }) => ({ id, rank, what })) };
}
