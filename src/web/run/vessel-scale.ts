import { alongPoints } from '../../core/numeric';
import type { Medium } from '../../core/practical';
import { watchesOf, type BenchSetting } from '../../core/run';
import { fallBelowSeaLevel, sugarStages } from '../../core/sugar';

/** How a vessel shows temperatures: how full, how dark, and where its marks are. */
export interface VesselScale {
  /** Share of the vessel that is full at a temperature, 0 to 1. */
  fill(celsius: number): number;
  /** Share of the heat ramp, 0 to 1. */
  shade(celsius: number): number;
  /** Small marks on the glass, as shares. */
  marks: number[];
}

/** The scale of a practical’s vessels: for syrup most of the glass lies above the boil, where a degree matters. */
export function vesselScale(setting: BenchSetting, medium: Medium | null = mainMedium(setting)): VesselScale {
  const { plan, boilingC } = setting;
  const targets = setting.stations.flatMap((station) =>
    watchesOf(plan, setting.own(station))
      .filter((watch) => watch.medium === medium)
      .map((watch) => watch.step.target!.localC),
  );
  const syrup = medium === 'syrup';
  const highest = Math.max(...targets, syrup ? boilingC + 20 : 80);
  const lowest = Math.min(...targets, 20);
  if (syrup) {
    const fill = alongPoints([
      [20, 0.03],
      [boilingC - 2, 0.17],
      [highest + 8, 0.97],
    ]);
    const shade = alongPoints([
      [20, 0.18],
      [boilingC, 0.3],
      [highest, 0.92],
    ]);
    const fall = fallBelowSeaLevel(boilingC);
    const marks = sugarStages.map((stage) => stage.lowC - fall).filter((celsius) => celsius < highest + 8);
    return { fill, shade, marks: marks.map(fill) };
  }
  const fill = alongPoints([
    [Math.min(0, lowest - 10), 0.03],
    [highest + 10, 0.97],
  ]);
  const tens = Array.from({ length: 12 }, (_, i) => i * 20).filter((celsius) => celsius < highest + 10);
  return { fill, shade: (celsius) => 0.2 + 0.7 * fill(celsius), marks: tens.map(fill) };
}

/** Where the thermometer that is read longest stands. */
const mainMedium = ({ plan }: BenchSetting): Medium | null =>
  plan.thermometers.find((one) => one.in === 'syrup')?.in ?? plan.thermometers[0]?.in ?? null;

/** One scale for each medium of a practical: a pan of chocolate is not drawn on the scale of a syrup. */
export function vesselScales(setting: BenchSetting): (medium: Medium | null) => VesselScale {
  const scales = new Map(setting.plan.thermometers.map((one) => [one.in, vesselScale(setting, one.in)]));
  const main = vesselScale(setting);
  return (medium) => (medium === null ? main : (scales.get(medium) ?? main));
}
