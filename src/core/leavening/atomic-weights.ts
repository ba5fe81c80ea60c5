/** Standard atomic weights, abridged (IUPAC 2021), g/mol. */
const weights = {
  H: 1.008,
  C: 12.011,
  N: 14.007,
  O: 15.999,
  Na: 22.99,
  P: 30.974,
  S: 32.06,
  K: 39.098,
  Ca: 40.078,
  Al: 26.982,
};

type Element = keyof typeof weights;

/** Molar mass of a formula given as counts of its atoms, g/mol. */
export function molarMass(atoms: Partial<Record<Element, number>>): number {
  return Object.entries(atoms).reduce(
    (sum, [element, count]) => sum + weights[element as Element] * count,
    0,
  );
}

export const bicarbonateMolarMass = molarMass({ Na: 1, H: 1, C: 1, O: 3 });
export const carbonDioxideMolarMass = molarMass({ C: 1, O: 2 });
export const carbonateMolarMass = molarMass({ Na: 2, C: 1, O: 3 });
export const waterMolarMass = molarMass({ H: 2, O: 1 });
