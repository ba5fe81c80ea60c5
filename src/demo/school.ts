import { batchFacts } from '../core/batch';
import { v7 as uuid } from 'uuid';
import type { NewClass } from '../contract/classes';
import type { NewPractical } from '../contract/practicals';
import type { NewRoom } from '../contract/rooms';
import { runFileFormat, runFileVersion, type RunFile } from '../contract/run-file';
import type { Run } from '../contract/runs';
import { allocateTreatments } from '../core/design';
import { withDraft } from '../core/explain';
import { examplePlan, listedTreatmentIds, placeOf, type Plan } from '../core/practical';
import type { Product, Stock } from '../core/order';
import { seededRandom } from '../core/random';
import { classTable, Notebook, reachedByFactor, settingOfRun, type Entry, type EntryBody } from '../core/run';
import { custardSauce } from './practicals/custard-sauce';
import { milkBunDough } from './practicals/milk-bun-dough';
import { pannaCotta } from './practicals/panna-cotta';
import { pearSlices } from './practicals/pear-slices';
import { pretzelBites } from './practicals/pretzel-bites';
import { sodaScones } from './practicals/soda-scones';
import { turkeyKoftas } from './practicals/turkey-koftas';
import { products, stock } from './pantry';
import { rooms, ways } from './rooms';
import { honeycombMeasures, SimulatedClass } from './simulated-class';

/** Everything the invented school begins with. */
export interface DemoSchool {
  settings: Record<string, string>;
  rooms: NewRoom[];
  classes: NewClass[];
  practicals: NewPractical[];
  products: Product[];
  stock: Stock[];
  /** Runs with their logs: one finished, one in progress, three to come. */
  runs: RunFile[];
}

const minute = 60_000;
const day = 24 * 60 * minute;

const classes: NewClass[] = [
  { id: 'class-9b', name: '9B', students: 24, unit: 'C' },
  { id: 'class-10a', name: '10A', students: 22, unit: 'C' },
  { id: 'class-11f', name: '11 Food', students: 16, unit: 'F' },
];

/** A practical with its aims, key words and observation table drafted; its questions are its own. */
function taught(plan: Plan, tags: string[] = plan.tags): Plan {
  let row = 0;
  const drafted = withDraft(plan, () => `row-${(row += 1)}`);
  return { ...drafted, tags, studentQuestions: plan.studentQuestions, answers: plan.answers };
}

const honeycomb = taught({ ...examplePlan, roomId: 'room-kitchen' }, ['year 9', 'hot sugar']);
const scones = taught(sodaScones, ['year 11', 'reactions']);
const creams = taught(pannaCotta, ['year 11', 'two days']);
const pears = taught(pearSlices, ['year 10', 'living things', 'no heat']);

interface Lesson {
  practicalId: string;
  plan: Plan;
  room: NewRoom;
  group: NewClass;
  startsAt: number;
  seed: number;
  stations: number;
  probes: Run['probes'];
}

/** The invented school, its week laid around `now`. */
export function demoSchool(now: number): DemoSchool {
  const practicals: NewPractical[] = [
    { id: 'practical-honeycomb', plan: honeycomb },
    { id: 'practical-pears', plan: pears },
    { id: 'practical-scones', plan: scones },
    { id: 'practical-koftas', plan: taught(turkeyKoftas, ['year 11', 'food safety']) },
    { id: 'practical-panna-cotta', plan: creams },
    { id: 'practical-pretzels', plan: taught(pretzelBites) },
    { id: 'practical-bun-dough', plan: taught(milkBunDough) },
    { id: 'practical-custard', plan: taught(custardSauce) },
  ];
  const [kitchen, lab] = rooms as [NewRoom, NewRoom];
  const [nineB, tenA, elevenFood] = classes as [NewClass, NewClass, NewClass];
  const boil = {
    practicalId: 'practical-honeycomb',
    plan: honeycomb,
    room: kitchen,
    stations: 12,
    probes: 'simulated' as const,
  };
  const bell = Math.floor((now - 26 * minute) / (5 * minute)) * 5 * minute;
  return {
    settings: {
      ...{ name: 'Larkfell School', teacher: 'M. Ashdown', demo: 'yes' },
      ways: JSON.stringify({ ways, waysVersion: 1 }),
    },
    rooms,
    classes,
    ...{ practicals, products, stock },
    runs: [
      finishedRun({ ...boil, group: tenA, startsAt: lessonOn(now, -1, 10, 45), seed: 20 }),
      runInProgress({ ...boil, group: nineB, startsAt: bell, seed: 31 }, now),
      runToCome({
        practicalId: 'practical-scones',
        plan: scones,
        room: kitchen,
        group: elevenFood,
        startsAt: lessonOn(now, 1, 9, 15),
        seed: 7,
        stations: 8,
        probes: 'none',
      }),
      runToCome({
        practicalId: 'practical-pears',
        plan: pears,
        room: lab,
        group: tenA,
        startsAt: lessonOn(now, 7, 10, 45),
        seed: 12,
        stations: 8,
        probes: 'none',
      }),
      runToCome({
        practicalId: 'practical-panna-cotta',
        plan: creams,
        room: kitchen,
        group: nineB,
        startsAt: beforeASchoolDay(now, 2, 12, 45),
        seed: 3,
        stations: 8,
        probes: 'none',
      }),
    ],
  };
}

