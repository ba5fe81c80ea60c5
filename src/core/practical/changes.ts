import { formatNumber } from '../format';
import { innerOf, type Spec } from '../shape';
import { levelLabel } from './levels';
import { planShape, type Level, type Plan } from './plan';

/** One difference between two revisions, in words. */
export interface Change {
  section:
    | 'Question'
    | 'Fair test'
    | 'Formula'
    | 'Method'
    | 'Time'
    | 'Safety'
    | 'Explanation'
    | 'Student questions'
    | 'Next time'
    | 'Remarks';
  what: string;
  /** Both texts in full, where a text was written otherwise. */
  texts: { was: string; is: string } | null;
}

type Told = Omit<Change, 'section'>;
const told = (what: string): Told => ({ what, texts: null });
const after = (prefix: string, changes: readonly Told[]): Told[] =>
  changes.map((change) => ({ ...change, what: prefix + change.what }));

/** Where a field of the plan stands on the sheet; what is not named here belongs to the fair test. */
const sections: Partial<Record<keyof Plan, Change['section']>> = {
  title: 'Question',
  question: 'Question',
  prediction: 'Question',
  reason: 'Question',
  formula: 'Formula',
  steps: 'Method',
  periodMinutes: 'Time',
  briefingMinutes: 'Time',
  clearUpMinutes: 'Time',
  pins: 'Time',
  studentQuestions: 'Student questions',
  nextTime: 'Next time',
  portions: 'Formula',
  risks: 'Safety',
  riskScale: 'Safety',
  pasted: 'Formula',
  tags: 'Question',
  aims: 'Explanation',
  keyWords: 'Explanation',
  answers: 'Student questions',
  lookedAt: 'Explanation',
  trials: 'Time',
  dismissed: 'Remarks',
};

/** Names of fields that do not read by themselves. */
const names: Readonly<Record<string, string>> = {
  factors: 'changed',
  leftOut: 'treatments left out',
  pins: 'steps held',
  responses: 'measured',
  held: 'kept',
  thermometers: 'thermometer',
  formula: '',
  steps: '',
  roomId: 'room',
  periodMinutes: 'period',
  briefingMinutes: 'briefing',
  clearUpMinutes: 'clearing up',
  risks: 'risk',
  riskScale: 'scale',
  studentQuestions: 'questions',
  pasted: 'pasted text',
  dismissed: 'set aside',
  keyWords: 'key words',
  lookedAt: 'looked at',
  repeatSd: 'usual spread',
  wrong: 'what can go wrong',
  minutesTo: 'minutes at most',
  pieceG: 'g each',
  pieceMl: 'ml each',
  vesselMl: 'ml of the vessel',
  atOnce: 'at once',
  trayCm2: 'cm² of the tray',
  sheetMm: 'mm of the sheet',
  lookAt: 'look at',
  warnAt: 'warning before the end',
  stayBelowC: 'stay below, °C',
  smallestDivision: 'smallest division',
  smallestDivisionC: 'smallest division, °C',
  thermometerId: 'thermometer',
  amountTo: 'amount at most',
  by: 'measured out by',
};

const wordsOf = (field: string) =>
  names[field] ?? field.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);

const quote = (text: string) =>
  text === '' ? 'empty' : `“${text.length > 60 ? `${text.slice(0, 57)}…` : text}”`;

/** What changed from one revision of a plan to another, every field of it, in the order of the sheet. */
export function changesBetween(was: Plan, is: Plan): Change[] {
  return (Object.keys(planShape.fields) as (keyof Plan)[]).flatMap((field) => {
    const nameOf: NameOf = (item, old) => itemName(item, old ? was : is);
    return differences(wordsOf(field), planShape.fields[field], was[field], is[field], nameOf).map(
      (change) => ({ section: sections[field] ?? 'Fair test', ...change }),
    );
  });
}

type Item = { id: string } & Record<string, unknown>;
type NameOf = (item: Item, old: boolean) => string;

function differences(label: string, spec: Spec, was: unknown, is: unknown, nameOf: NameOf): Told[] {
  if (JSON.stringify(was) === JSON.stringify(is)) return [];
  const prefix = label === '' ? '' : `${label}: `;
  const inner = innerOf(spec);
  if (inner.kind === 'list' && isItems(was) && isItems(is)) {
    return after(prefix, itemDifferences(inner.of, was, is, nameOf));
  }
  const texts =
    typeof was === 'string' && typeof is === 'string' && inner.kind === 'text' ? { was, is } : null;
  return [{ what: `${prefix}${said(inner, was)} → ${said(inner, is)}`, texts }];
}

