import type { Knex } from 'knex';
import type { RunSummary } from '../../contract/practicals';
import { type Allocation, type NewRun, type Run, type RunRemarks } from '../../contract/runs';
import { allocateTreatments } from '../../core/design';
import { batchTables } from '../../core/batch';
import { listedTreatmentIds, placeOf, readPlan, type Place, type Plan } from '../../core/practical';
import { withOwnDensities } from '../../core/order';
import type { LaidOut } from '../../core/review';
import { canBeSimulated, runTime, withSpeed, type RunClock } from '../../core/run';
import type { Classes } from '../classes/classes';
import { notFound, Problem, refusedField } from '../problems/problem';
import type { PantryShelf } from '../pantry/pantry';
import type { Rooms } from '../rooms/rooms';
import { KeptRemarks } from './kept-remarks';
import { shutStations } from './shut-stations';
import { insertRun, ReadPlans, runOf, statusOf, type RunRow } from './run-row';

/** What lists show of a run: no document is read for it. */
interface SummaryRow extends Pick<
  RunRow,
  'id' | 'practical_id' | 'revision' | 'place' | 'starts_at' | 'started_at' | 'finished_at' | 'class_name'
> {
  title: string;
  period_minutes: number;
}

/** Which runs: of a practical, or that begin in a span of time. */
interface RunFilter {
  practicalId?: string;
  from?: number;
  to?: number;
}

const summaryOf = (row: SummaryRow): RunSummary => ({
  id: row.id,
  practicalId: row.practical_id,
  title: row.title,
  className: row.class_name,
  roomName: (JSON.parse(row.place) as Place).name,
  startsAt: row.starts_at,
  periodMinutes: row.period_minutes,
  status: statusOf(row),
});

/** Runs: one class doing one revision of a practical on one day. */
export class Runs {
  readonly #knex: Knex;
  readonly #rooms: Rooms;
  readonly #classes: Classes;
  readonly #now: () => number;
  /** Running runs are asked for with every batch of entries; what is asked often is kept. */
  readonly #kept = new Map<string, Run>();

  readonly #remarks = new KeptRemarks();
  readonly #plans = new ReadPlans();
  readonly #pantry: Pick<PantryShelf, 'densities'>;

  constructor(
    knex: Knex,
    rooms: Rooms,
    classes: Classes,
    pantry: Pick<PantryShelf, 'densities'>,
    now: () => number,
  ) {
    this.#knex = knex;
    this.#rooms = rooms;
    this.#classes = classes;
    this.#pantry = pantry;
    this.#now = now;
  }

  async summaries(filter: RunFilter = {}): Promise<RunSummary[]> {
    return (await this.#summaryRows(filter)).map(summaryOf);
  }

  /** The same with the revision each is at. */
  async outlines(filter: RunFilter): Promise<(RunSummary & { revision: number })[]> {
    return (await this.#summaryRows(filter)).map((row) => ({ ...summaryOf(row), revision: row.revision }));
  }

  async #summaryRows(filter: RunFilter): Promise<SummaryRow[]> {
    let query = this.#joined().select<SummaryRow[]>(
      'runs.id',
      'runs.practical_id',
      'runs.revision',
      'runs.place',
      'runs.starts_at',
      'runs.started_at',
      'runs.finished_at',
      'revisions.title',
      'revisions.period_minutes',
      'classes.name as class_name',
    );
    if (filter.practicalId !== undefined) query = query.where('runs.practical_id', filter.practicalId);
    if (filter.from !== undefined) query = query.where('runs.starts_at', '>=', filter.from);
    if (filter.to !== undefined) query = query.where('runs.starts_at', '<', filter.to);
    return query.orderBy('runs.starts_at');
  }

