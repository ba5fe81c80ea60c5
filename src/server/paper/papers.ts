import type { RunTimetable } from '../../contract/days';
import type { OrderAnswer } from '../../contract/prep';
import type { LabelText } from '../../core/labels';
import type { PaperName } from '../../core/paper';
import { labelSheetsOf, type LabelsAsked } from './label-sheets';
import { riskSheets, studentSheets, timetableSheets } from './lesson-sheets';
import { makePdf, type Sheets } from './make-pdf';
import { orderSheets } from './order-sheets';
import { pullSheets, traySheets } from './prep-sheets';
import type { PaperRun } from './run-of-paper';
import { weighOutSheets } from './weigh-sheets';

/** One part of a file. */
export type PartAsked =
  | { is: 'order'; order: OrderAnswer }
  | { is: 'labels'; texts: LabelText[]; labels: LabelsAsked }
  | { is: 'timetable'; of: PaperRun; timetable: RunTimetable }
  | { is: RunPart; of: PaperRun };

export const runParts = ['weigh-out', 'trays', 'pull-list', 'risk', 'sheets', 'level-sheets'] as const;
export type RunPart = (typeof runParts)[number];

/** A file to be made, as it can be sent to a thread. */
export interface PaperAsked {
  title: string;
  paper: PaperName;
  parts: PartAsked[];
}

/** How far it has come, and in the end the file. */
export type PaperTold = { done: number; of: number } | { pdf: Uint8Array };

/** Lays out the parts one by one, then makes one file of them. */
export async function* papersOf({ title, paper, parts }: PaperAsked): AsyncGenerator<PaperTold> {
  const of = parts.length + 1;
  const sheets: Sheets[] = [];
  for (const part of parts) {
    yield { done: sheets.length, of };
    sheets.push(sheetsOf(part, paper));
  }
  yield { done: parts.length, of };
  yield { pdf: await makePdf(title, paper, sheets) };
}

function sheetsOf(part: PartAsked, paper: PaperName): Sheets {
  switch (part.is) {
    case 'order':
      return orderSheets(part.order);
    case 'labels':
      return labelSheetsOf(part.texts, part.labels);
    case 'timetable':
      return timetableSheets(part.of, part.timetable);
    case 'weigh-out':
      return weighOutSheets(part.of);
    case 'trays':
      return traySheets(part.of, paper);
    case 'pull-list':
      return pullSheets(part.of);
    case 'risk':
      return riskSheets(part.of);
    case 'sheets':
      return studentSheets(part.of, paper);
    case 'level-sheets':
      return studentSheets(part.of, paper, 'level');
  }
}
