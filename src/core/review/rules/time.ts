import { counted, formatNumber } from '../../format';
import { stepMinutes, temperatureEnd, type Plan } from '../../practical';
import { workingOf } from '../../working';
import type { Rule } from '../plan-remark';

/** A step of the lesson whose length neither it nor its level says. */
const isUntimed = (plan: Plan, step: Plan['steps'][number]) =>
  step.when === 'lesson' &&
  step.minutes === null &&
  !plan.factors.some(({ acts }) => acts.on === 'minutes' && acts.stepId === step.id);

const half = (minutes: number) => formatNumber(Math.round(minutes * 2) / 2);

/** The bell decides, and the timetable says when it ends: until that is laid out nothing is said. */
export const methodFitsThePeriod: Rule = ({ plan, laid }) => {
  if (!laid || plan.steps.length === 0) return [];
  if (laid.endsMin === null)
    return [
      {
        id: 'period-impossible',
        rank: 'stop',
        at: { section: 'time' },
        what: 'No timetable can hold',
        why: laid.impossible,
        working: workingOf([laid.impossible]),
      },
    ];
  const spare = plan.periodMinutes - laid.endsMin;
  const working = workingOf([
    { text: 'the last have cleared up, by the timetable', value: laid.endsMin, unit: 'min' },
    { text: 'from bell to bell', value: plan.periodMinutes, unit: 'min' },
    { text: spare >= 0 ? 'to spare' : 'over', value: Math.abs(spare), unit: 'min' },
  ]);
  if (spare >= 0) {
    if (spare > 5 || plan.steps.some((step) => isUntimed(plan, step))) return [];
    return [
      {
        id: 'period-tight',
        rank: 'note',
        at: { section: 'time' },
        what: `The lesson fits with ${spare === 0 ? 'nothing' : `${half(spare)} min`} to spare`,
        why: 'One late pan and the bell finds you at the sink.',
        working,
      },
    ];
  }
  const movable = plan.steps.findLast(
    (step) => step.when === 'lesson' && step.hands === 'waiting' && (stepMinutes(step)?.most ?? 0) >= -spare,
  );
  const isLast = movable && plan.steps.filter((step) => step.when === 'lesson').at(-1)?.id === movable.id;
  return [
    {
      id: 'period-over',
      rank: 'stop',
      at: { section: 'time' },
      what: `${half(-spare)} min over the bell`,
      why: 'The lesson ends with hot pans on the bench. Shorten a step, do one before the lesson, or measure after it.',
      working,
      ...(isLast && {
        remedy: {
          label: 'let the last wait happen after the lesson',
          apply: (was: Plan): Plan => ({
            ...was,
            steps: was.steps.map((step) => (step.id === movable.id ? { ...step, when: 'after' } : step)),
          }),
        },
      }),
    },
  ];
};

/** A step whose length nobody has said. */
export const stepsHaveMinutes: Rule = ({ plan }) => {
  const open = plan.steps.filter((step) => isUntimed(plan, step));
  const first = open[0];
  if (!first) return [];
  return [
    {
      id: 'minutes-missing',
      rank: 'check',
      at: { section: 'method', item: first.id },
      what:
        open.length === 1
          ? 'How long does this step take?'
          : `${counted(open.length, 'step')} without minutes`,
      why: 'Without them nobody can say whether the lesson fits.',
      working: workingOf(open.map((step) => `minutes empty: ${step.text}`)),
    },
  ];
};

/** An early look that comes after the end. */
export const looksComeEarly: Rule = ({ plan }) =>
  plan.steps
    .filter((step) => step.lookAt !== null && step.minutes !== null && step.lookAt >= step.minutes)
    .map((step) => {
      const early = Math.max(1, Math.round((step.minutes ?? 0) * 0.75));
      return {
        id: `look-too-late:${step.id}`,
        rank: 'check' as const,
        at: { section: 'method' as const, item: step.id },
        what: `Look at ${step.lookAt} min in a step of ${step.minutes} min`,
        why: 'An early look is there to catch it before it has gone too far.',
        working: workingOf([
          { text: 'look at', value: step.lookAt ?? 0, unit: 'min' },
          { text: 'step ends at', value: step.minutes ?? 0, unit: 'min' },
          { text: 'three quarters of the step', value: early, unit: 'min' },
        ]),
        ...(early < (step.minutes ?? 0) && {
          remedy: {
            label: `look at ${early} min`,
            apply: (was: Plan): Plan => ({
              ...was,
              steps: was.steps.map((one) => (one.id === step.id ? { ...one, lookAt: early } : one)),
            }),
          },
        }),
      };
    });

/** A window that closes before it opens, or opens when the step is over, is never called. */
export const windowsCanOpen: Rule = ({ plan }) =>
  plan.steps.flatMap((step) =>
    step.windows.flatMap(({ words, from, until }, i) => {
      const length = stepMinutes(step)?.most ?? null;
      const turned = from !== null && until !== null && until <= from;
      const late = from !== null && length !== null && from > length;
      if (!turned && !late) return [];
      return [
        {
          id: `window-never:${step.id}:${i}`,
          rank: 'check' as const,
          at: { section: 'method' as const, item: step.id },
          what: turned
            ? `The time to ${words} ends before it begins`
            : `The time to ${words} begins after the step`,
          why: 'The board calls it from its first minute to its last: so it would never be called.',
          working: workingOf([
            { text: 'from', value: from, unit: 'min' },
            ...(until === null ? [] : [{ text: 'until', value: until, unit: 'min' }]),
            ...(length === null ? [] : [{ text: 'step ends at', value: length, unit: 'min' }]),
          ]),
          ...(turned &&
            until < from && {
              remedy: {
                label: `from ${formatNumber(until)} until ${formatNumber(from)} min`,
                apply: (was: Plan): Plan => ({
                  ...was,
                  steps: was.steps.map((one) =>
                    one.id === step.id
                      ? {
                          ...one,
                          windows: one.windows.map((window, at) =>
                            at === i ? { ...window, from: until, until: from } : window,
                          ),
                        }
                      : one,
                  ),
                }),
              },
            }),
        },
      ];
    }),
  );

/** A factor of end temperatures that no step ends at. */
export const levelsAreUsed: Rule = ({ plan }) =>
  plan.factors.flatMap((factor) => {
    const { acts } = factor;
    if (acts.on !== 'end-temperature' || factor.levels.length === 0 || plan.steps.length === 0) return [];
    if (plan.steps.some((step) => step.id === acts.stepId)) return [];
    const waiting = plan.steps.find((step) => temperatureEnd(step));
    return [
      {
        id: 'levels-unused',
        rank: 'check' as const,
        at: { section: 'method' as const, ...(waiting && { item: waiting.id }) },
        what: 'No step ends at the station’s own level',
        why: 'The stations differ in a temperature, but the method tells them all the same.',
        working: workingOf(['steps that end at the level', { text: 'found', value: 0 }]),
        ...(waiting && {
          remedy: {
            label: 'end that step at the level',
            apply: (was: Plan): Plan => ({
              ...was,
              factors: was.factors.map((one) =>
                one.id === factor.id ? { ...one, acts: { on: 'end-temperature', stepId: waiting.id } } : one,
              ),
              steps: was.steps.map((step) =>
                step.id === waiting.id
                  ? {
                      ...step,
                      ends: step.ends.map((end) =>
                        end.kind === 'temperature' ? { ...end, celsius: null } : end,
                      ),
                    }
                  : step,
              ),
            }),
          },
        }),
      },
    ];
  });