  async one(id: string): Promise<Run> {
    const kept = this.#kept.get(id);
    if (kept) return kept;
    const row = (await this.#rows().where('runs.id', id).first()) as RunRow | undefined;
    if (!row) throw notFound('run', id);
    const run = await this.#whole(row);
    if (run.status !== 'planned') this.#kept.set(id, run);
    return run;
  }

  /** Whole runs that begin from `from` up to `to`, soonest first. */
  async between(from: number, to: number): Promise<Run[]> {
    const rows = (await this.#rows()
      .where('runs.starts_at', '>=', from)
      .where('runs.starts_at', '<', to)
      .orderBy('runs.starts_at')) as RunRow[];
    return Promise.all(rows.map((row) => this.#whole(row)));
  }

  /** With the school’s own densities; until it begins, with its room as it is today, or as it last was. */
  async #whole(row: RunRow): Promise<Run> {
    const run = runOf(row, this.#plans);
    const own = await this.#pantry.densities(run.startedAt);
    const whole = { ...run, batch: withOwnDensities(run.batch, run.plan.formula, own) };
    if (run.status !== 'planned') return whole;
    const room = await this.#rooms.one(run.roomId).catch((reason: unknown) => {
      if (reason instanceof Problem && reason.document.status === 404) return null;
      throw reason;
    });
    return room ? { ...whole, place: placeOf(room) } : whole;
  }

  /** What the margin says about the plan of a run, in the room it is in. */
  async remarks(id: string, laid: LaidOut | null): Promise<RunRemarks> {
    const { plan, place, revision } = await this.one(id);
    const rooms = (await this.#rooms.all()).map((room) => ({ id: room.id, place: placeOf(room) }));
    return this.#remarks.of(id, revision, { plan, place, rooms, laid });
  }

  async running(): Promise<Run[]> {
    const rows = (await this.#rows()
      .whereNotNull('runs.started_at')
      .whereNull('runs.finished_at')) as RunRow[];
    return Promise.all(rows.map((row) => this.#whole(row)));
  }

  /** Plans a run and draws its layout; the same id again is harmless. */
  async add(wanted: NewRun): Promise<Run> {
    const known = (await this.#rows().where('runs.id', wanted.id).first()) as RunRow | undefined;
    if (known) return this.#whole(known);
    const plan = await this.#planOf(wanted.practicalId, wanted.revision);
    const room = await this.#rooms.one(wanted.roomId).catch(() => {
      throw refusedField('/roomId', wanted.roomId, 'a room of this school');
    });
    await this.#classes.one(wanted.classId).catch(() => {
      throw refusedField('/classId', wanted.classId, 'a class of this school');
    });
    const place: Place = placeOf(room);
    if (wanted.probes === 'simulated' && !canBeSimulated(plan, place, batchTables)) {
      throw refusedField(
        '/probes',
        wanted.probes,
        'none: only a boiling syrup with sugar and water can be simulated',
      );
    }
    const seed = wanted.seed ?? this.#now() % 4_294_967_296;
    const allocation = layout(plan, wanted.stations, seed);
    await insertRun(this.#knex, {
      ...wanted,
      seed,
      allocation,
      place,
      startedAt: null,
      finishedAt: null,
      clock: null,
    });
    return this.one(wanted.id);
  }

