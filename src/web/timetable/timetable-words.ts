import { formatNumber } from '../../core/format';
import type { Plan } from '../../core/practical';
import { equipmentWords } from '../../core/room';
import type { LessonTimetable, Odds, SharedKind } from '../../core/timetable';

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

/** A line of the plain table: a step, and which stations do it when. */
export interface StepTimes {
  id: string;
  number: number;
  words: string;
  /** Stations that begin together: “1–6”, and from when to when. */
  turns: { numbers: number[]; stations: string; startMin: number; endMin: number }[];
}

/** The timetable as a table: for each step of the lesson, when who does it. */
export function stepTimes(plan: Plan, { bars }: LessonTimetable): StepTimes[] {
  return plan.steps.flatMap((step, i): StepTimes[] => {
    const own = bars.filter(({ stepId, kind }) => stepId === step.id && kind === 'step');
    if (own.length === 0) return [];
    const turns = new Map<string, { startMin: number; endMin: number; numbers: number[] }>();
    for (const { startMin, endMin, lane } of own) {
      const key = `${startMin}–${endMin}`;
      const turn = turns.get(key) ?? { startMin, endMin, numbers: [] };
      if (lane.kind === 'station') turn.numbers.push(lane.number);
      turns.set(key, turn);
    }
    return [
      {
        id: step.id,
        number: i + 1,
        words: step.text,
        turns: [...turns.values()]
          .sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin)
          .map((turn) => ({ ...turn, stations: rangesOf(turn.numbers) })),
      },
    ];
  });
}

/** “1–4, 7”; empty: all of them, or the teacher. */
function rangesOf(numbers: readonly number[]): string {
  const sorted = [...numbers].sort((a, b) => a - b);
  const ranges: [number, number][] = [];
  for (const number of sorted) {
    const last = ranges[ranges.length - 1];
    if (last && number === last[1] + 1) last[1] = number;
    else ranges.push([number, number]);
  }
  return ranges
    .map(([from, to]) => (from === to ? String(from) : to === from + 1 ? `${from}, ${to}` : `${from}–${to}`))
    .join(', ');
}
