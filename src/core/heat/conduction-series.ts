import { besselJ0, besselJ1, whereRisingReaches } from '../numeric';
import type { Source } from '../working';
import type { Shape } from './shapes';

export const seriesSource: Source = {
  kind: 'handbook',
  text: 'Series solutions of one-dimensional conduction with surface resistance (Carslaw and Jaeger; Incropera and DeWitt, table 5.1)',
};

/** J0's first positive zeros by McMahon's expansion (DLMF 10.21.19), good to nine digits from the second on. */
function zeroOfJ0(n: number): number {
  if (n === 1) return 2.404825557695773;
  const b = (n - 0.25) * Math.PI;
  return b + 1 / (8 * b) - 31 / (384 * b ** 3) + 3779 / (15360 * b ** 5);
}

/** Zero of J1 number n; n = 0 is 0. */
function zeroOfJ1(n: number): number {
  if (n === 0) return 0;
  if (n === 1) return 3.8317059702075125;
  const b = (n + 0.25) * Math.PI;
  return b - 3 / (8 * b) + 36 / (384 * b ** 3) - 113184 / (15360 * 8 * b ** 5);
}

/**
 * The n-th eigenvalue ζ of a shape at a Biot number (n from 1): slab ζ tan ζ = Bi, cylinder ζ J₁(ζ)/J₀(ζ) = Bi,
 * sphere 1 − ζ cot ζ = Bi.
 */
export function eigenvalue(shape: Shape, biot: number, n: number): number {
  const margin = 1e-12;
  switch (shape) {
    case 'slab': {
      const [low, high] = [(n - 1) * Math.PI, (n - 0.5) * Math.PI];
      return whereRisingReaches(
        0,
        (z) => z * Math.sin(z) * sign(n) - biot * Math.cos(z) * sign(n),
        low,
        high,
        margin,
      );
    }
    case 'cylinder': {
      const [low, high] = [zeroOfJ1(n - 1), zeroOfJ0(n)];
      return whereRisingReaches(
        0,
        (z) => sign(n) * (z * besselJ1(z) - biot * besselJ0(z)),
        low,
        high,
        margin,
      );
    }
    case 'sphere': {
      const [low, high] = [(n - 1) * Math.PI, n * Math.PI];
      return whereRisingReaches(
        0,
        (z) => sign(n) * ((1 - biot) * Math.sin(z) - z * Math.cos(z)),
        low + (n === 1 ? 1e-9 : 0),
        high,
        margin,
      );
    }
  }
}

/** Which way the eigenvalue equation crosses zero in the n-th interval. */
const sign = (n: number) => (n % 2 === 1 ? 1 : -1);

/** The coefficient C of the n-th term at the centre. */
export function coefficient(shape: Shape, zeta: number): number {
  switch (shape) {
    case 'slab':
      return (4 * Math.sin(zeta)) / (2 * zeta + Math.sin(2 * zeta));
    case 'cylinder': {
      const [j0, j1] = [besselJ0(zeta), besselJ1(zeta)];
      return ((2 / zeta) * j1) / (j0 * j0 + j1 * j1);
    }
    case 'sphere':
      return (4 * (Math.sin(zeta) - zeta * Math.cos(zeta))) / (2 * zeta - Math.sin(2 * zeta));
  }
}

/** Shape of a term at a relative place, 0 in the centre to 1 at the surface. */
function profile(shape: Shape, zeta: number, place: number): number {
  const x = zeta * place;
  switch (shape) {
    case 'slab':
      return Math.cos(x);
    case 'cylinder':
      return besselJ0(x);
    case 'sphere':
      return x === 0 ? 1 : Math.sin(x) / x;
  }
}

/** Terms taken at the most: enough for nine digits from a Fourier number of 0.0005 on. */
const mostTerms = 120;

/**
 * Unaccomplished temperature (T − T∞)/(T₀ − T∞) of a shape that was at one temperature and is in a medium of another.
 *
 * @param place 0 in the centre to 1 at the surface
 * @returns 1 at the start, falling to 0
 */
export function unaccomplished(shape: Shape, biot: number, fourier: number, place = 0): number {
  if (fourier <= 0 || biot <= 0) return 1;
  let sum = 0;
  for (let n = 1; n <= mostTerms; n += 1) {
    const zeta = eigenvalue(shape, biot, n);
    const decay = Math.exp(-zeta * zeta * fourier);
    sum += coefficient(shape, zeta) * decay * profile(shape, zeta, place);
    if (decay < 1e-13) break;
  }
  return Math.min(1, Math.max(0, sum));
}