  /** Draws the layout anew, before the start. */
  async redraw(id: string, seed: number): Promise<Run> {
    const run = await this.one(id);
    if (run.status !== 'planned')
      throw new Problem(409, 'Already started', 'The layout is fixed once a run has started.');
    return this.#update(id, {
      seed,
      allocation: JSON.stringify(layout(run.plan, run.stations.length, seed)),
    });
  }

  /** Takes a run to another revision of its plan, before the start; the layout is drawn from the same seed. */
  async takeRevision(id: string, revision: number): Promise<Run> {
    const run = await this.one(id);
    if (run.status !== 'planned') {
      throw new Problem(409, 'Already started', 'A run stays with the revision it was started with.');
    }
    const plan = await this.#planOf(run.practicalId, revision);
    if (run.probes === 'simulated' && !canBeSimulated(plan, run.place, batchTables)) {
      throw refusedField('/revision', revision, 'a plan with a boiling syrup: this run is to be simulated');
    }
    return this.#update(id, {
      revision,
      allocation: JSON.stringify(layout(plan, run.stations.length, run.seed)),
    });
  }

  /** Starts a run: from here the log is open. The room is kept as it is today. Twice is harmless. */
  async start(id: string): Promise<Run> {
    const run = await this.one(id);
    if (run.status !== 'planned') return run;
    const now = this.#now();
    const place = placeOf(await this.#rooms.one(run.roomId));
    const clock: RunClock = { anchorRunMs: now, anchorWallMs: now, speed: 1 };
    return this.#update(id, { started_at: now, place: JSON.stringify(place), clock: JSON.stringify(clock) });
  }

  /** Finishes a run and signs its stations out, all or nothing. What is measured later can still be logged. Twice is harmless. */
  async finish(id: string): Promise<Run> {
    const run = await this.one(id);
    if (run.status === 'planned')
      throw new Problem(409, 'Not started', 'A run that has not started cannot finish.');
    if (run.status === 'finished') return run;
    const now = this.#now();
    const clock = clockOf(run, now);
    await this.#knex.transaction(async (transaction) => {
      await transaction('runs')
        .where({ id })
        .update({
          finished_at: Math.round(runTime(clock, now)),
          clock: JSON.stringify(withSpeed(clock, 1, now)),
        });
      await shutStations(transaction, id, now);
    });
    this.#kept.delete(id);
    return this.one(id);
  }

  /** Changes how fast a simulated run goes. */
  async setSpeed(id: string, speed: number): Promise<Run> {
    const run = await this.one(id);
    if (run.probes !== 'simulated') {
      throw refusedField('/speed', speed, '1: a run with real thermometers goes by the wall clock');
    }
    if (run.status !== 'running')
      throw new Problem(409, 'Not running', 'Only a run in progress has a clock to change.');
    return this.#update(id, {
      clock: JSON.stringify(withSpeed(clockOf(run, this.#now()), speed, this.#now())),
    });
  }

  /** Sets the clock of a simulated run going again from `runMs`: it stood still while the server was down. */
  async resumeClock(id: string, runMs: number): Promise<Run> {
    const run = await this.one(id);
    const clock: RunClock = { anchorRunMs: runMs, anchorWallMs: this.#now(), speed: run.clock?.speed ?? 1 };
    return this.#update(id, { clock: JSON.stringify(clock) });
  }

  /** Forgets what is kept in memory of a run; it was written by someone else. */
  forget(id: string): void {
    this.#kept.delete(id);
  }

  /** The plan of a revision that stations can be given levels of. */
  async #planOf(practicalId: string, revision: number): Promise<Plan> {
    const row = await this.#knex('revisions')
      .where({ practical_id: practicalId, number: revision })
      .first<{ plan: string } | undefined>();
    if (!row) throw refusedField('/revision', revision, `a revision of practical ${practicalId}`);
    const plan = readPlan(JSON.parse(row.plan));
    if (listedTreatmentIds(plan).length === 0) {
      throw refusedField('/revision', revision, 'a plan with at least one level to give to the stations');
    }
    return plan;
  }

  async #update(id: string, columns: Record<string, unknown>): Promise<Run> {
    await this.#knex('runs').where({ id }).update(columns);
    this.#kept.delete(id);
    return this.one(id);
  }

  #joined() {
    return this.#knex('runs')
      .join('revisions', (join) =>
        join.on('revisions.practical_id', 'runs.practical_id').andOn('revisions.number', 'runs.revision'),
      )
      .join('classes', 'classes.id', 'runs.class_id');
  }

  #rows() {
    return this.#joined().select(
      'runs.*',
      'revisions.plan',
      'classes.name as class_name',
      'classes.students',
      'classes.unit',
    );
  }
}

/** The clock of a run; one that came in a file without any goes by the wall. */
const clockOf = (run: Run, now: number): RunClock =>
  run.clock ?? { anchorRunMs: now, anchorWallMs: now, speed: 1 };

function layout(plan: Plan, stations: number, seed: number): Allocation[] {
  const numbers = Array.from({ length: stations }, (_, i) => i + 1);
  return allocateTreatments(numbers, listedTreatmentIds(plan), plan.order, seed);
}
