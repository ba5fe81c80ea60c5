import type { Source } from '../working';
import type { Lab } from './lab';

export const ciede2000Source: Source = {
  kind: 'paper',
  text: 'CIEDE2000: Sharma, Wu and Dalal, Color Res. Appl. 30 (2005) 21 (ISO/CIE 11664-6)',
};

const radians = Math.PI / 180;
const pow7Of25 = 25 ** 7;

/** Colour difference ΔE₀₀ with all weights 1. About 1 is just seen side by side; 2 to 3 at a glance. */
export function ciede2000(first: Lab, second: Lab): number {
  const c1 = Math.sqrt(first.a * first.a + first.b * first.b);
  const c2 = Math.sqrt(second.a * second.a + second.b * second.b);
  const cMean7 = ((c1 + c2) / 2) ** 7;
  const g = 0.5 * (1 - Math.sqrt(cMean7 / (cMean7 + pow7Of25)));
  const a1 = first.a * (1 + g);
  const a2 = second.a * (1 + g);
  const c1p = Math.sqrt(a1 * a1 + first.b * first.b);
  const c2p = Math.sqrt(a2 * a2 + second.b * second.b);
  const h1 = hue(a1, first.b);
  const h2 = hue(a2, second.b);
  const grey = c1p * c2p === 0;
  let dh = grey ? 0 : h2 - h1;
  if (dh > 180) dh -= 360;
  else if (dh < -180) dh += 360;
  const dL = second.L - first.L;
  const dC = c2p - c1p;
  const dH = 2 * Math.sqrt(c1p * c2p) * Math.sin((dh / 2) * radians);
  const lMean = (first.L + second.L) / 2;
  const cMean = (c1p + c2p) / 2;
  let hMean = h1 + h2;
  if (!grey) {
    if (Math.abs(h1 - h2) > 180) hMean += hMean < 360 ? 360 : -360;
    hMean /= 2;
  }
  const t =
    1 -
    0.17 * Math.cos((hMean - 30) * radians) +
    0.24 * Math.cos(2 * hMean * radians) +
    0.32 * Math.cos((3 * hMean + 6) * radians) -
    0.2 * Math.cos((4 * hMean - 63) * radians);
  const l50 = (lMean - 50) * (lMean - 50);
  const sL = 1 + (0.015 * l50) / Math.sqrt(20 + l50);
  const sC = 1 + 0.045 * cMean;
  const sH = 1 + 0.015 * cMean * t;
  const cMeanP7 = cMean ** 7;
  const rC = 2 * Math.sqrt(cMeanP7 / (cMeanP7 + pow7Of25));
  const turn = (hMean - 275) / 25;
  const rT = -Math.sin(60 * Math.exp(-turn * turn) * radians) * rC;
  const [l, c, h] = [dL / sL, dC / sC, dH / sH];
  return Math.sqrt(Math.max(0, l * l + c * c + h * h + rT * c * h));
}

function hue(a: number, b: number): number {
  if (a === 0 && b === 0) return 0;
  const degrees = Math.atan2(b, a) / radians;
  return degrees < 0 ? degrees + 360 : degrees;
}
