import { scaleLinear } from 'd3';
import { targetOf, temperatureStep } from '../../core/practical';
import type { BenchSetting } from '../../core/run';
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
export function vesselScale(setting: BenchSetting): VesselScale {
  const { plan, place, boilingC } = setting;
  const hot = temperatureStep(plan);
  const targets = hot
    ? [undefined, ...plan.factor.levels].flatMap(
        (level) => targetOf(plan, hot.endpoint, level, place)?.localC ?? [],
      )
    : [];
  const highest = Math.max(...targets, plan.thermometer.in === 'syrup' ? boilingC + 20 : 80);
  const lowest = Math.min(...targets, 20);
  if (plan.thermometer.in === 'syrup') {
    const fill = scaleLinear([20, boilingC - 2, highest + 8], [0.03, 0.17, 0.97]).clamp(true);
    const shade = scaleLinear([20, boilingC, highest], [0.18, 0.3, 0.92]).clamp(true);
    const fall = fallBelowSeaLevel(boilingC);
    const marks = sugarStages.map((stage) => stage.lowC - fall).filter((celsius) => celsius < highest + 8);
    return { fill, shade, marks: marks.map(fill) };
  }
  const fill = scaleLinear([Math.min(0, lowest - 10), highest + 10], [0.03, 0.97]).clamp(true);
  const tens = Array.from({ length: 12 }, (_, i) => i * 20).filter((celsius) => celsius < highest + 10);
  return { fill, shade: (celsius) => 0.2 + 0.7 * fill(celsius), marks: tens.map(fill) };
}
