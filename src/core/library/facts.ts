import { phenomenaIn, phenomenonCalled } from '../phenomena';
import type { Plan } from '../practical';
import { certainlyOver } from '../timetable';
import { techniquesIn } from '../techniques';

/** Raised whenever the same plan gives other facts or another text than before: what is kept of plans is made anew. */
export const factsVersion = 2;

/** What a practical is found by besides its words. */
export interface LibraryFacts {
  phenomena: string[];
  equipment: string[];
  tags: string[];
  /** From bell to bell, min. */
  minutes: number;
  /** Whether it is certain that the lesson goes on beyond the bell, whatever the room. */
  over: boolean;
  stations: number;
  /** How many days it reaches over, the lesson’s own one of them. */
  days: number;
  changes: string[];
  measures: string[];
}

/** Tools that a sentence names (common practice); what a step needs by itself is added. */
const tools: readonly (readonly [string, RegExp])[] = [
  ['oven', /\bovens?\b|\bbak(?:e|ed|ing)\b(?! (?:powder|soda|paper|parchment))|\broast/i],
  ['hob', /\bhobs?\b|\bsimmer|\bboil|\bfr(?:y|ied|ying)\b|\bsauce ?pans?\b/i],
  ['microwave', /\bmicrowave/i],
  ['mixer', /\bmixers?\b|\bblenders?\b|\bfood processor|\belectric whisk/i],
  ['refrigerator', /\brefrigerat|\bfridge|\bchill(?:ed|ing)?\b/i],
  ['freezer', /\bfreez/i],
  ['thermometer', /\bthermometers?\b|\bprobe\b/i],
  ['balance', /\bbalances?\b|\bweigh\b|\bscales?\b/i],
  ['measuring cylinder', /\bmeasuring cylinders?\b/i],
  ['refractometer', /\brefractometer|°\s?brix/i],
  ['pH strips or meter', /\bpH\b/],
  ['camera', /\bphotos?\b|\bcamera\b/i],
  ['colour card', /\bcolour card|\bcolor card/i],
  ['spring balance', /\bspring balance|\bnewton ?meter/i],
  ['stopwatch', /\bstop ?watch|\btimer\b/i],
  ['ruler', /\brulers?\b|\bmetre rule/i],
];

/** What a plan is found by. */
export function libraryFacts(plan: Plan): LibraryFacts {
  const { asked, onTheWay } = phenomenaIn(plan);
  const words = [
    ...plan.steps.map((step) => step.text),
    ...plan.responses.map((one) => `${one.instrument} ${one.unit}`),
    ...plan.held.map((held) => held.how),
  ].join('\n');
  const needed = plan.steps.flatMap((step) => [
    ...step.needs.map((need) => need.resource as string),
    ...step.settings.flatMap(({ what }) => (what === 'oven' || what === 'hob' ? [what as string] : [])),
  ]);
  const named = tools.filter(([, pattern]) => pattern.test(words)).map(([name]) => name);
  const read = plan.thermometers.length > 0 ? ['thermometer'] : [];
  const days = plan.steps.map((step) => step.day);
  return {
    phenomena: (asked.length > 0 ? asked : onTheWay).map((id) => phenomenonCalled(id).name),
    equipment: [...new Set([...needed, ...named, ...read])].sort(),
    tags: [...plan.tags],
    minutes: plan.periodMinutes,
    over: certainlyOver(plan),
    stations: plan.stations,
    days: 1 + Math.max(0, ...days) - Math.min(0, ...days),
    changes: plan.factors.flatMap(({ name }) => (name.trim() === '' ? [] : [name])),
    measures: plan.responses.flatMap(({ name, formula }) => (formula === '' ? [name] : [])),
  };
}

/** The words of a plan by which it is searched, in the columns of the index. */
export interface LibraryText {
  title: string;
  question: string;
  formula: string;
  method: string;
  other: string;
}

export function libraryText(plan: Plan, facts = libraryFacts(plan)): LibraryText {
  return {
    title: plan.title,
    question: [plan.question, plan.prediction, plan.reason].join('\n'),
    formula: plan.formula
      .map((line) => [line.name, line.job, line.note].filter(Boolean).join(', '))
      .join('\n'),
    method: plan.steps.map((step) => [step.text, step.why, step.event].filter(Boolean).join(' ')).join('\n'),
    other: [
      ...facts.phenomena,
      ...facts.equipment,
      ...plan.tags,
      ...plan.factors.flatMap(({ name, levels }) => [name, ...levels.map((level) => level.words)]),
      ...plan.responses.flatMap(({ name, instrument }) => [name, instrument]),
      ...plan.held.map(({ what }) => what),
      ...plan.aims,
      ...plan.keyWords.map(({ word }) => word),
      ...plan.studentQuestions,
      plan.nextTime,
      ...[...new Set(plan.steps.flatMap((step) => techniquesIn(step.text).map(({ name }) => name)))],
    ]
      .filter(Boolean)
      .join('\n'),
  };
}
