import { requireWithin } from '../bounds';

/** Power of the concentration with which a cooked starch sauce thickens (teaching value; 2 to 4 in handbooks). */
const concentrationPower = 2.6;
/** Activation energy of the thinning of a hot sauce, J/mol (teaching value). */
const activationJPerMol = 15_000;
const gasConstant = 8.314;
const referenceK = 333.15;

export interface Sauce {
  /** Starch of the whole, % by mass. */
  starchPercent: number;
  temperatureC: number;
  /** Share of the starch that has gelatinised, 0 to 1. */
  gelatinised: number;
  /** Acid thins by cutting chains: pH below about 4, boiled (teaching model). */
  pH?: number;
}

/**
 * Thickness of a starch sauce against one of 5 % at 60 °C: power of the concentration of swollen starch, times an
 * Arrhenius factor: hot sauces are thinner and thicken as they cool. Teaching model.
 */
export function relativeThickness({ starchPercent, temperatureC, gelatinised, pH = 6.5 }: Sauce): number {
  requireWithin('starchPercent', starchPercent, 0, 20, '%');
  requireWithin('temperatureC', temperatureC, 0, 100, '°C');
  requireWithin('gelatinised', gelatinised, 0, 1);
  requireWithin('pH', pH, 1, 10);
  const swollen = (starchPercent * gelatinised) / 5;
  const cooling = Math.exp(
    (activationJPerMol / gasConstant) * (1 / (temperatureC + 273.15) - 1 / referenceK),
  );
  const acid = pH >= 4 ? 1 : Math.max(0.2, 1 - 0.3 * (4 - pH));
  return swollen ** concentrationPower * cooling * acid;
}
