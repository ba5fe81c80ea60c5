import type { PhenomenonId } from '../phenomena';
import type { Step } from '../practical';
import type { Source } from '../working';

export const techniqueIds = [
  'creaming',
  'rubbing-in',
  'melting',
  'muffin-method',
  'whisking',
  'folding',
  'kneading',
  'proving',
  'boiling-syrup',
  'roux',
  'poaching',
  'infusing',
  'setting',
  'reducing',
  'frying',
  'baking',
  'resting',
  'quenching',
  'emulsifying',
  'churning',
  'straining',
] as const;
export type TechniqueId = (typeof techniqueIds)[number];

/** A step of a technique: what the plan’s step takes over. Its temperatures are as read on a thermometer. */
export type TechniqueStep = Pick<Step, 'text'> &
  Partial<Omit<Step, 'id' | 'text' | 'thermometerId' | 'only' | 'uses' | 'after'>>;

/** One way of working of the kitchen: its steps as usually done, to be inserted and then edited. */
export interface Technique {
  id: TechniqueId;
  name: string;
  /** What it is for, in a line. */
  purpose: string;
  /** Verbs and phrases by which a sentence says that it does this. */
  words: RegExp;
  steps: readonly TechniqueStep[];
  phenomena: readonly PhenomenonId[];
}

export const techniquesSource: Source = {
  kind: 'from-memory',
  text: 'Usual minutes, signs and repairs of school kitchens (from memory of common practice); your own trial batch knows better',
};

export const time = { kind: 'time' } as const;
export const look = (words: string) => ({ kind: 'sign', sense: 'look', words }) as const;
export const feel = (words: string) => ({ kind: 'sign', sense: 'feel', words }) as const;
export const heat = (celsius: number) => ({ kind: 'temperature', celsius, basis: 'as-read' }) as const;
export const hob = { resource: 'hob', count: 1, celsius: null } as const;
