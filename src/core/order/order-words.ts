import { formatNumber } from '../format';
import { gramsWords } from '../practical';
import type { Purchase } from './order';

/** “2.52 kg”, “28 g”, and of what is counted “12 × 50 g”. */
export function massWords(grams: number, pieceG: number | null = null): string {
  if (pieceG !== null) return `${formatNumber(Math.ceil(grams / pieceG - 1e-9))} × ${gramsWords(pieceG)}`;
  return grams >= 1000 ? `${formatNumber(Number((grams / 1000).toFixed(2)))} kg` : gramsWords(grams);
}

/** What is bought, in packs: “1 × 1.5 kg + 1 × 500 g”. */
export const packWords = (packs: readonly { pack: { sizeG: number }; count: number }[]): string =>
  packs.map(({ pack, count }) => `${count} × ${massWords(pack.sizeG)}`).join(' + ');

/** What has to be seen to where something would not keep to its lesson; empty where it does. */
export const freshWords = ({ keepsToLesson }: Pick<Purchase, 'keepsToLesson'>): string =>
  keepsToLesson
    ? ''
    : 'does not keep to its lesson: buy it that morning, or a pack whose label says it keeps';

/** The same of a purchase, where no pack is known by mass. */
export const purchaseWords = ({ packs, boughtG }: Purchase, pieceG: number | null): string =>
  packs.length === 0 ? `${massWords(boughtG, pieceG)}, no pack known` : packWords(packs);
