/** Pale straw to deep brown, even in lightness so that it also reads in grey. */
const heatColours = [
  [0xf4, 0xe6, 0xbf],
  [0xeb, 0xcb, 0x7e],
  [0xdd, 0xa0, 0x45],
  [0xbf, 0x6f, 0x2c],
  [0x96, 0x48, 0x1a],
  [0x5a, 0x28, 0x10],
] as const;

/** Colour of a share from 0 (pale) to 1 (dark). */
export function heatColour(share: number): string {
  const at = Math.max(0, Math.min(1, share)) * (heatColours.length - 1);
  const lower = Math.min(heatColours.length - 2, Math.floor(at));
  const [from, to] = [heatColours[lower]!, heatColours[lower + 1]!];
  const channels = from.map((one, i) => Math.round(one + (to[i]! - one) * (at - lower)));
  return `rgb(${channels.join(', ')})`;
}

/** Shares of the ramp for levels side by side: spread, and never as pale as the paper. */
export function levelColour(index: number, count: number): string {
  return heatColour(0.22 + (0.76 * index) / Math.max(1, count - 1));
}
