import {
  centreOf,
  choiOkosSource,
  conductionStep,
  foodProperties,
  moistStep,
  uniformBody,
  type BodyState,
  type Material,
  type Shape,
} from '../heat';
import { remembered } from '../memory';
import type { StationStep } from '../practical';
import type { Source } from '../working';
import { ovenOf, saysFan } from './heat-of-step';
import { knownOf, predicted, type Asked, type Band, type Model, type Station } from './prediction';

const source: Source = {
  kind: 'from-memory',
  text: 'Conduction by finite volumes; oven films of 22 to 35 W/m²·K with a fan, 15 to 35 where nobody says, 600 to 2000 in boiling water (handbook ranges)',
};

/** Films at the surface, W/m²·K: weakest, usual, strongest. */
const films = {
  fan: [22, 28, 35],
  any: [15, 22, 35],
  water: [600, 1200, 2000],
} as const;
/** Part of an oven’s film that is moving air; the rest is radiation (handbook ranges). */
const convectivePart = 0.6;
/** Oven air is as moist as the food makes it, kPa (common practice). */
const ovenVapourKPa = 3;

/** A piece of food in its oven or its water. */
interface Piece {
  shape: Shape;
  halfMm: number;
  startC: number;
  mediumC: number;
  film: number;
  /** How wet its surface is, 0 to 1; in water 0: nothing evaporates. */
  wetness: number;
  material: Material;
  boilingC: number;
}

/** Longest that is followed, s. */
const longestS = 4 * 3600;
const shells = 20;

/** Centre temperatures every half minute, °C, until past `untilC` or the time is over. Kept, since pieces are asked again. */
const curve = remembered((asked): number[] => {
  const [piece, untilC, seconds] = JSON.parse(asked) as [Piece, number, number];
  const body = { shape: piece.shape, halfThicknessM: piece.halfMm / 1000, material: piece.material };
  const around = {
    airC: piece.mediumC,
    filmWm2K: piece.film,
    convectiveWm2K: piece.film * convectivePart,
    vapourKPa: ovenVapourKPa,
    wetness: piece.wetness,
    localBoilingC: piece.boilingC,
  };
  const stepS = Math.max(1, Math.min(5, piece.halfMm / 4));
  const centres = [piece.startC];
  let state: BodyState = uniformBody(piece.startC, shells);
  let at = 0;
  while (at < seconds && centres.at(-1)! < untilC) {
    const next = Math.min(centres.length * 30, seconds);
    while (at < next) {
      const step = Math.min(stepS, next - at);
      state =
        piece.wetness > 0
          ? moistStep(state, body, around, step)
          : conductionStep(state, body, piece.mediumC, piece.film, step, 1);
      at += step;
    }
    centres.push(centreOf(state));
  }
  return centres;
}, 400);

/** Minutes until the centre has a temperature; null if it never does. */
function minutesTo(piece: Piece, targetC: number): number | null {
  const centres = curve(JSON.stringify([piece, targetC, longestS]));
  const last = centres.length - 1;
  if (centres[last]! < targetC) return null;
  if (last === 0) return 0;
  const share = (targetC - centres[last - 1]!) / (centres[last]! - centres[last - 1]!);
  return (last - 1 + share) / 2;
}

const centreAfter = (piece: Piece, minutes: number) =>
  curve(JSON.stringify([piece, 1000, Math.min(longestS, minutes * 60)])).at(-1)!;

/** What heats, in which shape: all but the film and the wetness. */
function pieceOf(station: Station, step: StationStep, asked: Asked): Omit<Piece, 'film' | 'wetness'> | null {
  const { own } = station;
  const inWater = /\b(boil|simmer|poach)\b/i.test(step.text);
  const mediumC = inWater ? asked.boiling.boilingC : ovenOf(own.steps, step);
  const shape = shapeOf(station, asked);
  if (!shape || mediumC === null) return null;
  const material = materialOf(station);
  if (!material) return null;
  return { ...shape, startC: own.start?.celsius ?? 8, mediumC, material, boilingC: asked.boiling.boilingC };
}

/** Shape of the pieces, by what their size is of and what they are called. */
function shapeOf({ own }: Station, { plan }: Asked): Pick<Piece, 'shape' | 'halfMm'> | null {
  const { size } = own;
  if (!size || size.value <= 0 || size.value > 300) return null;
  const words = [plan.title, ...own.steps.map(({ text }) => text)].join(' ');
  const ball = /\b(balls?|spheres?|dumplings?|meatballs?|falafel|arancini)\b/i.test(words);
  switch (size.what) {
    case 'thickness':
      return { shape: 'slab', halfMm: size.value / 2 };
    case 'diameter':
      return { shape: ball ? 'sphere' : 'cylinder', halfMm: size.value / 2 };
    case 'mass':
      return ball
        ? { shape: 'sphere', halfMm: 10 * ((3 * size.value) / (4 * Math.PI * ballDensity)) ** (1 / 3) }
        : null;
    case 'side':
      return null;
  }
}

