import {
  acidOfItem,
  decomposeByHeat,
  gasVolumeL,
  leaven,
  neutralisingSource,
  stoichiometrySource,
  type AcidDose,
} from '../leavening';
import { saturationPressureMPa } from '../water';
import { absoluteZeroC } from '../units';
import { hotFromC, isHot } from './heat-of-step';
import { knownOf, predicted, type Model, type Station } from './prediction';

/** Acid in foods swings with season, maker and age by about so much (common practice). */
const foodAcidSpread = 0.25;
/** Temperature the gas is measured at in words, °C: the room. */
const roomC = 21;

interface Bowl {
  sodaG: number;
  /** `natural`: an acid food, whose acid swings. */
  acids: (AcidDose & { natural: boolean })[];
}

/** Bicarbonate and acids of a station; null without soda, or where a mass is not known. */
function bowlOf(station: Station): Bowl | null {
  const known = knownOf(station);
  const soda = known.filter(({ entry }) => entry.id === 'bicarbonate-of-soda');
  // Powders bring both halves in amounts their makers keep to themselves.
  if (soda.length === 0 || known.some(({ entry }) => /baking-powder|self-raising/.test(entry.id)))
    return null;
  const acids: Bowl['acids'] = [];
  let sodaG = 0;
  for (const one of known) {
    const acid = acidOfItem(one.entry);
    const isSoda = one.entry.id === 'bicarbonate-of-soda';
    if (!acid && !isSoda) continue;
    if (one.grams === null) return null;
    if (isSoda) sodaG += one.grams;
    else if (acid) acids.push({ acid, massG: one.grams, natural: one.entry.acid!.percent < 100 });
  }
  return { sodaG, acids };
}

const withAcids = ({ sodaG, acids }: Bowl, share: number) =>
  leaven(
    sodaG,
    acids.map(({ acid, massG, natural }) => ({ acid, massG: natural ? massG * share : massG })),
  );

/** Without soda anywhere there is nothing to say. */
const anySoda = (stations: readonly Station[]) => stations.some((one) => (bowlOf(one)?.sodaG ?? 0) > 0);

/** Gas that acid and heat set free from bicarbonate. */
export const gas: Model = (asked) => {
  if (!anySoda(asked.stations)) return null;
  const hot = asked.stations.some(({ own }) => own.steps.some(isHot));
  const kPa = saturationPressureMPa(asked.boiling.boilingC - absoluteZeroC) * 1000;
  const litres = (mol: number) => gasVolumeL(mol, roomC, kPa);
  return predicted(
    asked,
    { id: 'gas', what: 'Gas from the soda', unit: 'L', decimals: 2 },
    (station) => {
      const bowl = bowlOf(station);
      if (!bowl) return null;
      const amounts = [1 - foodAcidSpread, 1, 1 + foodAcidSpread].map((share) => {
        const { carbonDioxideMol, bicarbonateLeftG } = withAcids(bowl, share);
        return { acid: carbonDioxideMol, heat: hot ? decomposeByHeat(bicarbonateLeftG).carbonDioxideMol : 0 };
      });
      const most = ({ acid, heat }: (typeof amounts)[number]) => acid + heat;
      return {
        low: litres(Math.min(...amounts.map(({ acid }) => acid))),
        middle: litres(amounts[1]!.acid + amounts[1]!.heat / 2),
        high: litres(Math.max(...amounts.map(most))),
      };
    },
    [
      'acid sets free all it can: NaHCO₃ + H⁺ → Na⁺ + H₂O + CO₂',
      hot
        ? `what is left gives half as much above ${hotFromC} °C: counted not at all, half, and wholly for the band`
        : 'nothing is heated: only acid sets gas free',
      { text: `as gas at ${roomC} °C and the pressure here`, value: kPa, unit: 'kPa' },
    ],
    [stoichiometrySource, neutralisingSource],
  );
};

/** Bicarbonate that finds no acid: soapy in the mouth, yellow and brown in the crust. */
export const sodaLeft: Model = (asked) => {
  if (!anySoda(asked.stations)) return null;
  return predicted(
    asked,
    { id: 'soda-left', what: 'Soda that finds no acid', unit: 'g', decimals: 1 },
    (station) => {
      const bowl = bowlOf(station);
      if (!bowl) return null;
      const left = (share: number) => withAcids(bowl, share).bicarbonateLeftG;
      return { low: left(1 + foodAcidSpread), middle: left(1), high: left(1 - foodAcidSpread) };
    },
    [
      'soda − what the acids neutralise',
      `acid in foods taken as it usually is, ${foodAcidSpread * 100} % less and more for the band`,
    ],
    [stoichiometrySource, neutralisingSource],
  );
};
