import { formatNumber } from '../../core/format';
import type { Plan } from '../../core/practical';
import { equipmentWords } from '../../core/room';
import type { LessonTimetable, Odds, SharedKind } from '../../core/timetable';

/** A minute of a drawing. */
export const sayMinutes = (minute: number): string => `${formatNumber(Math.round(minute * 10) / 10)} min`;

const minutes = (value: number) => `${formatNumber(Math.round(value * 2) / 2)} min`;

/** Whether it fits, in one sentence: likely, and where every range goes long. */
export function verdictWords({ endsMin, slowEndsMin }: LessonTimetable, bellMin: number): string {
  const spare = bellMin - endsMin;
  const likely =
    spare >= 0
      ? `All have cleared up at ${minutes(endsMin)}: ${minutes(spare)} to spare.`
      : `The last have cleared up at ${minutes(endsMin)}: ${minutes(-spare)} over the bell.`;
  if (slowEndsMin <= endsMin) return likely;
  const late = slowEndsMin - bellMin;
  return `${likely} With every range at its upper end: ${minutes(slowEndsMin)}, ${late > 0 ? `${minutes(late)} over` : `${minutes(-late)} to spare`}.`;
}

/** What is shared, by its name: “thermometers”, “teacher”. */
export const sharedName = (kind: SharedKind): string =>
  kind === 'hands' || kind === 'teacher' ? kind : equipmentWords[kind].many;

/** How sure that is, in words. */
export function oddsWords(plan: Plan, odds: Odds): string[] {
  const hundred = Math.round(100 * odds.chance);
  const often =
    odds.chance > 0.995
      ? 'Practically every such lesson ends'
      : odds.chance < 0.005
        ? 'Hardly any such lesson ends'
        : `${hundred} of 100 such lessons end`;
  const told = [
    `${often} by the bell; nine in ten end between ${Math.round(odds.ends.p5)} and ${Math.round(odds.ends.p95)} min.`,
  ];
  const [queue] = odds.queues;
  if (queue && queue.minutes >= 0.5) {
    told.push(`A station waits ${minutes(queue.minutes)} for the ${sharedName(queue.kind)}.`);
  }
  const [hold] = odds.holds;
  const number = plan.steps.findIndex(({ id }) => id === hold?.stepId) + 1;
  if (hold && number > 0 && odds.chance < 0.95) {
    told.push(
      `Minutes saved in step ${number} buy most: ${minutes(hold.minutes)} of the way to the last end.`,
    );
  }
  return told;
}
