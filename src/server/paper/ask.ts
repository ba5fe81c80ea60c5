import type { RunTimetable } from '../../contract/days';
import { stationAddress } from '../../contract/routes';
import type { Run } from '../../contract/runs';
import { minuteMs } from '../../core/days';
import {
  dishLabel,
  keepingLabel,
  keptLabel,
  labelKinds,
  labelSheets,
  labelsOn,
  stationLabel,
  type LabelKind,
  type LabelText,
  type MadeOf,
} from '../../core/labels';
import { onPacksOf } from '../../core/order';
import { papers, type PaperName } from '../../core/paper';
import { gramsWords, type StationPlan } from '../../core/practical';
import { capitalised } from '../../core/format';
import { weighingLists, whoseDish } from '../../core/prep';
import { refusedField } from '../problems/problem';
import type { LabelsAsked } from './label-sheets';
import { runParts, type PartAsked, type RunPart } from './papers';
import { blindName, settingOfRun, treatmentAt } from '../../core/run';
import { marksOf, type PaperRun } from './run-of-paper';

type Query = Record<string, unknown>;

export function paperIn({ paper = 'A4' }: Query): PaperName {
  if (typeof paper === 'string' && paper in papers) return paper as PaperName;
  throw refusedField('/paper', paper, Object.keys(papers).join(' or '));
}

/** The parts of a run that can be asked for by name. */
const partNames = [...runParts, 'timetable'] as const;

export async function partIn(
  name: string,
  of: PaperRun,
  timetableOf: () => Promise<RunTimetable>,
): Promise<PartAsked> {
  if (name === 'timetable') return { is: 'timetable', of, timetable: await timetableOf() };
  if ((runParts as readonly string[]).includes(name)) return { is: name as RunPart, of };
  throw refusedField('/paper', name, `one of ${partNames.join(', ')}`);
}

export function labelKindIn({ kind = 'stations' }: Query): LabelKind {
  if ((labelKinds as readonly unknown[]).includes(kind)) return kind as LabelKind;
  throw refusedField('/kind', kind, `one of ${labelKinds.join(', ')}`);
}

/** Which sheet of labels, and which of its labels are used up. */
export function labelsIn({ sheet: id = 'a4-21', startAt = '1', borders }: Query): LabelsAsked {
  const sheet = labelSheets.find((one) => one.id === id);
  if (!sheet) throw refusedField('/sheet', id, `one of ${labelSheets.map((one) => one.id).join(', ')}`);
  const at = Number(startAt);
  const most = labelsOn(sheet);
  if (!Number.isInteger(at) || at < 1 || at > most)
    throw refusedField('/startAt', startAt, `a whole number from 1 to ${most}`);
  return { sheet, startAt: at, borders: borders === 'yes' };
}

/** What stands on the labels of a run. */
export function labelTexts(of: PaperRun, kind: LabelKind, origin: string): LabelText[] {
  const { run, ways, products } = of;
  const setting = settingOfRun(run);
  const markOf = marksOf(of, setting);
  const common = { className: run.className, title: run.plan.title };
  const onPacks = onPacksOf(products);
  switch (kind) {
    case 'stations':
      return run.stations.map((station) =>
        stationLabel({
          ...{ ...common, station, mark: markOf(station), startsAt: run.startsAt },
          address: origin + stationAddress(run.id, station),
        }),
      );
    case 'dishes':
      return weighingLists(run.plan, {
        ...{ setting, treatmentAt: treatmentAt(run), seed: run.seed, ways },
      })
        .filter(({ by }) => by !== 'students')
        .flatMap(({ dishes, varied }) =>
          dishes.map((dish) =>
            dishLabel({
              ...{ ...common, whose: capitalised(whoseDish(dish)) },
              name: ways.blind && varied ? blindName(run.plan, dish.ingredientId) : dish.name,
              mark: varied ? dish.mark : '',
              amount: ways.blind && varied ? '' : gramsWords(dish.wanted.wantedG),
            }),
          ),
        );
    case 'storage':
      return run.stations.map((station) =>
        keptText(
          run,
          { ...common, station, mark: markOf(station), seat: '' },
          {
            batches: [inBatch(setting.own(station))],
            onPacks,
          },
        ),
      );
    case 'parcels':
      return Array.from({ length: run.students }, (_, i) =>
        keptText(
          run,
          { ...common, station: 0, mark: '', seat: `seat ${i + 1}` },
          {
            // Nobody knows which station’s it is: what is in any of them.
            batches: run.stations.map((station) => inBatch(setting.own(station))),
            onPacks,
          },
        ),
      );
  }
}

/** What really is in a station’s batch: its level’s own swaps, and nothing it leaves out. */
const inBatch = ({ ingredients }: StationPlan) => ingredients.filter(({ dropped }) => !dropped);

/** Made when the lesson is over, at the latest. */
const keptText = (run: Run, of: Parameters<typeof keptLabel>[0], made: MadeOf) =>
  keptLabel(of, keepingLabel(run.plan, run.place, made, run.startsAt + run.plan.periodMinutes * minuteMs));
