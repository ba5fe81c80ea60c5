import type { Content } from 'pdfmake/interfaces';
import { counted, formatNumber, listed } from '../../core/format';
import { isShort, pullList, trayOf, type TrayItem } from '../../core/prep';
import { printedWidth, type Sheets } from './make-pdf';
import type { PaperName } from '../../core/paper';
import { box, heading, ink, line, table, told, under, type CellText } from './parts';
import { settingOfRun } from '../../core/run';
import { lessonWords, marksOf, type PaperRun } from './run-of-paper';
import { words } from './words';

/** A card for every tray: what lies on it in the order of use, tools beside. Two to a page where they are short. */
export function traySheets(paperRun: PaperRun, paper: PaperName): Sheets {
  const { run } = paperRun;
  const setting = settingOfRun(run);
  const markOf = marksOf(paperRun, setting);
  return {
    name: `Tray cards · ${run.plan.title} · ${run.className}`,
    content: run.stations.map((station, i) => ({
      stack: trayCard(paperRun, { station, setting, mark: markOf(station), width: printedWidth(paper) }),
      unbreakable: true,
      margin: [0, i === 0 ? 0 : 6, 0, 14],
    })),
  };
}

interface CardOf {
  station: number;
  setting: ReturnType<typeof settingOfRun>;
  mark: string;
  width: number;
}

function trayCard({ run, ways }: PaperRun, { station, setting, mark, width }: CardOf): Content[] {
  const tray = trayOf(run.plan, setting, station, ways.blind);
  const across = tray.items.length > 4 ? 5 : 4;
  const middle = (width - 165) / across / 2 - 6;
  const cells = tray.items.map((item) => itemCell(item, middle));
  const rows = Array.from({ length: Math.ceil(cells.length / across) }, (_, i) =>
    Array.from({ length: across }, (__, j) => cells[i * across + j] ?? { text: '' }),
  );
  return [
    {
      columns: [
        { ...words(`Station ${station}`, { font: 'Heading', size: 20 }), width: 'auto' },
        { ...words(mark, { bold: true, size: 13, color: ink.tawny }), width: '*', margin: [10, 6, 0, 0] },
        {
          ...words(lessonWords(run), { size: 9, color: ink.soft }),
          width: 'auto',
          alignment: 'right',
          margin: [0, 8, 0, 0],
        },
      ],
    },
    { ...words(run.plan.title, { size: 10, color: ink.soft }), margin: [0, 0, 0, 4] },
    {
      columns: [
        {
          width: width - 165,
          table: {
            widths: Array.from({ length: across }, () => '*'),
            body: rows.length > 0 ? rows : [Array.from({ length: across }, () => ({ text: '' }))],
          },
          layout: {
            hLineWidth: (i: number, node: { table: { body: unknown[] } }) =>
              i === 0 || i === node.table.body.length ? 1 : 0,
            vLineWidth: (i: number) => (i === 0 || i === across ? 1 : 0),
            hLineColor: () => ink.rule,
            vLineColor: () => ink.rule,
            paddingTop: () => 5,
            paddingBottom: () => 5,
          },
        },
        {
          width: 150,
          margin: [15, 0, 0, 0],
          stack: [
            line('beside it', { bold: true, size: 9, color: ink.soft }),
            ...tray.tools.map(({ name, sharedBy }) => ({
              columns: [
                { ...(box(8) as object), width: 13 },
                words(sharedBy > 1 ? `${name}, shared` : name, { size: 9.5 }),
              ],
              margin: [0, 0, 0, 2.5],
            })),
          ],
        },
      ],
    },
    ...(tray.without.length > 0
      ? [line(`Not at this station: ${listed(tray.without)}.`, { italics: true, size: 9 }, [0, 4, 0, 0])]
      : []),
  ] as Content[];
}

