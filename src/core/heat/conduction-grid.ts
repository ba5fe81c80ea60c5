import { dimensionsOf, type Material, type Shape } from './shapes';

/** A body cut into shells of equal thickness, from the centre outwards. */
export interface Body {
  shape: Shape;
  halfThicknessM: number;
  material: Material;
}

/** Temperatures of the shells, °C, and those of the surface. */
export interface BodyState {
  shells: Float64Array;
  surfaceC: number;
  /** Heat taken up since the start, joules for each m² of surface. */
  takenJPerM2: number;
}

export function uniformBody(celsius: number, shells = 40): BodyState {
  return { shells: new Float64Array(shells).fill(celsius), surfaceC: celsius, takenJPerM2: 0 };
}

/**
 * One step of heat conduction in a body whose surface meets a medium: finite volumes in space (so that heat is
 * conserved to the last digit), Crank and Nicolson in time; the first steps after a jump are best taken with
 * `implicitness` 1, which damps.
 *
 * @param mediumC temperature of oven, water or air, °C
 * @param heatTransferWm2K between medium and surface
 * @param seconds length of the step
 * @param implicitness 0.5 (second order) to 1 (damped)
 */
export function conductionStep(
  state: BodyState,
  { shape, halfThicknessM, material }: Body,
  mediumC: number,
  heatTransferWm2K: number,
  seconds: number,
  implicitness = 0.5,
): BodyState {
  const n = state.shells.length;
  const d = dimensionsOf[shape];
  const dr = halfThicknessM / n;
  const { conductivityWmK: k, densityKgM3, specificHeatJkgK } = material;
  const capacity = densityKgM3 * specificHeatJkgK;
  const area = (i: number) => (i * dr) ** (d - 1);
  const volume = (i: number) => (((i + 1) * dr) ** d - (i * dr) ** d) / d;
  // From the middle of the last shell to the medium: half a shell of food, then the surface film.
  const outer = 1 / (dr / 2 / k + 1 / heatTransferWm2K);
  const t = state.shells;
  const [below, diagonal, above, right] = [
    new Float64Array(n),
    new Float64Array(n),
    new Float64Array(n),
    new Float64Array(n),
  ];
  for (let i = 0; i < n; i += 1) {
    const inward = i === 0 ? 0 : (k / dr) * area(i);
    const outward = (i === n - 1 ? outer : k / dr) * area(i + 1);
    const step = seconds / (capacity * volume(i));
    const next = i === n - 1 ? mediumC : t[i + 1]!;
    const explicit = inward * ((i === 0 ? 0 : t[i - 1]!) - t[i]!) + outward * (next - t[i]!);
    below[i] = -implicitness * step * inward;
    above[i] = i === n - 1 ? 0 : -implicitness * step * outward;
    diagonal[i] = 1 + implicitness * step * (inward + outward);
    right[i] =
      t[i]! +
      (1 - implicitness) * step * (i === 0 ? outward * (next - t[i]!) : explicit) +
      (i === n - 1 ? implicitness * step * outward * mediumC : 0);
  }
  const shells = solveTridiagonal(below, diagonal, above, right);
  const last = implicitness * shells[n - 1]! + (1 - implicitness) * t[n - 1]!;
  const flux = outer * (mediumC - last);
  return {
    shells,
    surfaceC: mediumC - (outer * (mediumC - shells[n - 1]!)) / heatTransferWm2K,
    takenJPerM2: state.takenJPerM2 + flux * seconds,
  };
}

/** Temperature in the middle: a parabola through the two inmost shells, level at the centre. */
export function centreOf({ shells }: BodyState): number {
  return shells.length < 2 ? shells[0]! : (9 * shells[0]! - shells[1]!) / 8;
}

/** Mean temperature by volume. */
export function meanOfBody({ shells }: BodyState, shape: Shape): number {
  const d = dimensionsOf[shape];
  let [sum, whole] = [0, 0];
  shells.forEach((celsius, i) => {
    const volume = (i + 1) ** d - i ** d;
    sum += celsius * volume;
    whole += volume;
  });
  return sum / whole;
}

/** Thomas's algorithm; the vectors are used up. */
function solveTridiagonal(
  below: Float64Array,
  diagonal: Float64Array,
  above: Float64Array,
  right: Float64Array,
): Float64Array {
  const n = right.length;
  for (let i = 1; i < n; i += 1) {
    const factor = below[i]! / diagonal[i - 1]!;
    diagonal[i]! -= factor * above[i - 1]!;
    right[i]! -= factor * right[i - 1]!;
  }
  right[n - 1]! /= diagonal[n - 1]!;
  for (let i = n - 2; i >= 0; i -= 1) right[i] = (right[i]! - above[i]! * right[i + 1]!) / diagonal[i]!;
  return right;
}