/** Density of a kneaded mass, g/cm³ (meat and vegetables; handbook). */
const ballDensity = 1.05;

/** What heat goes through, by the batch’s make-up at 40 °C; null where it holds little that is known, or is a batter full of air. */
function materialOf(station: Station): Material | null {
  const known = knownOf(station).filter(
    ({ grams, entry }) =>
      grams !== null && grams > 0 && entry.composition !== null && entry.waterPercent !== null,
  );
  const total = station.own.ingredients.reduce((sum, { grams }) => sum + (grams ?? 0), 0);
  const mass = known.reduce((sum, { grams }) => sum + grams!, 0);
  const raises = knownOf(station).some(({ entry }) => entry.jobs.some((job) => /leaven/.test(job)));
  if (!(mass > 0.6 * total) || raises) return null;
  const share = (of: (one: (typeof known)[number]['entry']) => number) =>
    known.reduce((sum, { grams, entry }) => sum + (grams! * of(entry)) / 100, 0) / mass;
  const parts = {
    water: share((one) => one.waterPercent!),
    protein: share((one) => one.composition!.proteinG),
    fat: share((one) => one.composition!.fatG),
    carbohydrate: share((one) => one.composition!.carbohydrateG),
    fibre: share((one) => one.composition!.fibreG),
    ash: share((one) => one.composition!.saltG),
  };
  const sum = Object.values(parts).reduce((all, one) => all + one, 0);
  if (!(sum > 0.8)) return null;
  return foodProperties(
    Object.fromEntries(Object.entries(parts).map(([name, value]) => [name, value / sum])),
    40,
  );
}

/** Slowest, usual and fastest: weak film on a wet surface, strong film on a dry one. */
function ways(station: Station, step: StationStep, asked: Asked): Piece[] | null {
  const piece = pieceOf(station, step, asked);
  if (!piece) return null;
  const inWater = /\b(boil|simmer|poach)\b/i.test(step.text);
  const [weak, usual, strong] = films[inWater ? 'water' : saysFan(station.own.steps) ? 'fan' : 'any'];
  return inWater
    ? [weak, usual, strong].map((film) => ({ ...piece, film, wetness: 0 }))
    : [
        { ...piece, film: weak, wetness: 0.3 },
        { ...piece, film: usual, wetness: 0.1 },
        { ...piece, film: strong, wetness: 0 },
      ];
}

const heatingStep = ({ own }: Station) =>
  own.steps.find(
    (step) => step.when === 'lesson' && /\b(bake|roast|boil|simmer|poach|oven)\b/i.test(step.text),
  );

const lines = [
  'heat goes in through the surface and on by conduction; a wet surface is cooled by its steam',
  'slowest: a weak film on a wet surface; fastest: a strong film on a dry one',
  'what it is made of by the ingredients table, at 40 °C',
  'for planning only: a probe decides what is safe',
];

/** Minutes until the core of a piece has the temperature its step ends at. */
export const minutesToCore: Model = (asked) =>
  predicted(
    asked,
    { id: 'minutes-to-core', what: 'Minutes until the core is there', unit: 'min', decimals: 0 },
    (station): Band | null => {
      const step = heatingStep(station);
      const pieces = step?.target ? ways(station, step, asked) : null;
      if (!step?.target || !pieces) return null;
      const minutes = pieces.map((piece) => minutesTo(piece, step.target!.localC) ?? NaN);
      return { low: minutes[2]!, middle: minutes[1]!, high: minutes[0]! };
    },
    lines,
    [source, choiOkosSource],
  );

/** How hot the centre of a piece is when its minutes are over. */
export const centreAtEnd: Model = (asked) =>
  predicted(
    asked,
    { id: 'centre', what: 'Centre when its minutes are over', unit: '°C', decimals: 0 },
    (station): Band | null => {
      const step = heatingStep(station);
      if (!step || step.target || step.minutes === null) return null;
      const pieces = ways(station, step, asked);
      if (!pieces) return null;
      const minutes = (step.minutes + (step.minutesTo ?? step.minutes)) / 2;
      const [low, middle, high] = pieces.map((piece) =>
        Math.min(asked.boiling.boilingC, centreAfter(piece, minutes)),
      );
      return { low: low!, middle: middle!, high: high! };
    },
    lines,
    [source, choiOkosSource],
  );
