import type { OrderAnswer, OrderedRun } from '../../contract/prep';
import type { Budget } from '../../contract/school';
import type { Run } from '../../contract/runs';
import { tablesOf } from '../../core/batch';
import { lastOpen, startOfDay, type SchoolWays } from '../../core/days';
import {
  afterwards,
  orderOf,
  savingsOf,
  type Order,
  type OrderOptions,
  type OrderRun,
  type Pantry,
  type PrepWays,
} from '../../core/order';
import type { PantryShelf } from '../pantry/pantry';
import { Problem } from '../problems/problem';
import type { Runs } from '../runs/runs';
import type { SchoolSettings } from '../school/school';
import type { Preps } from './preps';

/** Most runs one order takes. */
const mostRuns = 400;

/** Which runs: those that begin from `from` up to `to`, but for some. */
export interface OrderAsked {
  from: number;
  to: number;
  without: ReadonlySet<string>;
  /** This one alone; null: all. */
  only: string | null;
}

/** An order with what it was made from. */
export interface MadeOrder {
  order: Order;
  runs: OrderRun[];
  ordered: OrderedRun[];
  pantry: Pantry;
}

/** Days as the school’s own clocks and hours have them. */
const shoppingDays = (ways: SchoolWays): OrderOptions => ({
  buyDayOf(lessonAt) {
    const before = startOfDay(lessonAt, 0);
    return startOfDay(lastOpen(ways, before, 0) ?? before - 1, 0);
  },
  dayAfter: (day, days) => startOfDay(day, days),
});

/** A week after the last lesson of some: what is left over is for then. */
const nextWeekOf = (runs: readonly OrderRun[]): number =>
  startOfDay(Math.max(0, ...runs.map(({ startsAt }) => startsAt)), 7);

/** A run as an order takes it. */
const orderRunOf = (run: Run, prep: PrepWays): OrderRun => ({
  ...{ id: run.id, title: run.plan.title, className: run.className, startsAt: run.startsAt },
  ...{ students: run.students, plan: run.plan, prep },
  stations: run.allocation.map(({ treatmentId }) => treatmentId),
  gramsOf: tablesOf(run.batch).gramsOf,
});

interface OrderParts {
  runs: Runs;
  preps: Preps;
  pantry: PantryShelf;
  school: SchoolSettings;
}

/** Orders over any span of days, from the runs as they stand. */
export class Orders {
  constructor(readonly parts: OrderParts) {}

  /** What all runs of some days take together. */
  async of(asked: OrderAsked): Promise<OrderAnswer> {
    const { order, runs, ordered, pantry } = await this.make(asked);
    const { lines, toPay, unpriced, byProducts } = order;
    return {
      ...{ from: asked.from, to: asked.to, runs: ordered, lines, toPay, unpriced, byProducts },
      costs: order.runs,
      classes: await this.#classes(runs, order),
      open: order.open.map(({ name, parts }) => ({
        name,
        notes: [...new Set(parts.map(({ note }) => note))],
      })),
      savings: savingsOf(order, runs, pantry),
      after: afterwards(order, pantry, nextWeekOf(runs)),
    };
  }

  async make({ from, to, without, only }: OrderAsked): Promise<MadeOrder> {
    const { runs, preps, pantry, school } = this.parts;
    const found = (await runs.between(from, to)).filter(
      ({ id }) => !without.has(id) && (only === null || id === only),
    );
    if (found.length > mostRuns) {
      throw new Problem(
        413,
        'Too many runs',
        `${found.length} lessons begin in these days; an order takes at most ${mostRuns}. Choose fewer days.`,
      );
    }
    const [prepOf, tables, { ways }] = await Promise.all([
      preps.ofAll(found.map(({ id }) => id)),
      pantry.all(),
      school.get(),
    ]);
    const taken = found.map((run) => orderRunOf(run, prepOf(run.id).ways));
    return {
      order: orderOf(taken, tables, shoppingDays(ways)),
      runs: taken,
      ordered: found.map((run) => ({ ...outlineOf(run), ...prepOf(run.id) })),
      pantry: tables,
    };
  }

  /** What each class comes to in these days, beside what it may cost in its term and has cost so far. */
  async #classes(runs: readonly OrderRun[], order: Order): Promise<OrderAnswer['classes']> {
    const costs = new Map(order.runs.map(({ runId, cost }) => [runId, cost]));
    const names = [...new Set(runs.map(({ className }) => className))].sort();
    const { budgets } = await this.parts.school.get();
    const classes: OrderAnswer['classes'] = [];
    for (const className of names) {
      const own = runs.filter((run) => run.className === className);
      const cost = own.reduce((sum, { id }) => sum + (costs.get(id) ?? 0), 0);
      const budget = budgets.find(
        (one) => one.className === className && own.some(({ startsAt }) => inTerm(one, startsAt)),
      );
      classes.push({
        ...{ className, cost: Math.round(cost * 100) / 100, budget: budget?.amount ?? null },
        ofTerm: budget ? await this.#costOfTerm(budget) : null,
      });
    }
    return classes;
  }

  async #costOfTerm({ className, from, to }: Budget): Promise<number> {
    const { runs, preps, pantry, school } = this.parts;
    const own = (await runs.between(from, to))
      .filter((run) => run.className === className)
      .slice(0, mostRuns);
    const prepOf = await preps.ofAll(own.map(({ id }) => id));
    const { ways } = await school.get();
    const order = orderOf(
      own.map((run) => orderRunOf(run, prepOf(run.id).ways)),
      await pantry.all(),
      shoppingDays(ways),
    );
    return Math.round(order.runs.reduce((sum, { cost }) => sum + cost, 0) * 100) / 100;
  }
}

const inTerm = ({ from, to }: Budget, at: number) => from <= at && at < to;

function outlineOf(run: Run): Omit<OrderedRun, 'ways' | 'version'> {
  const { id, practicalId, className, startsAt, stations, students, plan, place } = run;
  return {
    ...{ id, practicalId, className, startsAt, students },
    ...{
      begun: run.status !== 'planned',
      title: plan.title,
      roomName: place.name,
      stations: stations.length,
    },
  };
}
