import { unaccomplished } from './conduction-series';
import { biotNumber, fourierNumber, type Material, type Shape } from './shapes';

/** One of the crossed bodies that a finite body is made of. */
export interface Crossed {
  shape: Exclude<Shape, 'sphere'>;
  halfThicknessMm: number;
}

/**
 * Unaccomplished temperature at the centre of a finite body: the product of those of the infinite bodies that cross in
 * it (Newman's rule). A tin is a cylinder crossed with a slab; a block is three slabs; a kofta a cylinder and a slab.
 */
export function unaccomplishedOfCrossed(
  crossed: readonly Crossed[],
  material: Material,
  heatTransferWm2K: number,
  seconds: number,
): number {
  return crossed.reduce((product, { shape, halfThicknessMm }) => {
    const half = halfThicknessMm / 1000;
    const biot = biotNumber(heatTransferWm2K, half, material.conductivityWmK);
    return product * unaccomplished(shape, biot, fourierNumber(material, half, seconds));
  }, 1);
}
