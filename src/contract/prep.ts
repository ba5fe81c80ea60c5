import {
  prepWaysShape,
  type Afterwards,
  type ByProduct,
  type OrderLine,
  type PrepWays,
  type RunCost,
  type Saving,
} from '../core/order';
import { about, flag, list, number, optional, record, text, whole, type Of } from '../core/shape';
import { classOf } from './class-of';

/** How a run is prepared, changed from the version it was read at. */
const prepEditShape = record('PrepEdit', {
  version: about('the version the edit began at; 0: nobody has said anything', whole(0, 1e9)),
  ways: prepWaysShape,
});
export const PrepEdit = classOf(prepEditShape);
export type PrepEdit = Of<typeof prepEditShape>;

export interface RunPrep {
  ways: PrepWays;
  version: number;
}

/** Lowest and highest a thermometer shows that is read for a list, °C. */
export const tickedCelsius = [-60, 400] as const;

/** Something ticked off, or no longer, on a list: of the last word about it, as they arrive, the rest is forgotten. */
const tickShape = record('Tick', {
  what: about('which line of which list, such as job:RUN:STEP', text(300, 1)),
  done: flag(),
  at: about('when, by the clock of who ticked it, right or wrong, ms since 1970', whole(0, 8.64e15)),
  celsius: about(
    'what the thermometer there showed: of an oven, a refrigerator',
    optional(number(...tickedCelsius, '°C')),
  ),
});
export type Tick = Of<typeof tickShape>;
const mostTicks = 500;
export const Ticks = classOf(record('Ticks', { ticks: list(tickShape, mostTicks, 1) }));

/** A tick as it stands, with who made it. */
export interface TickNow extends Tick {
  by: string;
}

/** A run of an order, in short. */
export interface OrderedRun {
  id: string;
  practicalId: string;
  title: string;
  className: string;
  roomName: string;
  startsAt: number;
  stations: number;
  students: number;
  /** It goes on or is over: what it takes is bought. */
  begun: boolean;
  ways: PrepWays;
  version: number;
}

/** What all runs of some days take together. */
export interface OrderAnswer {
  from: number;
  to: number;
  runs: OrderedRun[];
  lines: OrderLine[];
  toPay: number;
  unpriced: number;
  costs: RunCost[];
  /** What each class comes to by what its runs take, what it may cost in its term, and what all of that term comes to. */
  classes: { className: string; cost: number; budget: number | null; ofTerm: number | null }[];
  byProducts: (ByProduct & { couldGoTo: string[] })[];
  open: { name: string; notes: string[] }[];
  savings: Saving[];
  after: Afterwards;
}
