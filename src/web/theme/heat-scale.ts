import { interpolateRgbBasis } from 'd3';

/** Pale straw to deep brown, even in lightness so that it also reads in grey. */
const heatColours = ['#F4E6BF', '#EBCB7E', '#DDA045', '#BF6F2C', '#96481A', '#5A2810'];
const ramp = interpolateRgbBasis(heatColours);

/** Colour of a share from 0 (pale) to 1 (dark). */
export function heatColour(share: number): string {
  return ramp(Math.max(0, Math.min(1, share)));
}

/** Shares of the ramp for levels side by side: spread, and never as pale as the paper. */
export function levelColour(index: number, count: number): string {
  return heatColour(0.22 + (0.76 * index) / Math.max(1, count - 1));
}
