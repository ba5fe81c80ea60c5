import { formatNumber } from '../format';
import type { Response } from './plan';

type Scale = Pick<Response, 'points'>;

/** The named point of a scale that a value stands for, the first being 1; null between points and where none has a name. */
export function pointAt({ points }: Scale, value: number): string | null {
  return Number.isInteger(value) ? points[value - 1] || null : null;
}

/** The value of a point by its name, in small or large letters; null where the scale has no such point. */
export function valueOfPoint({ points }: Scale, said: string): number | null {
  const at = points.findIndex((point) => point.toLowerCase() === said.trim().toLowerCase());
  return at < 0 ? null : at + 1;
}

/** “1 runs, 2 slumps, 3 stands”: a scale in words; empty where its points have no names. */
export const pointsInWords = ({ points }: Scale) => points.map((point, i) => `${i + 1} ${point}`).join(', ');

/** A value of a response as it is shown: its named point, else the number with so many digits after the point. */
export const shownValue = (scale: Scale, value: number, digits?: number): string =>
  pointAt(scale, value) ?? formatNumber(value, scale.points.length > 0 ? 2 : digits);

/** Points as they are typed, “runs, slumps, stands” or on lines of their own: each once, in their order. */
export function readPoints(typed: string): string[] {
  const said = typed.split(/[,;·•\n]|\s\/\s/).map((point) => point.trim());
  // Numbers that only count the points are no part of their names.
  const numbered = said.every((point, i) => new RegExp(`^${i + 1}[.)]?\\s`).test(point));
  const points = numbered ? said.map((point) => point.replace(/^\d+[.)]?\s+/, '')) : said;
  const seen = new Set<string>();
  return points.filter((point) => {
    const key = point.toLowerCase();
    if (point === '' || seen.has(key)) return false;
    seen.add(key);
    return true;
  });
}

/** Whether it is a picture that is taken, which has no value. */
export const isPhoto = ({ kind }: Pick<Response, 'kind'>) => kind === 'photo';
