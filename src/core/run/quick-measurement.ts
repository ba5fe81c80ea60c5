import { RefusedValue } from '../bounds';
import { isPhoto, pointAt, pointsInWords, valueOfPoint, type Plan, type Response } from '../practical';
import type { MeasurementBody } from './entry-kinds';

/** A typed number, in a pattern. */
export const number = '[-−]?(?:\\d+(?:[.,]\\d*)?|[.,]\\d+)';

export const toNumber = (text: string) => Number(text.replace('−', '-').replace(',', '.'));

const measurementPattern = new RegExp(`^(m\\s+|mass\\s+)?(.*?)\\s*(${number})\\s*([^\\d\\s.,]\\S*)?$`, 'i');

/** `m 86.2g`, `snap 3.2`, `height p2 31`: what it measures by its name in the plan, else by its unit. Null for none. */
export function measurementIn(rest: string, plan: Plan): MeasurementBody | { hint: string } | null {
  if (/^m$/i.test(rest)) return { hint: measurementHint(plan) };
  const point = namedPointIn(rest, plan);
  if (point) return point;
  const match = measurementPattern.exec(rest);
  const marked = /^m\s/i.test(rest);
  if (!match) {
    if (marked)
      throw new RefusedValue('measurement', rest.slice(1).trim(), 'a number with its unit, such as m 86.2g');
    return null;
  }
  const [, prefix = '', said = '', digits = '', unit = ''] = match;
  const value = toNumber(digits);
  const { name, piece } = pieceIn(said);
  const wanted = `${/^mass/i.test(prefix) ? 'mass ' : ''}${name}`.trim().toLowerCase();
  const byName = wanted === '' ? [] : plan.responses.filter((one) => startsLike(one.name, wanted));
  const byUnit = plan.responses.filter((one) => unit !== '' && one.unit.toLowerCase() === unit.toLowerCase());
  const named = byName.find((one) => byUnit.includes(one)) ?? byName[0];
  const response = named ?? (wanted === '' && (marked || byUnit.length > 0) ? byUnit[0] : undefined);
  if (wanted === '' && byUnit.length > 1) {
    throw new RefusedValue('measurement', rest, `which one: ${byUnit.map((one) => one.name).join(' or ')}?`);
  }
  if (response && isPhoto(response)) {
    throw new RefusedValue('measurement', rest, `a picture: ${response.name} is taken on the station page`);
  }
  if (response && response.formula.trim() !== '') {
    throw new RefusedValue(
      'measurement',
      rest,
      `what it is worked out from: ${response.name} is ${response.formula.trim()}`,
    );
  }
  if (!response && !marked && !(wanted === '' && unit !== '' && knownUnit.test(unit))) return null;
  if (!response && unit === '') throw new RefusedValue('measurement', rest, measurementHint(plan));
  if (response && unit !== '' && response.unit !== '' && unit.toLowerCase() !== response.unit.toLowerCase()) {
    throw new RefusedValue('measurement', `${digits} ${unit}`, `${response.name} in ${response.unit}`);
  }
  const word = response ? namedPoint(response, digits) : null;
  return {
    kind: 'measurement',
    responseId: response?.id ?? null,
    name: response?.name ?? (wanted || usualName(unit)),
    value,
    unit: response?.unit || unit,
    ...(word !== null && { word }),
    ...(piece !== null && { piece: pieceOf(piece, response) }),
  };
}

/** `tremble slumps`, `tremble p2 stands still`: the named point of a scale after what it is of. Null for none. */
function namedPointIn(rest: string, plan: Plan): MeasurementBody | null {
  for (const response of plan.responses) {
    for (const word of response.points) {
      if (!rest.toLowerCase().endsWith(` ${word.toLowerCase()}`)) continue;
      const { name, piece } = pieceIn(rest.slice(0, -word.length).trim());
      if (name === '' || !startsLike(response.name, name.toLowerCase())) continue;
      return {
        kind: 'measurement',
        responseId: response.id,
        name: response.name,
        value: valueOfPoint(response, word)!,
        unit: response.unit,
        word,
        ...(piece !== null && { piece: pieceOf(piece, response) }),
      };
    }
  }
  return null;
}

/** The name of a typed point; null where the points of the response have none. */
function namedPoint(response: Response, typed: string): string | null {
  if (response.points.length === 0) return null;
  const word = pointAt(response, toNumber(typed));
  if (word === null) throw new RefusedValue(response.name, typed, pointsInWords(response));
  return word;
}

/** “height p2” and “p2 height” are of piece 2. */
function pieceIn(said: string): { name: string; piece: number | null } {
  const match = /(?:^|\s)p(?:iece\s*)?(\d{1,2})(?=\s|$)/i.exec(said);
  if (!match) return { name: said, piece: null };
  return { name: said.replace(match[0], ' ').replace(/\s+/g, ' ').trim(), piece: Number(match[1]) };
}

function pieceOf(piece: number, response: Response | undefined): number {
  const most = response ? response.pieces : 40;
  if (piece < 1 || piece > most) {
    throw new RefusedValue(
      'piece',
      `p${piece}`,
      most === 1 ? `no piece: ${response!.name} is of the station as a whole` : `p1 to p${most}`,
    );
  }
  return piece;
}

const knownUnit = /^(g|kg|mg|ml|l|mm|cm|m|n|s|min|ph|%|points?)$/i;

const usualName = (unit: string) =>
  /^(g|kg|mg)$/i.test(unit) ? 'mass' : /^(ml|l)$/i.test(unit) ? 'volume' : 'measured';

const startsLike = (name: string, typed: string) =>
  name.toLowerCase().startsWith(typed) ||
  name
    .toLowerCase()
    .split(/\s+/)
    .some((word) => word === typed);

function measurementHint(plan: Plan): string {
  const first = plan.responses[0];
  return first
    ? `a number with its unit, such as ${first.name} 3.2 ${first.unit}`.trim()
    : 'a number with its unit, such as 86.2 g';
}
