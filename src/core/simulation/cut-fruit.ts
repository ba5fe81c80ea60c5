import { enzymicRate, type CutFruit, type Lab } from '../browning';

/** A slice of fruit in the air at one moment. */
export interface FruitState {
  minutes: number;
  /** Share of the final browning, 0 to 1. */
  browned: number;
  /** Ascorbic acid left of the dip, % by mass. */
  ascorbicPercent: number;
}

/** Ascorbic acid spent a minute while it turns quinones back, % of the dip (teaching value: 1 % lasts 45 min). */
const spentPerMinute = 1 / 45;

export function freshSlice(fruit: CutFruit): FruitState {
  return { minutes: 0, browned: 0, ascorbicPercent: fruit.ascorbicPercent };
}

/** Moves a slice on: first the ascorbic acid goes, then the slice browns. */
export function brownFruit(state: FruitState, fruit: CutFruit, stepMinutes: number): FruitState {
  const guarded = Math.min(stepMinutes, state.ascorbicPercent / spentPerMinute);
  const open = stepMinutes - guarded;
  return {
    minutes: state.minutes + stepMinutes,
    ascorbicPercent: Math.max(0, state.ascorbicPercent - guarded * spentPerMinute),
    browned: 1 - (1 - state.browned) * Math.exp(-enzymicRate(fruit) * open),
  };
}

/** Colours of pear flesh, fresh and fully browned (teaching values). */
const fresh: Lab = { L: 78, a: -2, b: 18 };
const brown: Lab = { L: 52, a: 10, b: 32 };

export function fruitColour({ browned }: FruitState): Lab {
  const mix = (from: number, to: number) => from + (to - from) * browned;
  return { L: mix(fresh.L, brown.L), a: mix(fresh.a, brown.a), b: mix(fresh.b, brown.b) };
}
