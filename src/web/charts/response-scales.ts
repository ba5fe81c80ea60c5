import { extent, scaleLinear, scalePoint } from 'd3';
import type { ResponseSeries } from '../../core/run';
import type { ChartFrame } from './Axes';

const responseFrame: ChartFrame = {
  width: 470,
  height: 300,
  margin: { top: 14, right: 22, bottom: 46, left: 58 },
};
/** With two factors the lines are named to their right, px. */
const namesRoom = 78;

/** With words at its left a chart needs room for them, px. */
const wordsRoom = 112;

/** Where a response chart draws what. */
export interface ResponseScales {
  frame: ChartFrame;
  /** Across for a value of the first factor. */
  place(x: number): number;
  /** The same for one treatment: those that share a place stand side by side. */
  xOf(x: number, treatmentId: string): number;
  y(value: number): number;
  ticks: number[];
  /** Least and most of the first factor. */
  ends: [number, number];
}

export function responseScales(series: ResponseSeries): ResponseScales {
  const { points, groups, numeric, factors, response } = series;
  const named = response.points.length > 0;
  const frame = {
    ...responseFrame,
    margin: { ...responseFrame.margin, left: named ? wordsRoom : responseFrame.margin.left },
  };
  const { width, height, margin } = frame;
  const values = [...points.map((point) => point.y), ...groups.flatMap((group) => group.ci95 ?? [])];
  const [low, high] = extent(values) as [number, number];
  const pad = (high - low || Math.abs(high) || 1) * 0.08;
  const span = named
    ? [0.5, response.points.length + 0.5]
    : [low >= 0 && low < high * 0.6 ? 0 : low - pad, high + pad];
  const plain = scaleLinear(span, [height - margin.bottom, margin.top]);
  const y = named ? plain : plain.nice();
  const ticks = named ? response.points.map((_, i) => i + 1) : y.ticks(5);
  const ends = extent([...points.map((point) => point.x), ...groups.map((group) => group.x)]) as [
    number,
    number,
  ];
  const reach = (ends[1] - ends[0] || 1) * 0.12;
  const seconds = new Set(groups.map((group) => group.treatment.levels[1]?.id)).size;
  // So much do the outer ones stand beside their place.
  const aside = factors.length > 1 ? (apart * (seconds - 1)) / 2 : 0;
  const left = margin.left + (factors.length > 1 ? aside + 2 * besideMean : 0);
  const right = width - (factors.length > 1 ? namesRoom + aside : margin.right);
  const along = scaleLinear([ends[0] - reach, ends[1] + reach], [left, right]);
  const steps = scalePoint([...new Set(groups.map((group) => String(group.x)))], [left, right]).padding(0.6);
  const beside = sideBySide(series);
  const place = (x: number) => (numeric ? along(x) : (steps(String(x)) ?? 0));
  return { frame, place, xOf: (x, treatmentId) => place(x) + beside(treatmentId), y, ticks, ends };
}

/** Between treatments at one place of the axis, px: room for a mean and the dots at its left. */
const apart = 38;
/** How far dots stand from the mean of their treatment, px. */
export const besideMean = 14;

/** Treatments that share a place on the axis stand side by side, so that none hides another. */
function sideBySide({ groups, factors }: ResponseSeries): (treatmentId: string) => number {
  if (factors.length < 2) return () => 0;
  const order = [...new Set(groups.map((group) => group.treatment.levels[1]!.id))];
  const level = new Map(
    groups.map((group) => [group.treatment.id, order.indexOf(group.treatment.levels[1]!.id)]),
  );
  return (id) => ((level.get(id) ?? 0) - (order.length - 1) / 2) * apart;
}

/** Moves dots that would cover another of their own treatment a little to the left, so that every repeat is seen. */
export function jitter(dots: readonly { x: number; y: number; treatmentId: string }[]): number[] {
  const placed: { x: number; y: number; treatmentId: string }[] = [];
  return dots.map((at) => {
    let shift = 0;
    const covers = (other: (typeof placed)[number]) =>
      other.treatmentId === at.treatmentId && Math.hypot(other.x - at.x - shift, other.y - at.y) < 11;
    while (placed.some(covers) && shift > -60) shift -= 12;
    placed.push({ ...at, x: at.x + shift });
    return shift;
  });
}
