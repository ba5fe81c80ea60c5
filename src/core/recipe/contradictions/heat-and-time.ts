import { formatNumber } from '../../format';
import type { Answer, Contradiction, RecipeDraft, RecipeStep } from '../recipe';
import type { TemperatureSaid } from '../temperatures';

/** How far two scales may differ before they say different things, °C: oven settings are rounded, sugar is not. */
const ovenC = 12.5;
const elsewhereC = 3.5;
const gasC = 11;

const shown = ({ celsius, as, words }: TemperatureSaid) =>
  as === 'C'
    ? `${formatNumber(celsius)} °C`
    : as === 'fan'
      ? `fan ${formatNumber(celsius)} °C`
      : `${words.replace(/[()]/g, '')} (${formatNumber(Math.round(celsius))} °C)`;

/** “200 °C / 350 °F / gas 6”: scales that stand together and do not agree. */
export function scalesAgree({ steps }: RecipeDraft): Contradiction[] {
  return steps.flatMap((step, s) => {
    for (const group of together(step)) {
      const odd = oddOnes(
        group,
        /\b(?:oven|bake|baking|roast|gas)\b/i.test(step.text) ||
          group.some((one) => one.as === 'gas' || one.as === 'fan'),
      );
      if (!odd) continue;
      const answers: Answer[] = distinct(group).map((celsius) => ({
        label: `${formatNumber(Math.round(celsius))} °C`,
        does: 'celsius',
        step: s,
        celsius: Math.round(celsius),
      }));
      return [
        {
          kind: 'temperature' as const,
          lines: [step.line],
          text: `${group.map((one) => one.words.replace(/[()]/g, '').trim()).join(', ')}: ${odd.map(shown).join(' and ')} ${group.length > 2 && odd.length === 1 ? 'does not go with the others' : 'are not the same'}.`,
          working: group.map(shown),
          answers,
        },
      ];
    }
    return [];
  });
}

/** Temperatures with nothing but marks and brackets between them: one setting said several times. */
function together({ temperatures, text }: RecipeStep): TemperatureSaid[][] {
  const groups: TemperatureSaid[][] = [];
  for (const one of temperatures) {
    const group = groups.at(-1);
    const gap = group ? text.slice(group.at(-1)!.to, one.from) : '';
    if (
      group &&
      /^[\s,;/()|=-]*(?:(?:or|oder|ou|in a|oven|for a|if using a|that is|about)[\s,;/()|=-]*)?(?:(?:or|oven)[\s,;/()|=-]*)?$/i.test(
        gap,
      ) &&
      gap.length <= 16
    )
      group.push(one);
    else groups.push([one]);
  }
  return groups.filter((group) => group.length > 1);
}

/** A setting as a conventional oven has it; a fan oven is set 15 to 25 °C lower. */
const bounds = (one: TemperatureSaid, oven: boolean): [number, number] => {
  const high = one.high ?? one.celsius;
  if (one.as === 'fan') return [one.celsius + 7, high + 33];
  const slack = one.as === 'gas' ? gasC / 2 : (oven ? ovenC : elsewhereC) / 2;
  return [one.celsius - slack, high + slack];
};

function oddOnes(group: readonly TemperatureSaid[], oven: boolean): TemperatureSaid[] | null {
  const meet = (a: TemperatureSaid, b: TemperatureSaid) => {
    const [[lowA, highA], [lowB, highB]] = [bounds(a, oven), bounds(b, oven)];
    return lowA <= highB && lowB <= highA;
  };
  const against = group.map((one) => group.filter((other) => other !== one && !meet(one, other)).length);
  const most = Math.max(...against);
  if (most === 0) return null;
  const odd = group.filter((_, i) => against[i] === most);
  return odd.length === group.length || odd.length > 1 ? [...group] : odd;
}

/** The settings that are said, as a conventional oven has them, the one most agree on first. */
function distinct(group: readonly TemperatureSaid[]): number[] {
  const values = group.map((one) => (one.as === 'fan' ? one.celsius + 20 : one.celsius));
  const votes = (value: number) => values.filter((other) => Math.abs(other - value) <= ovenC).length;
  return [...new Set(values)]
    .sort((a, b) => votes(b) - votes(a))
    .filter((value, i, list) => list.findIndex((other) => Math.abs(other - value) <= ovenC) === i);
}

const turned = /\b(?:turn|reduce|lower|increase|raise|drop|down|up to|then at|switch)\b/i;
const baking = /\b(?:bake|roast|cook|oven)\b/i;

