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

const byMoles = (atoms: Parameters<typeof molarMass>[0], hydrogens: number, share = 1) =>
  (100 * share * hydrogens * bicarbonateMolarMass) / molarMass(atoms);

const citric = { C: 6, H: 8, O: 7 };
const lactic = { C: 3, H: 6, O: 3 };
const acetic = { C: 2, H: 4, O: 2 };

export const leaveningAcids: readonly LeaveningAcid[] = [
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
  {
    id: 'vinegar',
    name: 'vinegar, 5 %',
    neutralisingValue: byMoles(acetic, 1, 0.05),
    basis: 'moles',
    about: '5 % acetic acid',
  },
  {
    id: 'lemon-juice',
    name: 'lemon juice',
    neutralisingValue: byMoles(citric, 3, 0.05),
    basis: 'moles',
    about: 'about 5 % citric acid (from memory)',
  },
  {
    id: 'buttermilk',
    name: 'buttermilk',
    neutralisingValue: byMoles(lactic, 1, 0.008),
    basis: 'moles',
    about: 'about 0.8 % lactic acid (from memory)',
  },
  {
    id: 'yoghurt',
    name: 'plain yoghurt',
    neutralisingValue: byMoles(lactic, 1, 0.01),
    basis: 'moles',
    about: 'about 1 % lactic acid (from memory)',
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
  yogurt: 'yoghurt',
  lemon: 'lemon-juice',
};

/** The acid a word means, or undefined. */
export function acidCalled(word: string): LeaveningAcid | undefined {
  const id = word
    .trim()
    .replaceAll(/([a-z])([A-Z])/g, '$1-$2')
    .toLowerCase()
    .replaceAll(/[\s_]+/g, '-');
  return leaveningAcids.find((acid) => acid.id === id || acid.id === otherNames[id]);
}
