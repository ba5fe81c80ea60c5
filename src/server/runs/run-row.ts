import type { Knex } from 'knex';
import { readAllocation, type Allocation, type NewRun, type Run, type RunStatus } from '../../contract/runs';
import { LRUCache } from 'lru-cache';
import { batchFacts, type BatchFacts } from '../../core/batch';
import { placeShape, readPlan, type Plan } from '../../core/practical';
import type { RunClock } from '../../core/run';
import { filled } from '../../core/shape';

/** A run as it is stored, with what is joined to it. */
export interface RunRow {
  id: string;
  practical_id: string;
  revision: number;
  room_id: string;
  class_id: string;
  starts_at: number;
  seed: number;
  allocation: string;
  probes: Run['probes'];
  place: string;
  started_at: number | null;
  finished_at: number | null;
  clock: string | null;
  /** Joined. */
  plan: string;
  class_name: string;
  students: number;
  unit: 'C' | 'F';
}

export const statusOf = (row: Pick<RunRow, 'started_at' | 'finished_at'>): RunStatus =>
  row.finished_at !== null ? 'finished' : row.started_at !== null ? 'running' : 'planned';

/** Plans of revisions as they were read, with what the ingredients table knows of them: neither ever changes. */
export class ReadPlans {
  readonly #known = new LRUCache<string, { plan: Plan; batch: BatchFacts }>({ max: 100 });

  of({ practical_id, revision, plan: text }: Pick<RunRow, 'practical_id' | 'revision' | 'plan'>) {
    const key = `${practical_id} ${revision}`;
    const known = this.#known.get(key);
    if (known) return known;
    const plan = readPlan(JSON.parse(text));
    const read = { plan, batch: batchFacts(plan) };
    this.#known.set(key, read);
    return read;
  }
}

/** A stored run as everybody else has it. */
export function runOf(row: RunRow, plans: ReadPlans): Run {
  const allocation = readAllocation(JSON.parse(row.allocation) as Parameters<typeof readAllocation>[0]);
  return {
    id: row.id,
    practicalId: row.practical_id,
    revision: row.revision,
    ...plans.of(row),
    roomId: row.room_id,
    place: filled(placeShape, JSON.parse(row.place)),
    classId: row.class_id,
    className: row.class_name,
    students: row.students,
    unit: row.unit,
    startsAt: row.starts_at,
    stations: allocation.map((one) => one.station).sort((a, b) => a - b),
    seed: row.seed,
    allocation,
    probes: row.probes,
    status: statusOf(row),
    startedAt: row.started_at,
    finishedAt: row.finished_at,
    clock: row.clock === null ? null : (JSON.parse(row.clock) as RunClock),
  };
}

/** A run as it is written. */
export type StoredRun = Pick<Run, 'place' | 'startedAt' | 'finishedAt' | 'clock'> & {
  allocation: readonly Allocation[];
} & Required<
    Pick<NewRun, 'id' | 'practicalId' | 'revision' | 'roomId' | 'classId' | 'startsAt' | 'seed' | 'probes'>
  >;

/** Writes a run, in whatever transaction `knex` is. */
export async function insertRun(knex: Knex, run: StoredRun): Promise<void> {
  await knex('runs').insert({
    id: run.id,
    practical_id: run.practicalId,
    revision: run.revision,
    room_id: run.roomId,
    class_id: run.classId,
    starts_at: run.startsAt,
    seed: run.seed,
    allocation: JSON.stringify(run.allocation),
    probes: run.probes,
    place: JSON.stringify(run.place),
    started_at: run.startedAt,
    finished_at: run.finishedAt,
    clock: run.clock === null ? null : JSON.stringify(run.clock),
  });
}
