import type { Source } from '../working';

/** How a gel sets and melts. */
export interface GellingAgent {
  id: string;
  name: string;
  usualPercent: readonly [low: number, high: number];
  setsC: readonly [low: number, high: number] | null;
  meltsC: readonly [low: number, high: number] | null;
  about: string;
}

export const gelsSource: Source = {
  kind: 'from-memory',
  text: 'Handbook ranges of gelling agents; strength and clarity vary with grade and food',
};

export const gellingAgents: readonly GellingAgent[] = [
  {
    id: 'gelatine',
    name: 'gelatine',
    usualPercent: [0.4, 3],
    setsC: [15, 20],
    meltsC: [25, 35],
    about: 'melts in the mouth; raw pineapple, kiwi, papaya, fig and ginger digest it, heated ones do not',
  },
  {
    id: 'agar',
    name: 'agar',
    usualPercent: [0.2, 2],
    setsC: [32, 40],
    meltsC: [85, 95],
    about: 'sets warm, melts only near the boil: hysteresis',
  },
  {
    id: 'pectin-hm',
    name: 'pectin, high methoxyl',
    usualPercent: [0.3, 1],
    setsC: [55, 85],
    meltsC: null,
    about: 'needs sugar (soluble solids 55 to 65 % or more) and acid (pH 2.8 to 3.5); sets over a day or two',
  },
  {
    id: 'pectin-lm',
    name: 'pectin, low methoxyl',
    usualPercent: [0.5, 1.5],
    setsC: [30, 70],
    meltsC: [40, 80],
    about: 'needs calcium, little sugar',
  },
  {
    id: 'carrageenan',
    name: 'carrageenan, kappa',
    usualPercent: [0.2, 1.5],
    setsC: [30, 60],
    meltsC: [45, 75],
    about: 'with milk at a fifth of the dose',
  },
  {
    id: 'egg-custard',
    name: 'egg custard',
    usualPercent: [15, 40],
    setsC: [80, 85],
    meltsC: null,
    about: 'curdles above; starch protects it',
  },
  {
    id: 'rennet',
    name: 'rennet in milk',
    usualPercent: [0.01, 0.05],
    setsC: [30, 40],
    meltsC: null,
    about: 'cuts casein; no set in UHT milk',
  },
];

/** Fruits whose raw juice digests gelatine, with the protease that does it (from memory). */
export const proteaseFruits: Readonly<Record<string, string>> = {
  pineapple: 'bromelain',
  kiwi: 'actinidin',
  papaya: 'papain',
  fig: 'ficin',
  ginger: 'zingibain',
  mango: 'a mild protease',
};
