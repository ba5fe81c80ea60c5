import { requireWithin } from '../bounds';

export interface PectinWindow {
  sets: boolean;
  /** What is missing or too much, in words; empty when it sets. */
  why: string[];
}

/** Degrees above the local boiling point of water at which jam is done (common practice: 4 to 5). */
export const jamAboveBoilingC = 4.5;

/** Whether high-methoxyl pectin can set: soluble solids from 55 (weak) to 65 % up, pH 2.8 to 3.5 (handbook, from memory). */
export function highMethoxylWindow(solidsPercent: number, pH: number): PectinWindow {
  requireWithin('solidsPercent', solidsPercent, 0, 90, '%');
  requireWithin('pH', pH, 1, 9);
  const why: string[] = [];
  if (solidsPercent < 55) why.push('too little sugar: below 55 % soluble solids');
  if (solidsPercent > 80) why.push('too much sugar: it crystallises before it sets');
  if (pH < 2.8) why.push('too sour: below pH 2.8 the gel weeps');
  if (pH > 3.5) why.push('not sour enough: above pH 3.5 the pectin keeps its charge');
  return { sets: why.length === 0, why };
}
