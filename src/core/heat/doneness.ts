import type { Source } from '../working';

export interface DonenessStep {
  fromC: number;
  name: string;
  /** What has happened to the proteins, in words. */
  why: string;
}

export const donenessSource: Source = {
  kind: 'from-memory',
  text: 'Handbook ranges of protein setting: ovotransferrin 61 °C, livetins and lipoproteins of yolk 65–70, ovalbumin 80; myosin 50–55, collagen 60–65, actin 66–73 °C',
};

/** By the highest temperature the centre of the yolk reaches. */
export const yolkDoneness: readonly DonenessStep[] = [
  { fromC: -Infinity, name: 'liquid', why: 'nothing in the yolk has set' },
  { fromC: 42, name: 'soft', why: 'set at the edge, runny in the middle' },
  { fromC: 57, name: 'medium', why: 'thick and jammy: the yolk begins to set near 58 to 65 °C' },
  { fromC: 69, name: 'hard', why: 'set through: livetins and lipoproteins set at 65 to 70 °C' },
  { fromC: 90, name: 'overdone', why: 'dry, crumbly; iron sulphide greens the edge' },
];

/** By centre temperature of whole cuts of beef and lamb. Food safety is decided by the probe and the authority, not by this. */
export const meatDoneness: readonly DonenessStep[] = [
  { fromC: -Infinity, name: 'raw', why: 'no protein has set' },
  { fromC: 49, name: 'rare', why: 'myosin begins to set: firmer, red' },
  { fromC: 55, name: 'medium rare', why: 'myosin set, myoglobin still red' },
  { fromC: 60, name: 'medium', why: 'collagen shrinks and presses juice out; pink' },
  { fromC: 66, name: 'medium well', why: 'actin begins to set; grey-pink' },
  { fromC: 71, name: 'well done', why: 'actin set, myoglobin brown' },
];

export const fishDoneness: readonly DonenessStep[] = [
  { fromC: -Infinity, name: 'raw', why: 'translucent' },
  { fromC: 43, name: 'translucent', why: 'myosin of cold-water fish begins to set' },
  { fromC: 50, name: 'just set', why: 'opaque, moist' },
  { fromC: 60, name: 'flaking', why: 'connective tissue melts, flakes part' },
  { fromC: 70, name: 'dry', why: 'actin set, juice pressed out' },
];

/** The step of a scale that a temperature has reached. */
export function donenessAt(scale: readonly DonenessStep[], celsius: number): DonenessStep {
  return scale.findLast((step) => celsius >= step.fromC) ?? scale[0]!;
}
