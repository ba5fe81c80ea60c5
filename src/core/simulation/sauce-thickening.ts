import { gelatinised, relativeThickness, type Starch } from '../gels';
import { heatLiquid, type LiquidPan, type LiquidState } from './liquid-on-hob';

/** A starch sauce in a pan at one moment. */
export interface SauceState {
  liquid: LiquidState;
  /** Share of the starch that has gelatinised; it never goes back. */
  gelatinised: number;
}

export interface SaucePan extends LiquidPan {
  starch: Starch;
  starchG: number;
  /** Sugar of the water phase, %. */
  sugarPercent: number;
  pH: number;
}

/** Granules follow their temperature within about this time, s (teaching value). */
const swellingS = 30;

/** Moves a sauce on: it warms, and its starch swells towards what the temperature allows. */
export function thickenSauce(state: SauceState, pan: SaucePan, stepS: number): SauceState {
  const liquid = heatLiquid(state.liquid, pan, stepS);
  const allowed = gelatinised(
    pan.starch,
    Math.min(150, Math.max(0, liquid.celsius)),
    pan.sugarPercent,
  ).fraction;
  const gap = Math.max(0, allowed - state.gelatinised);
  return { liquid, gelatinised: state.gelatinised + gap * (1 - Math.exp(-stepS / swellingS)) };
}

/** Thickness of the sauce as it is, against 5 % starch at 60 °C. */
export function sauceThickness({ liquid, gelatinised: share }: SauceState, pan: SaucePan): number {
  const starchPercent = Math.min(20, (100 * pan.starchG) / (pan.starchG + liquid.massG));
  return relativeThickness({
    starchPercent,
    temperatureC: Math.min(100, Math.max(0, liquid.celsius)),
    gelatinised: share,
    pH: pan.pH,
  });
}