/** The oven is heated to one temperature and the baking is at another, and nobody turns it. */
export function ovenIsWhatItWasHeatedTo({ steps }: RecipeDraft): Contradiction[] {
  const heated = steps.findIndex(
    (step) =>
      /\b(?:pre-?heat|heat)\b[^.]*\boven\b|\boven\b[^.]*\b(?:to|on at)\b/i.test(step.text) &&
      step.celsius !== null &&
      step.minutesLow === null,
  );
  if (heated < 0) return [];
  const before = steps[heated]!;
  // “bake to a wobble (78 °C)” in an oven of 150 °C: what the food shows.
  const ofTheFood = (celsius: number) => celsius <= 100 && before.celsius! >= 130;
  const later = steps
    .slice(heated + 1)
    .filter((step) => baking.test(step.text) && step.celsius !== null && !ofTheFood(step.celsius));
  if (later.length !== 1 || steps.some((step) => turned.test(step.text) && step.temperatures.length > 0))
    return [];
  const step = later[0]!;
  const fans = [before, step].map((one) => one.temperatures.every((said) => said.as === 'fan'));
  const offset = fans[0] === fans[1] ? 0 : 20;
  const difference = Math.abs(before.celsius! - step.celsius!);
  if (Math.abs(difference - offset) <= ovenC || difference <= ovenC) return [];
  if (!/\b(?:bake|roast|oven)\b/i.test(step.text)) return [];
  const s = steps.indexOf(step);
  return [
    {
      kind: 'temperature',
      lines: [before.line, step.line],
      text: `The oven is heated to ${formatNumber(before.celsius!)} °C, but the baking is at ${formatNumber(step.celsius!)} °C.`,
      working: [
        `heated to ${formatNumber(before.celsius!)} °C`,
        `baked at ${formatNumber(step.celsius!)} °C`,
      ],
      answers: [
        { label: `${formatNumber(step.celsius!)} °C`, does: 'celsius', step: heated, celsius: step.celsius! },
        { label: `${formatNumber(before.celsius!)} °C`, does: 'celsius', step: s, celsius: before.celsius! },
      ],
    },
  ];
}

const minutesWords = (minutes: number) =>
  minutes >= 120 && minutes % 60 === 0 ? `${formatNumber(minutes / 60)} h` : `${formatNumber(minutes)} min`;

/** One step’s time said twice: “2 hours (90 minutes)”. */
export function stepsSayOneTime({ steps }: RecipeDraft): Contradiction[] {
  return steps.flatMap((step, s) =>
    step.times.flatMap((said, i) => {
      const before = step.times[i - 1];
      if (!said.again || !before) return [];
      if (said.low <= (before.high ?? before.low) * 1.02 && before.low <= (said.high ?? said.low) * 1.02)
        return [];
      return [
        {
          kind: 'time' as const,
          lines: [step.line],
          text: `${step.text.slice(before.from, before.to).trim()} is ${minutesWords(before.low)}, not ${minutesWords(said.low)}.`,
          working: [`${minutesWords(before.low)} and ${minutesWords(said.low)} for the same step`],
          answers: [before.low, said.low].map((minutes) => ({
            label: minutesWords(minutes),
            does: 'minutes' as const,
            step: s,
            minutes,
          })),
        },
      ];
    }),
  );
}

const cooking = /\b(?:bake|baking|roast|simmer|boil|cook|fry|grill|poach|steam|stew|braise)\b/i;

/** A head that says less time than one step takes: “Cook: 20 minutes” over “simmer for 45 minutes”. */
export function stepsFitTheTimesTold({ steps, told }: RecipeDraft): Contradiction[] {
  return told.flatMap(({ what, minutes, line }) => {
    const own = steps
      .map((step, s) => ({ step, s }))
      .filter(
        ({ step }) =>
          step.minutesLow !== null && (what === 'total' || (what === 'cook' && cooking.test(step.text))),
      );
    const longest = own.toSorted((a, b) => b.step.minutesLow! - a.step.minutesLow!)[0];
    const timed = own.map(({ step }) => step.minutesHigh ?? step.minutesLow!);
    const sum = timed.reduce((a, b) => a + b, 0);
    const over = longest !== undefined && longest.step.minutesLow! > minutes * 1.15;
    // One step of cooking alone, and far shorter than the head says.
    const under = what === 'cook' && own.length >= 1 && sum * 1.9 < minutes;
    if (!over && !under) return [];
    const { step, s } = longest!;
    return [
      {
        kind: 'time' as const,
        lines: [line, step.line],
        text: `The head says ${minutesWords(minutes)}${what === 'total' ? ' in all' : ' of cooking'}, but ${over ? `one step alone takes ${minutesWords(step.minutesLow!)}` : `the steps come to ${minutesWords(sum)}`}.`,
        working: [`head: ${minutesWords(minutes)}`, `step: ${minutesWords(step.minutesLow!)}`],
        answers: [
          { label: `the step: ${minutesWords(step.minutesLow!)}`, does: 'leave' },
          { label: `the head: ${minutesWords(minutes)}`, does: 'minutes', step: s, minutes },
        ],
      },
    ];
  });
}

/** A look that comes after the end, and a wait that is said to be another: “when the 30 minutes are up”. */
export function laterWordsAgree({ steps }: RecipeDraft): Contradiction[] {
  return steps.flatMap((step, s) => {
    const up =
      /\b(?:when|once|after) (?:the|these|those|its) (\d{1,3}) (minutes?|mins?|hours?|hrs?)(?: are up| is up| are over| have passed|,)/i.exec(
        step.text,
      );
    if (!up) return [];
    const minutes = Number(up[1]) * (/^h/i.test(up[2]!) ? 60 : 1);
    const before = steps.slice(0, s).findLast((one) => one.minutesLow !== null);
    if (!before) return [];
    const high = before.minutesHigh ?? before.minutesLow!;
    if (minutes >= before.minutesLow! * 0.98 && minutes <= high * 1.02) return [];
    return [
      {
        kind: 'time' as const,
        lines: [before.line, step.line],
        text: `It takes ${minutesWords(before.minutesLow!)}, but then “${up[0].replace(/,$/, '')}”.`,
        working: [`step: ${minutesWords(before.minutesLow!)}`, `said after it: ${minutesWords(minutes)}`],
        answers: [before.minutesLow!, minutes].map((one) => ({
          label: minutesWords(one),
          does: 'minutes' as const,
          step: steps.indexOf(before),
          minutes: one,
        })),
      },
    ];
  });
}
