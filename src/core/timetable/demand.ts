import { readStep, type Step } from '../practical';

type Shared = Step['needs'][number]['resource'];

/** What a step takes of the room while it lasts, as it is said or as its words have it. */
export interface Demand {
  /** Things shared, with how many; ovens stand apart. */
  things: { resource: Exclude<Shared, 'oven'>; count: number }[];
  oven: { places: number; profile: { fromMin: number; celsius: number }[]; shut: boolean } | null;
}

const bakes =
  /\b(?:bak(?:e|es|ing)|roast(?:s|ing)?)\b(?! (?:sheet|tray|paper|powder|soda|tin|beans|parchment))/i;
const putsIn = /\b(?:in|into|to) (?:the|a|an) (?:[a-z]+ ){0,2}oven\b/i;
const heats =
  /\b(?:pre-?heat|heat|turn on|switch on|light|warm|set)\b[^.;]{0,40}\bovens?\b|\bovens?\b[^.;]{0,12}\bon\b/i;
const onHob =
  /\b(?:boil(?:s|ing)?|simmer(?:s|ing)?|fry|fries|frying|poach(?:es|ing)?|saut[eé]|saucepan|frying pan|griddle|hob|(?:low|medium|high|gentle) heat)\b/i;
const notOnHob = /\b(?:boiling water|off the (?:heat|hob)|take (?:it|the pan) off|microwave|kettle)\b/i;

/** Whether a step only gets an oven hot. */
export const heatsOven = ({ text }: Pick<Step, 'text'>): boolean =>
  heats.test(text) && !bakes.test(text) && !/\breheat/i.test(text);

/** Whether something stands in an oven during a step. */
export function isInOven(step: Pick<Step, 'text' | 'needs' | 'settings' | 'hands'>): boolean {
  if (heatsOven(step)) return false;
  if (step.needs.some(({ resource }) => resource === 'oven')) return true;
  if (bakes.test(step.text)) return true;
  const set = step.settings.some(({ what }) => what === 'oven');
  return step.hands === 'waiting' && (set || putsIn.test(step.text));
}

/**
 * What a step takes. The temperature of an oven is its own setting, else that of the oven it needs, else what its sentence
 * says, else the last one said before it.
 *
 * @param before steps of the same station before it, in order
 */
export function demandOf(step: Step, before: readonly Step[]): Demand {
  const things = step.needs.flatMap(({ resource, count }) =>
    resource === 'oven' ? [] : [{ resource, count }],
  );
  const named = new Set(things.map(({ resource }) => resource));
  if (step.thermometerId !== null && !named.has('thermometer')) {
    things.push({ resource: 'thermometer', count: 1 });
  }
  const inOven = isInOven(step);
  const hot = onHob.test(step.text) && !notOnHob.test(step.text);
  const set = step.settings.some(({ what }) => what === 'hob');
  if (!inOven && (hot || set) && !named.has('hob') && !named.has('microwave') && !named.has('kettle')) {
    things.push({ resource: 'hob', count: 1 });
  }
  // Where weighing is what the step is about; one that also weighs is at the balance for a moment only.
  if (/^\s*weigh\b/i.test(step.text) && !named.has('balance')) {
    things.push({ resource: 'balance', count: 1 });
  }
  const profile = inOven ? profileOf(step, before) : [];
  return {
    things,
    oven: inOven
      ? {
          places: step.needs.find(({ resource }) => resource === 'oven')?.count ?? 1,
          profile,
          shut: step.door === 'shut',
        }
      : null,
  };
}

/** °C a step sets an oven to or is in one at, as far as it says so itself; null: it does not. */
export const ovenCelsius = (step: Step): number | null => profileOf(step, [])[0]?.celsius ?? null;

function profileOf(step: Step, before: readonly Step[]): { fromMin: number; celsius: number }[] {
  const own = ovenSettings(step);
  if (own.length > 0) return [{ ...own[0]!, fromMin: 0 }, ...own.slice(1)];
  const needed = step.needs.find(({ resource }) => resource === 'oven')?.celsius ?? null;
  if (needed !== null) return [{ fromMin: 0, celsius: needed }];
  for (const earlier of [...before].reverse()) {
    const last = ovenSettings(earlier).pop();
    if (last) return [{ fromMin: 0, celsius: last.celsius }];
  }
  return [];
}

/** Oven temperatures a step is set to, or says, by the minute from which they hold. */
function ovenSettings({ settings, text, needs }: Step): { fromMin: number; celsius: number }[] {
  const of = (all: Step['settings']) =>
    all
      .flatMap(({ what, celsius, from }) =>
        what === 'oven' && celsius !== null ? [{ fromMin: from, celsius }] : [],
      )
      .sort((a, b) => a.fromMin - b.fromMin);
  const set = of(settings);
  if (set.length > 0) return set;
  const said = of(readStep(text).settings ?? []);
  if (said.length > 0) return said;
  const needed = heats.test(text) ? needs.find(({ resource }) => resource === 'oven')?.celsius : null;
  return needed === null || needed === undefined ? [] : [{ fromMin: 0, celsius: needed }];
}
