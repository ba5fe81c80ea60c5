import type { Content } from 'pdfmake/interfaces';
import { capitalised, counted, listed } from '../../core/format';
import { gramsWords } from '../../core/practical';
import {
  isMixed,
  runningOn,
  weighingLists,
  whoseDish,
  withOneBowl,
  type Dish,
  type WeighingList,
} from '../../core/prep';
import { settingOfRun, treatmentAt } from '../../core/run';
import { fineG } from '../../core/weighing';
import type { Sheets } from './make-pdf';
import { box, heading, line, table, under, type CellText, type Column } from './parts';
import { lessonWords, type PaperRun } from './run-of-paper';

/** What staff weigh out, dish by dish, with the numbers to stop at. */
export function weighOutSheets(paperRun: PaperRun): Sheets {
  const { run, ways } = paperRun;
  const setting = settingOfRun(run);
  const lists = withOneBowl(
    weighingLists(run.plan, { setting, treatmentAt: treatmentAt(run), seed: run.seed, ways }),
  ).filter(({ by, dishes, untold }) => by !== 'students' && (dishes.length > 0 || untold.length > 0));
  return {
    name: `Weigh-out · ${run.plan.title} · ${run.className}`,
    content: [
      heading('Weigh-out'),
      under(`${run.plan.title} · ${lessonWords(run)}`),
      ...(lists.length === 0 ? [line('Nothing: every ingredient is weighed by the students.')] : []),
      ...lists.flatMap((list) => (list.by === 'shared' ? bowlTable(list) : dishTable(list, ways.blind))),
    ],
  };
}

const weighColumns: Column[] = [
  { head: 'weigh', width: 60, right: true },
  { head: 'fine within', width: 58, right: true },
  { head: 'or, never set to zero, stop at', width: 76, right: true },
  { head: 'really', width: 52 },
];

const weighCells = (dish: Dish, stopG: number): CellText[] => [
  { text: gramsWords(dish.wanted.wantedG), bold: true },
  `± ${gramsWords(fineG(dish.wanted))}`,
  gramsWords(stopG),
  '',
];

const untoldLine = ({ untold }: WeighingList): Content[] =>
  untold.length === 0
    ? []
    : [
        line(`Not told for ${counted(untold.length, 'station')} ${listed(untold.map(String))}.`, {
          italics: true,
        }),
      ];

/** One ingredient, dish by dish. */
function dishTable(list: WeighingList, blind: boolean): Content[] {
  const stops = runningOn(0, list.dishes);
  return [
    table(
      [
        { head: '', width: 12 },
        { head: 'for', width: 76 },
        {
          head: [isMixed(list) ? 'what' : '', blind ? 'letter' : isMixed(list) ? '' : 'level']
            .filter(Boolean)
            .join(', '),
          width: '*',
        },
        ...weighColumns,
      ],
      list.dishes.map((dish, i) => [
        { cell: box() },
        { text: whoseDish(dish), bold: true },
        isMixed(list)
          ? [capitalised(dish.name), blind ? dish.mark : ''].filter(Boolean).join(', ')
          : dish.mark,
        ...weighCells(dish, stops[i]!),
      ]),
      {
        title: `${list.name}, ${gramsWords(list.totalG)} in ${counted(list.dishes.length, 'dish', 'dishes')}`,
      },
    ),
    ...untoldLine(list),
  ];
}

/** All that goes into the bowl for the class, ingredient after ingredient. */
function bowlTable(list: WeighingList): Content[] {
  const stops = runningOn(0, list.dishes);
  return [
    table(
      [{ head: '', width: 12 }, { head: 'what', width: 100 }, { head: 'for', width: '*' }, ...weighColumns],
      list.dishes.map((dish, i) => [
        { cell: box() },
        { text: dish.name, bold: true },
        bowlWords(dish),
        ...weighCells(dish, stops[i]!),
      ]),
      { title: `${list.name}, ${gramsWords(list.totalG)}` },
    ),
    ...untoldLine(list),
  ];
}

/** Who is given of a bowl for the class, and how much of it each. */
const bowlWords = (dish: Dish): string =>
  [whoseDish(dish), dish.mark, `${gramsWords(dish.eachG)} each`].filter(Boolean).join(', ');