/** A school day some days away (weekends moved past), at a time of day. */
function lessonOn(now: number, days: number, hour: number, minutes: number): number {
  const date = new Date(now + days * day);
  while (date.getDay() === 0 || date.getDay() === 6) date.setTime(date.getTime() + (days < 0 ? -day : day));
  date.setHours(hour, minutes, 0, 0);
  return date.getTime();
}

/** The first school day from so many days away on whose morrow there is school, too: what sets overnight is measured then. */
function beforeASchoolDay(now: number, days: number, hour: number, minutes: number): number {
  const at = lessonOn(now, days, hour, minutes);
  return new Date(at).getDay() < 5 ? at : beforeASchoolDay(now, days + 1, hour, minutes);
}

function runOf(lesson: Lesson, startedAt: number | null): Run {
  const stations = Array.from({ length: lesson.stations }, (_, i) => i + 1);
  return {
    id: uuid(),
    practicalId: lesson.practicalId,
    revision: 1,
    plan: lesson.plan,
    batch: batchFacts(lesson.plan),
    roomId: lesson.room.id,
    place: placeOf(lesson.room),
    classId: lesson.group.id,
    className: lesson.group.name,
    students: lesson.group.students,
    unit: lesson.group.unit,
    startsAt: lesson.startsAt,
    stations,
    seed: lesson.seed,
    allocation: allocateTreatments(stations, listedTreatmentIds(lesson.plan), lesson.plan.order, lesson.seed),
    probes: lesson.probes,
    status: startedAt === null ? 'planned' : 'running',
    startedAt,
    finishedAt: null,
    clock: startedAt === null ? null : { anchorRunMs: startedAt, anchorWallMs: startedAt, speed: 1 },
  };
}

function fileOf(lesson: Lesson, run: Run, entries: readonly Entry[]): RunFile {
  return {
    format: runFileFormat,
    version: runFileVersion,
    exportedAt: new Date(run.startsAt).toISOString(),
    practical: {
      id: run.practicalId,
      revision: run.revision,
      savedAt: run.startsAt - 6 * day,
      plan: run.plan,
    },
    room: lesson.room,
    class: lesson.group,
    run: {
      id: run.id,
      startsAt: run.startsAt,
      seed: run.seed,
      probes: run.probes,
      allocation: run.allocation,
      place: run.place,
      startedAt: run.startedAt,
      finishedAt: run.finishedAt,
      clock: run.clock,
    },
    entries: entries.map((entry) => ({ ...entry, arrivedAt: entry.at + 400 })),
  };
}

const runToCome = (lesson: Lesson) => fileOf(lesson, runOf(lesson, null), []);

/** The lesson going on now: under way for long enough that some pans stand on the plateau and some climb. */
function runInProgress(lesson: Lesson, now: number): RunFile {
  const startedAt = now - 18.3 * minute;
  const run = runOf(lesson, startedAt);
  const entries = new SimulatedClass(run, [], null).advance(now);
  const clock = { anchorRunMs: now, anchorWallMs: now, speed: 1 };
  return fileOf(lesson, { ...run, clock }, entries);
}

/** A lesson that is over, every value measured, with the mishaps of a real one. */
function finishedRun(lesson: Lesson): RunFile {
  const startedAt = lesson.startsAt + 6 * minute;
  const run = runOf(lesson, startedAt);
  const entries = new SimulatedClass(run, [], null).advance(startedAt + 58 * minute);
  const notebook = new Notebook(startedAt, run.stations);
  notebook.add(entries);
  const random = seededRandom(lesson.seed);
  const late = (minutes: number, station: number | null, body: EntryBody): Entry => ({
    id: uuid(),
    station,
    at: startedAt + minutes * minute,
    offset: -new Date(startedAt).getTimezoneOffset(),
    body,
  });
  const measured = classTable(settingOfRun(run), notebook).flatMap((row) => {
    const seaLevelC = reachedByFactor(lesson.plan, row)?.seaLevelC ?? row.treatment?.levels[0]?.value ?? 145;
    return honeycombMeasures(lesson.plan, seaLevelC, random).map((body, i) =>
      late(50 + i + row.station / 20, row.station, body),
    );
  });
  const mishaps = [
    late(4.2, 5, { kind: 'deviation', text: 'ran out of caster sugar, used 20 g granulated' }),
    late(9.5, null, { kind: 'event', text: 'window opened', stepId: null }),
    late(52.4, 2, { kind: 'observation', text: 'splinters, glassy', when: 'after', sense: 'texture' }),
    late(53.1, 9, { kind: 'observation', text: 'bends before it breaks', when: 'after', sense: 'texture' }),
  ];
  const slip = measured.find(
    (entry) => entry.body.kind === 'measurement' && entry.body.responseId === 'bubble',
  )!;
  const wrong: Entry = {
    ...slip,
    id: uuid(),
    at: slip.at - 30_000,
    body: { ...slip.body, value: 26 } as EntryBody,
  };
  const corrected = [
    ...measured.filter((entry) => entry !== slip),
    wrong,
    late(55, slip.station, { kind: 'correction', corrects: wrong.id, to: slip.body as never }),
  ];
  const all = [...entries, ...corrected, ...mishaps].sort((a, b) => a.at - b.at);
  return fileOf(lesson, { ...run, status: 'finished', finishedAt: startedAt + 60 * minute }, all);
}
