import { ingredientItems, itemById, itemCalled, type IngredientItem } from '../ingredients';
import type { Source } from '../working';
import { bicarbonateMolarMass, molarMass } from './atomic-weights';

/** A leavening acid by its neutralising value, or a plain acid by its moles of acid hydrogen. */
export interface LeaveningAcid {
  id: string;
  name: string;
  /** Grams of bicarbonate that 100 g neutralise. */
  neutralisingValue: number;
  /** How the value was come by. */
  basis: 'handbook' | 'moles';
  about: string;
}

const byMoles = (atoms: Parameters<typeof molarMass>[0], hydrogens: number) =>
  (100 * hydrogens * bicarbonateMolarMass) / molarMass(atoms);

const citric = { C: 6, H: 8, O: 7 };
const lactic = { C: 3, H: 6, O: 3 };
const acetic = { C: 2, H: 4, O: 2 };

/** Acids as such. Foods that hold one stand in the ingredients table with its share. */
const acids: readonly LeaveningAcid[] = [
  {
    id: 'cream-of-tartar',
    name: 'cream of tartar',
    neutralisingValue: 45,
    basis: 'handbook',
    about: 'potassium hydrogen tartrate; works at once',
  },
  {
    id: 'monocalcium-phosphate',
    name: 'monocalcium phosphate',
    neutralisingValue: 80,
    basis: 'handbook',
    about: 'works mostly in the bowl',
  },
  {
    id: 'sodium-acid-pyrophosphate',
    name: 'sodium acid pyrophosphate',
    neutralisingValue: 72,
    basis: 'handbook',
    about: 'works in the oven',
  },
  {
    id: 'sodium-aluminium-phosphate',
    name: 'sodium aluminium phosphate',
    neutralisingValue: 100,
    basis: 'handbook',
    about: 'works late, in the heat',
  },
  {
    id: 'glucono-delta-lactone',
    name: 'glucono-delta-lactone',
    neutralisingValue: 45,
    basis: 'handbook',
    about: 'turns into acid slowly',
  },
  {
    id: 'citric',
    name: 'citric acid',
    neutralisingValue: byMoles(citric, 3),
    basis: 'moles',
    about: 'dry, anhydrous; three acid hydrogens',
  },
  {
    id: 'lactic',
    name: 'lactic acid',
    neutralisingValue: byMoles(lactic, 1),
    basis: 'moles',
    about: 'one acid hydrogen',
  },
  {
    id: 'acetic',
    name: 'acetic acid',
    neutralisingValue: byMoles(acetic, 1),
    basis: 'moles',
    about: 'one acid hydrogen',
  },
  {
    id: 'tartaric',
    name: 'tartaric acid',
    neutralisingValue: byMoles({ C: 4, H: 6, O: 6 }, 2),
    basis: 'moles',
    about: 'two acid hydrogens',
  },
];

export const neutralisingSource: Source = {
  kind: 'from-memory',
  text: 'Neutralising values of leavening acids from baking handbooks; plain acids by moles of acid hydrogen',
};

const otherNames: Record<string, string> = {
  mcp: 'monocalcium-phosphate',
  sapp: 'sodium-acid-pyrophosphate',
  salp: 'sodium-aluminium-phosphate',
  gdl: 'glucono-delta-lactone',
  'sodium-aluminum-phosphate': 'sodium-aluminium-phosphate',
  'citric-acid': 'citric',
  'lactic-acid': 'lactic',
  'acetic-acid': 'acetic',
  'tartaric-acid': 'tartaric',
  tartar: 'cream-of-tartar',
};

/** The acid that a food of the ingredients table is, by what it holds; undefined for one without. */
export function acidOfItem(item: IngredientItem): LeaveningAcid | undefined {
  const acid = item.acid && acids.find((one) => one.id === item.acid!.kind);
  if (!acid) return undefined;
  const percent = item.acid!.percent;
  if (percent === 100) return acid;
  return {
    id: item.id,
    name: item.name,
    neutralisingValue: (acid.neutralisingValue * percent) / 100,
    basis: acid.basis,
    about: `about ${percent} % ${acid.name} (from memory)`,
  };
}

/** Acids as such, then foods that hold one, each once. */
export const leaveningAcids: readonly LeaveningAcid[] = [
  ...acids,
  ...ingredientItems.flatMap((item) => {
    const acid = acidOfItem(item);
    return acid && !acids.includes(acid) ? [acid] : [];
  }),
];

/** The acid a word means, or undefined. */
export function acidCalled(word: string): LeaveningAcid | undefined {
  const id = word
    .trim()
    .replaceAll(/([a-z])([A-Z])/g, '$1-$2')
    .toLowerCase()
    .replaceAll(/[\s_]+/g, '-');
  const known = leaveningAcids.find((acid) => acid.id === id || acid.id === otherNames[id]);
  if (known) return known;
  const item = itemCalled(id.replaceAll('-', ' '));
  // Lemons are taken for their juice.
  return item && acidOfItem(item.id === 'lemon' ? itemById('lemon-juice') : item);
}
