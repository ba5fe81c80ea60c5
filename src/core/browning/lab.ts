import { RefusedValue } from '../bounds';
import type { Source } from '../working';

/** CIELAB under D65 and the 2° observer. */
export interface Lab {
  L: number;
  a: number;
  b: number;
}

export const labSource: Source = {
  kind: 'standard',
  text: 'IEC 61966-2-1 (sRGB) to XYZ, D65; CIE 015:2018, CIELAB',
};

/** sRGB to XYZ, IEC 61966-2-1:1999 with the D65 white of that standard. */
const toXyz = [
  [0.4124, 0.3576, 0.1805],
  [0.2126, 0.7152, 0.0722],
  [0.0193, 0.1192, 0.9505],
] as const;
/** White point: the sum of each row, so that #ffffff is exactly L 100, a 0, b 0. */
const white = toXyz.map((row) => row[0] + row[1] + row[2]) as [number, number, number];

const epsilon = (6 / 29) ** 3;
const kappa = (29 / 3) ** 3;

const linear = (c: number) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4);
const f = (t: number) => (t > epsilon ? Math.cbrt(t) : (kappa * t + 16) / 116);

/** CIELAB of sRGB channels, each 0 to 1. */
function labOfRgb(red: number, green: number, blue: number): Lab {
  const rgb = [red, green, blue].map(linear);
  const [x, y, z] = toXyz.map((row, i) =>
    f((row[0] * rgb[0]! + row[1] * rgb[1]! + row[2] * rgb[2]!) / white[i]!),
  ) as [number, number, number];
  return { L: 116 * y - 16, a: 500 * (x - y), b: 200 * (y - z) };
}

/**
 * CIELAB of a colour written as #rrggbb or #rgb.
 *
 * @throws RefusedValue for anything else
 */
export function labOfHex(hex: string): Lab {
  const found = /^#?([0-9a-f]{3}|[0-9a-f]{6})$/i.exec(hex.trim());
  if (!found) throw new RefusedValue('hex', hex, 'a colour such as #a9551f');
  const digits = found[1]!.length === 3 ? [...found[1]!].map((d) => d + d).join('') : found[1]!;
  const [red, green, blue] = [0, 2, 4].map((i) => parseInt(digits.slice(i, i + 2), 16) / 255);
  return labOfRgb(red!, green!, blue!);
}
