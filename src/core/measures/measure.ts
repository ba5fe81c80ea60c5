import type { PhenomenonId } from '../phenomena';
import type { Response } from '../practical';
import type { Source } from '../working';

export const sketchIds = [
  'ruler-up',
  'ruler-across',
  'seeds',
  'turned-out',
  'ring-lifted',
  'rings',
  'funnel',
  'pull',
  'needle',
  'drop',
  'bubbles',
  'card',
  'camera',
  'strip',
  'refractometer',
  'probe',
  'balance',
  'two-cups',
  'tilt',
  'cylinder',
  'tally',
  'faces',
  'three-cups',
] as const;
export type SketchId = (typeof sketchIds)[number];

/** What one line of the plan takes over from a measure. */
export type MeasureLine = Pick<Response, 'name' | 'unit'> &
  Partial<Omit<Response, 'id' | 'name' | 'unit' | 'how' | 'repeatSd'>>;

/** A response of this trade: what to write into the plan, how it is taken, and how well it repeats. */
export interface Measure {
  id: string;
  name: string;
  /** How it is taken, so that two stations take it alike. */
  how: string;
  sketch: SketchId;
  /** What is read off, in the order it is read; what is computed from them comes last. */
  lines: readonly MeasureLine[];
  /**
   * What stations that do the same usually differ by, as a standard deviation in the unit of the last line; null where it
   * has none. `at` says for what size of value.
   */
  repeat: { sd: number; at: string } | null;
  /** What else follows from it. */
  gives: string;
  phenomena: readonly PhenomenonId[];
}

export const measuresSource: Source = {
  kind: 'from-memory',
  text: 'How the trade takes these measures, usual divisions and what stations usually differ by (from memory of school practice; your own class’s repeats know better)',
};
