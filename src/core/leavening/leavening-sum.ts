import { likelyItem, itemById, type IngredientItem } from '../ingredients';
import { acidOfItem, type LeaveningAcid } from './acids';
import { carbonDioxideMolarMass } from './atomic-weights';
import { leaven, type Leavening } from './carbon-dioxide';
import { bakingPowderGas, selfRaisingGas } from './baking-powder';

/** A line of a formula with its mass. */
export interface LeaveningLine {
  name: string;
  massG: number;
  item?: IngredientItem | undefined;
}

/** What the soda, powder and acids of a formula come to. */
export interface LeaveningSum extends Leavening {
  /** Soda that was put in as such, g. */
  bicarbonateG: number;
  /** Gas that baking powder and self-raising flour bring with their own acid, g; in `carbonDioxideG` too. */
  ownG: number;
  acids: { acid: LeaveningAcid; massG: number }[];
  /** Which way the batch goes: soda left is alkaline, acid left is sour. */
  direction: 'alkaline' | 'acid' | 'neutral';
}

/** Soda left over of less than this share of what was put in is nobody’s matter. */
const noticeableShare = 0.1;

/**
 * Gas and what is left of soda and acid in a whole formula: bicarbonate against the acids of its lines (buttermilk, yoghurt,
 * juice, vinegar, cream of tartar); baking powder at 12 % CO₂ and self-raising flour at 0.40 % bring their own acid and are
 * balanced. The little acid of brown sugar, treacle, honey and natural cocoa is not counted.
 *
 * @returns null where nothing leavens by soda
 */
export function leaveningSum(lines: readonly LeaveningLine[]): LeaveningSum | null {
  let [bicarbonateG, ownG] = [0, 0];
  const acids: LeaveningSum['acids'] = [];
  for (const { name, massG, item = likelyItem(name) } of lines) {
    if (!item || !(massG > 0)) continue;
    if (item.id === 'bicarbonate-of-soda') bicarbonateG += massG;
    else if (item.id === 'baking-powder') ownG += massG * bakingPowderGas;
    else if (item.id === 'self-raising-flour') ownG += massG * selfRaisingGas;
    // Lemons are taken for their juice, about a third of them.
    else if (item.id === 'lemon')
      acids.push({ acid: acidOfItem(itemById('lemon-juice'))!, massG: massG / 3 });
    else {
      const acid = acidOfItem(item);
      if (acid) acids.push({ acid, massG });
    }
  }
  if (bicarbonateG === 0 && ownG === 0) return null;
  const sum = leaven(Math.min(bicarbonateG, 10_000), acids);
  return {
    ...sum,
    bicarbonateG,
    ownG,
    acids,
    carbonDioxideG: sum.carbonDioxideG + ownG,
    carbonDioxideMol: sum.carbonDioxideMol + ownG / carbonDioxideMolarMass,
    direction: directionOf(sum, bicarbonateG),
  };
}

function directionOf(
  { bicarbonateLeftG, acidSpareG }: Leavening,
  bicarbonateG: number,
): LeaveningSum['direction'] {
  if (bicarbonateLeftG > noticeableShare * bicarbonateG && bicarbonateLeftG > 0) return 'alkaline';
  return acidSpareG > noticeableShare * Math.max(bicarbonateG, 1e-9) && acidSpareG > 0 ? 'acid' : 'neutral';
}
