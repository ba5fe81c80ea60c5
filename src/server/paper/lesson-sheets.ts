import type { Content } from 'pdfmake/interfaces';
import type { RunTimetable } from '../../contract/days';
import { clockWords, dayWords, minuteMs } from '../../core/days';
import { capitalised, formatNumber, listed } from '../../core/format';
import type { PaperName } from '../../core/paper';
import {
  idsOf,
  levelsHere,
  earlyLook,
  factorsWithLevels,
  factorUnit,
  isPhoto,
  minutesWords,
  piecesWords,
  sentenceOf,
  stepMarks,
  takenWords,
  untilWords,
  type Plan,
  type Response,
  type StationStep,
} from '../../core/practical';
import { allergenLines, riskLines } from '../../core/risk';
import { onPacksOf } from '../../core/order';
import { isHidden, settingOfRun, treatmentAt, lessonSteps, type OwnPlan } from '../../core/run';
import { hazards, whoDecides } from '../../core/safety';
import { orderWords, runningOrder } from '../../core/timetable';
import { printedWidth, type Sheets } from './make-pdf';
import { blanks, heading, ink, line, table, told, under, type CellText, type Column } from './parts';
import { lessonWords, marksOf, type PaperRun } from './run-of-paper';
import { words } from './words';

/** What can hurt, whom, and what is done about it. */
export function riskSheets({ run, products }: PaperRun): Sheets {
  const { plan, place } = run;
  const onPacks = onPacksOf(products);
  const lines = riskLines(plan, place, onPacks).filter(({ leftOut }) => !leftOut);
  const found = allergenLines(plan, onPacks);
  return {
    name: `Risk assessment · ${plan.title} · ${run.className}`,
    content: [
      heading('Risk assessment'),
      under(
        `${plan.title} · ${lessonWords(run)} · ${place.kind === 'laboratory' ? 'science laboratory: nothing is eaten' : 'food room'}`,
      ),
      table(
        [
          { head: 'hazard', width: 100 },
          { head: 'who', width: 70 },
          { head: 'what is done about it', width: '*' },
          { head: 'remains', width: 48 },
          { head: 'where', width: 70 },
        ],
        lines.map(({ hazard, who, control, remains, origin }): CellText[] => [
          ...[{ text: hazard, bold: true }, who, control, plan.riskScale[remains] ?? '', origin],
        ]),
        { size: 9 },
      ),
      ...told(
        'Allergens',
        found.map(
          ({ name, from, often }) =>
            `${capitalised(name)}: ${often ? 'in some makes of ' : ''}${listed(from)}${often ? '; the label decides' : ''}.`,
        ),
      ),
      line(
        'Assessed by ______________________   Date ______________   Signature ______________________',
        {},
        [0, 14, 0, 6],
      ),
      line(whoDecides, { size: 8.5, color: ink.soft }),
    ],
  };
}

/** The lesson minute by minute with clock times, and the jobs around it. */
export function timetableSheets({ run }: PaperRun, { timetable, impossible, jobs }: RunTimetable): Sheets {
  const say = (minute: number) => clockWords(run.startsAt + minute * minuteMs);
  const order = timetable ? runningOrder(run.plan, run.place, run.unit, timetable) : [];
  return {
    name: `Timetable · ${run.plan.title} · ${run.className}`,
    content: [
      heading('Timetable'),
      under(`${run.plan.title} · ${lessonWords(run)}`),
      ...(jobs.length > 0
        ? [
            table(
              [
                { head: 'when', width: 110 },
                { head: 'who', width: 70 },
                { head: 'what', width: '*' },
              ],
              jobs.map((job): CellText[] => [
                `${dayWords(job.startsAt)} ${clockWords(job.startsAt)}`,
                job.who,
                job.words,
              ]),
              { title: 'Around the lesson' },
            ),
          ]
        : []),
      ...(impossible === null ? [] : told('The lesson', [line(impossible, { bold: true })])),
      ...(order.length === 0
        ? []
        : [
            table(
              [
                { head: 'at', width: 40 },
                { head: 'who', width: 60 },
                { head: 'what', width: '*' },
              ],
              order.map((one): CellText[] => [
                { text: say(one.atMin), bold: true },
                one.for,
                orderWords(one, say),
              ]),
              { title: 'The lesson' },
            ),
          ]),
    ],
  };
}

/**
 * A sheet for every station, or for each level with its stations to choose from: its own level, batch and method, and room
 * for what it finds.
 */
export function studentSheets(
  paperRun: PaperRun,
  paper: PaperName,
  each: 'station' | 'level' = 'station',
): Sheets {
  const { run } = paperRun;
  const setting = settingOfRun(run);
  const markOf = marksOf(paperRun, setting);
  const width = printedWidth(paper);
  const at = treatmentAt(run);
  const groups =
    each === 'station'
      ? run.stations.map((station) => [station])
      : [...new Set(run.stations.map(at))].map((id) => run.stations.filter((station) => at(station) === id));
  return {
    name: `Student sheets · ${run.plan.title} · ${run.className}`,
    content: groups.map((stations, i): Content => {
      const own = setting.own(stations[0]!);
      const sheet: SheetOf = { stations, own, mark: markOf(stations[0]!), varied: setting.varied, width };
      return {
        stack: [...front(paperRun, sheet), { stack: back(run.plan, width), pageBreak: 'before' }],
        ...(i > 0 && { pageBreak: 'before' }),
      };
    }),
  };
}

interface SheetOf {
  stations: readonly number[];
  own: OwnPlan;
  mark: string;
  varied: ReadonlySet<string>;
  width: number;
}