function itemDifferences(of: Spec, were: readonly Item[], are: readonly Item[], nameOf: NameOf): Told[] {
  const old = new Map(were.map((item) => [item.id, item]));
  const kept = new Set(are.map((item) => item.id));
  const changes = were
    .filter((item) => !kept.has(item.id))
    .map((item) => told(`${nameOf(item, true)} removed`));
  for (const item of are) {
    const was = old.get(item.id);
    if (!was) changes.push(told(`${nameOf(item, false)} added`));
    else if (JSON.stringify(was) !== JSON.stringify(item)) changes.push(...inItem(of, was, item, nameOf));
  }
  const shared = are.filter((item) => old.has(item.id)).map((item) => item.id);
  const sharedBefore = were.filter((item) => kept.has(item.id)).map((item) => item.id);
  if (shared.join() !== sharedBefore.join()) changes.push(told('put in another order'));
  return changes;
}

/** What changed in one line: its name first, then every other field of it. */
function inItem(of: Spec, was: Item, is: Item, nameOf: NameOf): Told[] {
  const record = innerOf(of);
  const fields = record.kind === 'record' ? record.fields : {};
  const [from, here] = [nameOf(was, true), nameOf(is, false)];
  const named = titleFields(is);
  const changes = from === here ? [] : [{ what: `${from} → ${here}`, texts: titleTexts(was, is) }];
  for (const [key, spec] of Object.entries(fields)) {
    if (from !== here && named.includes(key)) continue;
    changes.push(...differences(`${here} ${wordsOf(key)}`, spec, was[key], is[key], nameOf));
  }
  return changes;
}

/** The words of a line that has a sentence for its name, then and now. */
function titleTexts(was: Item, is: Item): Told['texts'] {
  const [field, more] = titleFields(is);
  if (field === undefined || more !== undefined) return null;
  return { was: String(was[field]), is: String(is[field]) };
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const isItems = (value: unknown): value is Item[] =>
  Array.isArray(value) && value.every((one) => isRecord(one) && typeof one.id === 'string');

/** The fields that make the name of a line. */
const titleFields = (item: Item): string[] =>
  'control' in item
    ? ['value', 'words', 'open']
    : 'amount' in item
      ? ['name', 'amount', 'unit']
      : ['name', 'what', 'text', 'hazard'].filter((key) => typeof item[key] === 'string');

function itemName(item: Item, plan: Plan): string {
  const owner = plan.factors.find((factor) => factor.levels.some((level) => level.id === item.id));
  if (owner && 'control' in item)
    return levelLabel(plan, owner, item as unknown as Level) || 'an empty level';
  if ('amount' in item) {
    const amount = typeof item.amount === 'number' ? formatNumber(item.amount) : 'some';
    return quote(`${amount} ${String(item.unit)} ${String(item.name)}`);
  }
  if ('took' in item) return 'a trial batch';
  const [title] = titleFields(item);
  if (title !== undefined) return quote(String(item[title]));
  // What has no words of its own is a thermometer.
  return `the one in the ${String(item.in)}`;
}

/** A value in words, by its shape: what was typed stands in quotes. */
function said(spec: Spec, value: unknown): string {
  if (value === null || value === undefined) return 'none';
  switch (spec.kind) {
    case 'text':
      return quote(value as string);
    case 'id':
    case 'choice':
      return typeof value === 'number' ? formatNumber(value) : (value as string);
    case 'number':
      return `${formatNumber(value as number)}${spec.unit === 'min' ? ' min' : ''}`;
    case 'flag':
      return value ? 'yes' : 'no';
    case 'nullable':
    case 'refined':
      return said(spec.inner, value);
    case 'list':
      return (value as unknown[]).map((one) => said(spec.of, one)).join(', ') || 'none';
    case 'record':
      return inRecord(spec.fields, value as Record<string, unknown>);
    case 'union': {
      const variant = spec.variants[String((value as Record<string, unknown>)[spec.tag])];
      return variant ? inRecord(variant.fields, value as Record<string, unknown>) : '';
    }
  }
}

const inRecord = (fields: Readonly<Record<string, Spec>>, value: Record<string, unknown>): string =>
  Object.entries(fields)
    .filter(([key]) => value[key] !== null && value[key] !== '')
    .map(([key, spec]) => said(spec, value[key]))
    .join(' ');
