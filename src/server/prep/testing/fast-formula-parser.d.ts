declare module 'fast-formula-parser' {
  /** Works out a formula of a spreadsheet. */
  class FormulaParser {
    constructor(options: {
      onCell(of: { sheet: string; row: number; col: number }): unknown;
      onRange(of: {
        sheet: string;
        from: { row: number; col: number };
        to: { row: number; col: number };
      }): unknown[][];
      functions?: Record<string, (...args: never[]) => unknown>;
    });
    parse(formula: string, at: { sheet: string; row: number; col: number }): unknown;
  }
  export = FormulaParser;
}
