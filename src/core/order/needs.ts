import { itemOf } from '../batch';
import {
  stationPlan,
  treatmentOf,
  treatmentsOf,
  type Factor,
  type GramsOf,
  type Plan,
  type StationIngredient,
  type Treatment,
} from '../practical';
import { ingredientKey } from './products';
import type { PrepWays } from './prep-ways';

/** A run as far as an order asks. */
export interface OrderRun {
  id: string;
  title: string;
  className: string;
  startsAt: number;
  students: number;
  plan: Plan;
  /** Treatment of each of its stations; null: the plan has none. */
  stations: readonly (string | null)[];
  prep: PrepWays;
  gramsOf: GramsOf;
}

/** What the stations of one treatment take of one ingredient. */
export interface NeedPart {
  runId: string;
  treatmentId: string | null;
  /** “2 %”; empty where the plan has no treatments. */
  treatment: string;
  /** Stations, spares and the demonstration. */
  batches: number;
  gramsEach: number | null;
  /** With what is lost; null where a batch’s cannot be told. */
  grams: number | null;
  /** Why it cannot be told, or what was taken for it; empty where there is nothing to say. */
  note: string;
}

/** What one run takes of one ingredient. */
export interface Need {
  key: string;
  name: string;
  /** Counted by the piece: nothing of a piece sticks to a bowl. */
  pieceG: number | null;
  parts: NeedPart[];
}

/** Water comes from the tap. */
const fromTheTap = (one: { item: string | null; name: string }) => itemOf(one)?.family === 'water';

/** What a run takes of each ingredient, treatment by treatment, each batch as its treatment has it. */
export function needsOf(run: OrderRun): Need[] {
  const needs = new Map<string, Need>();
  for (const { treatment, batches } of batchesOf(run)) {
    const { own, chosen } = batchOf(run, treatment);
    for (const taken of own.ingredients) {
      if (taken.dropped || fromTheTap(taken)) continue;
      const key = ingredientKey(taken);
      const need = needs.get(key) ?? { key, name: taken.name, pieceG: pieceOf(taken), parts: [] };
      needs.set(key, { ...need, parts: [...need.parts, partOf(run, taken, { treatment, batches, chosen })] });
    }
  }
  return [...needs.values()];
}

/** The treatment a teacher shows: the control, or the first; null where the plan has none. */
export function demonstrated(plan: Plan): string | null {
  const listed = treatmentsOf(plan);
  return listed.find(({ control }) => control)?.id ?? listed[0]?.id ?? null;
}

/** How many batches of each treatment: its stations, its spares, and the demonstration with the control. */
function batchesOf({ plan, stations, prep }: Pick<OrderRun, 'plan' | 'stations' | 'prep'>) {
  const counts = new Map<string | null, number>();
  for (const id of stations) counts.set(id, (counts.get(id) ?? 0) + 1);
  const listed = treatmentsOf(plan);
  for (const [id, count] of counts) counts.set(id, count + prep.spares);
  const shown = demonstrated(plan);
  if (prep.demonstration) counts.set(shown, (counts.get(shown) ?? 0) + 1);
  // In the order treatments are read, what the plan no longer lists last.
  const place = (id: string | null) => {
    const at = listed.findIndex((one) => one.id === id);
    return at < 0 ? listed.length : at;
  };
  return [...counts]
    .sort(([a], [b]) => place(a) - place(b))
    .map(([id, batches]) => ({ treatment: (id === null ? null : treatmentOf(plan, id)) ?? null, batches }));
}

/** A batch of a treatment; where the station chooses, with the highest of the other levels, so that it will do. */
function batchOf({ plan, gramsOf }: OrderRun, treatment: Treatment | null) {
  const own = stationPlan(plan, null, treatment, gramsOf);
  const chosen = new Map<string, number>();
  for (const factor of own.open) {
    const most = highestLevel(factor);
    if (most !== null) chosen.set(factor.id, most);
  }
  return {
    own: chosen.size === 0 ? own : stationPlan(plan, null, treatment, gramsOf, chosen),
    chosen: own.open,
  };
}

function highestLevel({ levels }: Factor): number | null {
  const known = levels.flatMap(({ open, value }) => (open || value === null ? [] : [value]));
  return known.length === 0 ? null : Math.max(...known);
}

const pieceOf = ({ item, name, unit }: StationIngredient): number | null =>
  unit === 'each' ? (itemOf({ item, name })?.pieceG ?? null) : null;

function partOf(
  { id, prep }: OrderRun,
  taken: StationIngredient,
  of: { treatment: Treatment | null; batches: number; chosen: readonly Factor[] },
): NeedPart {
  const { treatment, batches } = of;
  const open = of.chosen.find(({ acts }) => acts.on === 'amount' && acts.ingredientId === taken.id);
  const gramsEach = upperEnd(taken);
  const loss = taken.unit === 'each' ? 1 : 1 + prep.lossPercent / 100;
  return {
    ...{ runId: id, treatmentId: treatment?.id ?? null, treatment: treatment?.label ?? '', batches },
    ...{ gramsEach, grams: gramsEach === null ? null : gramsEach * batches * loss },
    note: noteOf(taken, open, gramsEach),
  };
}

/** A range is ordered at its upper end; the plan’s own arithmetic takes its middle. */
function upperEnd({ grams, amount, amountTo }: StationIngredient): number | null {
  if (grams === null || amount === null || amountTo === null || amount + amountTo <= 0) return grams;
  return (grams * 2 * amountTo) / (amount + amountTo);
}

function noteOf(taken: StationIngredient, open: Factor | undefined, grams: number | null): string {
  if (grams === null) {
    if (open) return 'the station chooses how much, and no other level is a number';
    if (taken.amount === null) return 'the formula says no amount';
    return taken.unit === 'each'
      ? 'the table does not know what one weighs'
      : 'the table does not know its density';
  }
  if (open) return 'the station chooses: counted at the highest level';
  return taken.amountTo === null ? '' : 'a range: counted at its upper end';
}
