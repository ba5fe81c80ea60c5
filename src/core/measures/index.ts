import type { PhenomenonId } from '../phenomena';
import { newResponse, type Response } from '../practical';
import type { Measure } from './measure';
import { measuresOfFlow } from './of-flow-and-composition';
import { measuresOfSenses } from './of-senses';
import { measuresOfShape } from './of-shape';

export { measuresSource, sketchIds, type Measure, type MeasureLine, type SketchId } from './measure';

/** The responses of this trade. */
export const measures: readonly Measure[] = [...measuresOfShape, ...measuresOfFlow, ...measuresOfSenses];

/** Measures with those that answer to a phenomenon first, the most particular before the others; then all else. */
export function measuresFor(phenomena: readonly PhenomenonId[]): { measure: Measure; fits: boolean }[] {
  const place = (measure: Measure) => measure.phenomena.findIndex((one) => phenomena.includes(one));
  const told = measures.map((measure) => ({ measure, fits: place(measure) >= 0 }));
  return [
    ...told.filter(({ fits }) => fits).sort((a, b) => place(a.measure) - place(b.measure)),
    ...told.filter(({ fits }) => !fits),
  ];
}

/**
 * The lines of the plan a measure fills. A name that the plan has already gets a number, and the formula follows it.
 *
 * @param newId makes an id
 */
export function responsesOf(
  measure: Pick<Measure, 'lines' | 'how' | 'repeat'>,
  existing: readonly Pick<Response, 'name'>[],
  newId: () => string,
): Response[] {
  const taken = new Set(existing.map(({ name }) => name.trim().toLowerCase()));
  const own = new Map<string, string>();
  for (const { name } of measure.lines) {
    let free = name;
    for (let n = 2; taken.has(free.toLowerCase()); n += 1) free = `${name} ${n}`;
    taken.add(free.toLowerCase());
    own.set(name, free);
  }
  // Longest names first: “mass before” is not “mass”.
  const names = [...own.keys()].sort((a, b) => b.length - a.length);
  const named = new RegExp(names.map((name) => name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')).join('|'), 'g');
  const renamed = (formula: string) => formula.replace(named, (name) => own.get(name)!);
  const last = measure.lines.length - 1;
  return measure.lines.map((line, i) =>
    newResponse({
      ...line,
      id: newId(),
      name: own.get(line.name)!,
      points: [...(line.points ?? [])],
      formula: line.formula ? renamed(line.formula) : '',
      how: i === 0 ? measure.how : '',
      repeatSd: i === last ? (measure.repeat?.sd ?? null) : null,
    }),
  );
}