function itemCell(item: TrayItem, middle: number): Content {
  return {
    stack: [
      {
        columns: [
          { ...words(String(item.number), { size: 8, color: ink.soft }), width: 8 },
          { ...vessel(item, middle), width: '*' } as unknown as Content,
        ],
      },
      { ...words(item.name, { bold: true, size: 9.5 }), alignment: 'center' },
      {
        ...words(item.amount, {
          size: 9.5,
          color: item.varied ? ink.tawny : '#2b1e15',
          bold: item.varied,
        }),
        alignment: 'center',
      },
      {
        ...words(
          [item.state, { staff: 'weighed', students: 'they weigh', shared: 'from the class’s' }[item.by]]
            .filter(Boolean)
            .join(', '),
          { size: 7.5, color: ink.soft },
        ),
        alignment: 'center',
      },
    ],
  };
}

/** The outline of what it stands in. */
function vessel({ vessel: kind, size, by }: TrayItem, x: number): object {
  const s = 26 * size;
  const dash = by === 'students' ? { dash: { length: 2 } } : {};
  const common = { lineColor: '#2b1e15', lineWidth: 1, ...dash };
  const shapes = {
    bowl: [
      { type: 'ellipse', x, y: 28, r1: s, r2: s, ...common },
      { type: 'ellipse', x, y: 28, r1: 0.72 * s, r2: 0.72 * s, color: ink.wash },
    ],
    dish: [{ type: 'ellipse', x, y: 28, r1: 0.7 * s, r2: 0.7 * s, ...common }],
    glass: [
      {
        type: 'polyline',
        closePath: false,
        points: [
          { x: x - 0.6 * s, y: 28 - s },
          { x: x - 0.5 * s, y: 28 + s },
          { x: x + 0.5 * s, y: 28 + s },
          { x: x + 0.6 * s, y: 28 - s },
        ],
        ...common,
      },
      { type: 'rect', x: x - 0.5 * s, y: 30, w: s, h: s - 3, color: ink.wash },
    ],
    block: [{ type: 'rect', x: x - s, y: 28 - 0.6 * s, w: 2 * s, h: 1.2 * s, color: ink.wash, ...common }],
    pieces: [-0.5, 0.5].map((at) => ({
      type: 'ellipse',
      x: x + at * s,
      y: 28,
      r1: 0.45 * s,
      r2: 0.55 * s,
      ...common,
    })),
  };
  return { canvas: [...shapes[kind], { type: 'rect', x: 0, y: 0, w: 0.1, h: 58, color: '#ffffff' }] };
}

/** What is fetched from the cupboards, against what the room has. */
export function pullSheets({ run }: PaperRun): Sheets {
  const list = pullList(run.plan, settingOfRun(run));
  const short = list.filter(isShort);
  const ready = run.plan.steps.flatMap(({ ready: things, text }) =>
    things.map((thing) => [thing, text] as const),
  );
  return {
    name: `Pull list · ${run.plan.title} · ${run.className}`,
    content: [
      heading('From the cupboards'),
      under(`${run.plan.title} · ${lessonWords(run)} · ${counted(run.stations.length, 'station')}`),
      ...(short.length > 0
        ? [
            line(
              `Too few: ${listed(short.map(({ name, wanted, has }) => `${name} (${wanted} wanted, ${has} in the room)`))}.`,
              { bold: true },
            ),
          ]
        : []),
      table(
        [
          { head: '', width: 12 },
          { head: 'what', width: '*' },
          { head: 'wanted', width: 60, right: true },
          { head: 'in the room', width: 80, right: true },
          { head: '', width: 170 },
        ],
        list.map((one): CellText[] => [
          { cell: box() },
          one.name,
          { text: formatNumber(one.wanted), bold: true },
          one.has === null ? 'not counted' : formatNumber(one.has),
          isShort(one)
            ? `${one.wanted - one.has!} too few`
            : one.sharedBy > 1
              ? `one for ${one.sharedBy} stations`
              : '',
        ]),
      ),
      ...told(
        'There before the rush',
        ready.map(([thing, text]) => `☐ ${thing}, before “${text}”`),
      ),
    ],
  };
}
