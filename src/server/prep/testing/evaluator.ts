import type ExcelJS from 'exceljs';
import FormulaParser from 'fast-formula-parser';

/** Works out cells of a workbook by their formulas, as a spreadsheet does; each once. */
export function evaluator(book: ExcelJS.Workbook) {
  const known = new Map<string, number>();
  type At = { sheet: string; row: number; col: number };
  type Range = { sheet: string; from: { row: number; col: number }; to: { row: number; col: number } };
  // A parser is at one formula at a time: a cell that hangs on others has its own.
  const parserOf = () =>
    new FormulaParser({
      onCell: ({ sheet, row, col }: At) => cell(sheet, col, row) ?? '',
      onRange: ({ sheet, from, to }: Range) =>
        Array.from({ length: to.row - from.row + 1 }, (_, i) =>
          Array.from(
            { length: to.col - from.col + 1 },
            (__, j) => cell(sheet, from.col + j, from.row + i) ?? '',
          ),
        ),
      functions: {
        // The library has no SUMIFS of its own.
        SUMIFS: (sums: { value: number[][] }, keys: { value: unknown[][] }, key: { value: unknown }) =>
          keys.value.reduce(
            (sum: number, [one], i) => (one === key.value ? sum + Number(sums.value[i]![0] || 0) : sum),
            0,
          ),
      },
    });
  const cell = (sheet: string, column: number, row: number): number => {
    const { formula, value } = book.getWorksheet(sheet)!.getCell(row, column);
    if (!formula) return value as number;
    const key = `${sheet} ${column} ${row}`;
    if (!known.has(key)) known.set(key, parserOf().parse(formula, { sheet, row, col: column }) as number);
    return known.get(key)!;
  };
  return cell;
}
