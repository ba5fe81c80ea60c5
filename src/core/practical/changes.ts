import { formatNumber } from '../format';
import { levelLabel } from './levels';
import type { Plan } from './plan';

/** One difference between two revisions, in words. */
export interface Change {
  section: 'Question' | 'Fair test' | 'Formula' | 'Method' | 'Time' | 'Student questions' | 'Remarks';
  what: string;
}

const quote = (text: string) =>
  text === '' ? 'empty' : `“${text.length > 60 ? `${text.slice(0, 57)}…` : text}”`;

/** What changed from one revision of a plan to another, in the order of the sheet. */
export function changesBetween(before: Plan, after: Plan): Change[] {
  const changes: Change[] = [];
  const add = (section: Change['section'], what: string) => changes.push({ section, what });
  const value = (section: Change['section'], name: string, from: string, to: string) => {
    if (from !== to) add(section, `${name}: ${from} → ${to}`);
  };

  for (const key of ['title', 'question', 'prediction', 'reason'] as const) {
    value('Question', key, quote(before[key]), quote(after[key]));
  }
  value('Fair test', 'what changes', quote(before.factor.name), quote(after.factor.name));
  value('Fair test', 'levels', levelWords(before), levelWords(after));
  listChanges(
    before.responses,
    after.responses,
    (one) => one.name,
    (what) => add('Fair test', `measured: ${what}`),
  );
  listChanges(
    before.held,
    after.held,
    (one) => one.what,
    (what) => add('Fair test', `kept: ${what}`),
  );
  listChanges(
    before.noted,
    after.noted,
    (one) => one.what,
    (what) => add('Fair test', `noted: ${what}`),
  );
  value('Fair test', 'thermometer', thermometerWords(before), thermometerWords(after));
  value('Fair test', 'stations', String(before.stations), String(after.stations));
  value('Fair test', 'order', before.order, after.order);
  value('Fair test', 'room', before.roomId ?? 'none', after.roomId ?? 'none');
  listChanges(
    before.formula,
    after.formula,
    (one) => `${one.amount === null ? 'some' : formatNumber(one.amount)} ${one.unit} ${one.name}`,
    (what) => add('Formula', what),
  );
  listChanges(
    before.steps,
    after.steps,
    (one) => one.text,
    (what) => add('Method', what),
  );
  value('Time', 'period', `${before.periodMinutes} min`, `${after.periodMinutes} min`);
  value('Time', 'briefing', `${before.briefingMinutes} min`, `${after.briefingMinutes} min`);
  value('Time', 'clearing up', `${before.clearUpMinutes} min`, `${after.clearUpMinutes} min`);
  value(
    'Student questions',
    'questions',
    before.studentQuestions.join(' / '),
    after.studentQuestions.join(' / '),
  );
  value('Remarks', 'set aside', String(before.dismissed.length), String(after.dismissed.length));
  return changes;
}

const levelWords = (plan: Plan) =>
  plan.factor.levels
    .map((level) => levelLabel(plan.factor, level) + (level.control ? ' (control)' : ''))
    .join(', ') || 'none';

const thermometerWords = ({ thermometer }: Plan) =>
  thermometer.in === 'none'
    ? 'none'
    : `in ${thermometer.in}, ${formatNumber(thermometer.smallestDivisionC)} °C`;

function listChanges<T extends { id: string }>(
  before: readonly T[],
  after: readonly T[],
  name: (item: T) => string,
  tell: (what: string) => void,
) {
  const old = new Map(before.map((item) => [item.id, item]));
  const kept = new Set(after.map((item) => item.id));
  for (const item of before) if (!kept.has(item.id)) tell(`${quote(name(item))} removed`);
  for (const item of after) {
    const was = old.get(item.id);
    if (!was) tell(`${quote(name(item))} added`);
    else if (JSON.stringify(was) !== JSON.stringify(item)) {
      tell(
        name(was) === name(item)
          ? `${quote(name(item))} edited`
          : `${quote(name(was))} → ${quote(name(item))}`,
      );
    }
  }
  const shared = after.filter((item) => old.has(item.id)).map((item) => item.id);
  const sharedBefore = before.filter((item) => kept.has(item.id)).map((item) => item.id);
  if (shared.join() !== sharedBefore.join()) tell('put in another order');
}
