import { formatNumber, formatSignificant } from '../../core/format';

/** Units by the end of a key, longest first: the keys of the registry carry their unit. */
const units: readonly [ending: string, unit: string][] = [
  ['Minutes', 'min'],
  ['Mm2PerS', 'mm²/s'],
  ['Wm2K', 'W/m²·K'],
  ['WmK', 'W/m·K'],
  ['KgM3', 'kg/m³'],
  ['JkgK', 'J/kg·K'],
  ['Kcal', 'kcal'],
  ['KJ', 'kJ'],
  ['Percent', '%'],
  ['KPa', 'kPa'],
  ['PerKg', 'kJ/kg'],
  ['PerMol', 'kJ/mol'],
  ['Mol', 'mol'],
  ['Ml', 'ml'],
  ['Mm', 'mm'],
  ['Kg', 'kg'],
  ['C', '°C'],
  ['F', '°F'],
  ['G', 'g'],
  ['L', 'L'],
  ['M', 'm'],
];

/** Results that count things: three values are 3, not 3.000. Degrees of freedom may be broken all the same. */
const counts = new Set([
  'n',
  'df',
  'dfBetween',
  'dfWithin',
  'replicates',
  'minimumCorrect',
  'gasMark',
  'stations',
  'stationsAtEnds',
  'dfError',
  'emptyCells',
]);

/** A result as it is read. */
export const resultText = (key: string, value: number): string =>
  counts.has(key) && Number.isInteger(value * 4) ? formatNumber(value) : formatSignificant(value);

/** Keys whose name says less than a word does. */
const said: Readonly<Record<string, [label: string, unit: string]>> = {
  minutes: ['time', 'min'],
  densityGPerMl: ['density', 'g/ml'],
  densityLow: ['loose', 'g/ml'],
  densityHigh: ['scooped or packed', 'g/ml'],
  lowC: ['at the least', '°C'],
  highC: ['at the most', '°C'],
  verdict: ['answer', ''],
  atMinute: ['on the clock of the readings', 'min'],
  equivalentMinutes: ['as many minutes at the reference', 'min'],
  kJPerKg: ['latent heat', 'kJ/kg'],
  kJPerMol: ['activation energy', 'kJ/mol'],
  mlPerG: ['specific volume', 'ml/g'],
  L: ['L*, lightness', ''],
  a: ['a*, green to red', ''],
  b: ['b*, blue to yellow', ''],
  deltaE00: ['ΔE₀₀', ''],
  q10: ['Q₁₀', ''],
  f: ['F', ''],
  h: ['H', ''],
  t: ['t', ''],
  p: ['p', ''],
  g: ['G', ''],
  df: ['degrees of freedom', ''],
  dfBetween: ['degrees of freedom between', ''],
  dfWithin: ['degrees of freedom within', ''],
  dfError: ['degrees of freedom of the error', ''],
  interaction: ['the one changing the other', ''],
  unread: ['not understood', ''],
  strictest: ['line it is held against', ''],
  stationsAtEnds: ['points at both ends', ''],
  chi2: ['χ²', ''],
  r2: ['r²', ''],
  n: ['n', ''],
  sd: ['SD', ''],
  sem: ['standard error', ''],
  ci95: ['95 % interval', ''],
  q1: ['lower quartile', ''],
  q3: ['upper quartile', ''],
  slopeSe: ['standard error of the slope', ''],
  interceptSe: ['standard error of the intercept', ''],
  residualSd: ['residual SD', ''],
  limiting: ['runs out first', ''],
  stageId: ['stage', ''],
  gasMark: ['gas mark', ''],
  pH: ['pH', ''],
};

/** Of two factors “a” and “b” are the factors; of a colour they are its coordinates. */
const ofFactors: Readonly<Record<string, string>> = { a: 'first factor', b: 'second factor' };

/** “localBoilingC” → local boiling, °C. */
export function resultLabel(key: string, value?: unknown): { label: string; unit: string } {
  const factor = typeof value === 'object' && value !== null ? ofFactors[key] : undefined;
  if (factor !== undefined) return { label: factor, unit: '' };
  const known = said[key];
  if (known) return { label: known[0], unit: known[1] };
  const found = units.find(([ending]) => key.endsWith(ending) && key.length > ending.length);
  const name = found ? key.slice(0, -found[0].length) : key;
  const label = name.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase();
  return { label, unit: found?.[1] ?? '' };
}