/** “Station 3”; of several the one that uses it is ticked. */
const stationWords = (stations: readonly number[]) =>
  `Station ${stations.length === 1 ? stations[0] : stations.map((one) => `☐ ${one}`).join('  ')}`;

function front({ run, ways }: PaperRun, { stations, own, mark, varied, width }: SheetOf): Content[] {
  const { plan } = run;
  const changed = listed(factorsWithLevels(plan).map(({ name }) => name || 'what changes'));
  const chosen = own.open.map((factor) => `we chose ____________ ${factorUnit(plan, factor)}`);
  const level = ways.blind
    ? `letter ${mark}`
    : [
        own.treatment?.label,
        ...levelsHere(plan, own, run.unit),
        own.treatment?.control ? 'the control' : '',
        ...chosen,
      ]
        .filter(Boolean)
        .join(', ');
  const amounts = own.ingredients
    .filter(({ id, by }) => !(ways.blind && isHidden(by, varied.has(id))))
    .map((one) => ({ text: `☐ ${takenWords(one)}`, bold: varied.has(one.id) }));
  const half = Math.ceil(amounts.length / 2);
  const column = (some: typeof amounts) => ({
    stack: some.map((one) => line(one.text, { bold: one.bold }, [0, 0, 0, 1])),
  });
  return [
    line(
      `${stationWords(stations)}   Seats ________________   ${lessonWords(run)}`,
      { size: 9.5, color: ink.soft },
      [0, 0, 0, 4],
    ),
    heading(plan.title),
    line(plan.question, { font: 'Heading', size: 11.5 }, [0, 0, 0, 4]),
    ...(own.treatment ? [line(`Our level of ${changed}: ${level}`, { bold: true, size: 10.5 })] : []),
    ...piecesWords(own, run.unit).map((said) => line(capitalised(said))),
    ...told('We expect, because', [blanks(2, width)]),
    ...(amounts.length > 0
      ? told('Our batch', [
          { columns: [column(amounts.slice(0, half)), column(amounts.slice(half))], columnGap: 16 },
        ])
      : []),
    ...told(
      'Method',
      lessonSteps(own).map((_, i, steps) => methodLine(steps, i, run.unit)),
    ),
    line(whoDecides, { size: 8, color: ink.soft }),
    ...plan.noted.map(({ what, unit: own }) =>
      line(`${capitalised(what)}: ________________ ${own}`, {}, [0, 4, 0, 0]),
    ),
    ...(plan.thermometers.length > 0
      ? [
          emptyGrid(
            'Temperature',
            ['minute', `°${run.unit}`, 'minute', `°${run.unit}`, 'minute', `°${run.unit}`],
            6,
          ),
        ]
      : []),
  ];
}

/** A step with its number, what it says besides its sentence, its cautions and its minutes. */
function methodLine(steps: readonly StationStep[], at: number, unit: 'C' | 'F'): Content {
  const step = steps[at]!;
  const until = untilWords(step, unit);
  const marks = stepMarks(step, idsOf(steps), unit, ['minutes', 'lookAt']);
  const look = earlyLook(step);
  const said = [sentenceOf(step, unit), until && `Until ${until}.`].filter(Boolean).join(' ');
  const times = [minutesWords(step), look === null ? '' : `look at ${formatNumber(look)}`];
  return {
    unbreakable: true,
    columns: [
      { ...words(String(at + 1), { bold: true }), width: 16 },
      {
        width: '*',
        stack: [
          line(said, {}, [0, 0, 0, 1]),
          ...(marks.length > 0
            ? [line(capitalised(marks.join(' · ')), { bold: true, size: 9 }, [0, 0, 0, 1])]
            : []),
          ...step.hazards.map((id) =>
            line(`Caution: ${hazards[id].caution}`, { size: 8.5, italics: true }, [0, 0, 0, 1]),
          ),
        ],
      },
      {
        ...words(times.filter(Boolean).join(', '), { color: ink.soft, size: 9 }),
        width: 74,
        alignment: 'right',
      },
    ],
    margin: [0, 0, 0, 3],
  };
}

function back(plan: Plan, width: number): Content[] {
  const typed = plan.responses.filter((one) => one.formula === '' && !isPhoto(one));
  const head = ({ name, unit: own, points }: Response) =>
    `${name}${own && points.length === 0 ? `, ${own}` : ''}`;
  return [
    emptyGrid(
      'What we saw',
      ['', 'before', 'during', 'after'],
      Math.max(1, plan.lookedAt.length),
      plan.lookedAt.map(({ what }) => what),
    ),
    ...(typed.length > 0
      ? [
          emptyGrid(
            'What we measured',
            ['', ...typed.map(head)],
            Math.max(3, ...typed.map(({ pieces }) => pieces)),
            ['1', '2', '3'],
          ),
        ]
      : []),
    ...told('What went differently', [blanks(3, width)]),
    ...plan.studentQuestions.flatMap((question, i) => [
      {
        stack: [line(`${String.fromCharCode(97 + i)}  ${question}`, {}, [0, 6, 0, 0]), blanks(3, width)],
        unbreakable: true,
      },
    ]),
  ];
}

function emptyGrid(
  title: string,
  heads: readonly string[],
  rows: number,
  firsts: readonly string[] = [],
): Content {
  const columns: Column[] = heads.map((head) => ({ head, width: '*' }));
  const body = Array.from({ length: rows }, (_, i): CellText[] =>
    heads.map((__, j) => (j === 0 && firsts[i] ? firsts[i] : ' ')),
  );
  return table(columns, body, { size: 10, grid: true, title });
}
