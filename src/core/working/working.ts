/** One line of the working behind a number: an equation in words or symbols, perhaps with its value. */
export interface WorkingLine {
  text: string;
  value?: number;
  unit?: string;
}

export type SourceKind = 'standard' | 'handbook' | 'paper' | 'common-practice' | 'from-memory';

/** Where an equation or a constant comes from. */
export interface Source {
  kind: SourceKind;
  text: string;
}

/** A number or a judgement with everything needed to follow it. */
export interface Working {
  lines: WorkingLine[];
  sources: Source[];
}
