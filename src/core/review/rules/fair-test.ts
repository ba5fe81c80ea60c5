import { counted } from '../../format';
import {
  factorsWithLevels,
  levelLabel,
  levelsInOrder,
  treatmentsOf,
  type Factor,
  type Plan,
} from '../../practical';
import { workingOf } from '../../working';
import type { Rule } from '../plan-remark';

/** The id of a finding about a factor: the first keeps the plain one, so that what was set aside stays so. */
const about = (plan: Plan, factor: Factor, id: string) =>
  plan.factors[0]?.id === factor.id ? id : `${id}:${factor.id}`;
const at = (plan: Plan, factor: Factor) => ({
  section: 'fair-test' as const,
  ...(plan.factors.length > 1 && { item: factor.id }),
});

const withFactor = (plan: Plan, id: string, change: (was: Factor) => Factor): Plan => ({
  ...plan,
  factors: plan.factors.map((factor) => (factor.id === id ? change(factor) : factor)),
});

/** Something must change, and between at least two settings. */
export const levelsAreEnough: Rule = ({ plan }) => {
  const factors = plan.factors.filter((factor) => factor.levels.length < 2);
  const short = plan.factors.length === 0 ? [null] : factors;
  return short.map((factor) => {
    const count = factor?.levels.length ?? 0;
    const name = factor?.name && plan.factors.length > 1 ? ` of ${factor.name}` : '';
    return {
      id: factor ? about(plan, factor, 'levels-too-few') : 'levels-too-few',
      rank: 'check' as const,
      at: factor ? at(plan, factor) : { section: 'fair-test' as const },
      what: count === 0 ? (name ? `No level${name} yet` : 'Nothing changes yet') : `Only one level${name}`,
      why: 'A comparison needs at least two settings of what you change; four show a trend.',
      working: workingOf([{ text: 'levels', value: count }]),
    };
  });
};

/** One level is the one the others are compared with. */
export const controlIsNamed: Rule = ({ plan }) =>
  plan.factors
    .filter(({ levels }) => levels.length >= 2 && !levels.some((level) => level.control))
    .map((factor) => {
      const first = levelsInOrder(factor)[0]!;
      return {
        id: about(plan, factor, 'control-missing'),
        rank: 'check' as const,
        at: at(plan, factor),
        what:
          plan.factors.length > 1
            ? `No level of ${factor.name || 'one factor'} is the control`
            : 'No level is the control',
        why: 'Results compare each level with the control: the untreated one, or the usual one.',
        working: workingOf([
          { text: 'levels', value: factor.levels.length },
          { text: 'marked as control', value: 0 },
        ]),
        remedy: {
          label: `make ${levelLabel(plan, factor, first)} the control`,
          apply: (was: Plan) =>
            withFactor(was, factor.id, (one) => ({
              ...one,
              levels: one.levels.map((level) => ({ ...level, control: level.id === first.id })),
            })),
        },
      };
    });

/** One station a treatment shows no spread: a difference could be the station. */
export const replicatesAreEnough: Rule = ({ plan, place }) => {
  const count = treatmentsOf(plan).length;
  if (count < 2 || plan.stations >= 2 * count) return [];
  const single = factorsWithLevels(plan).length === 1;
  const [one, many] = single ? ['level', 'levels'] : ['treatment', 'treatments'];
  const undone = count - plan.stations;
  return [
    {
      id: 'replicates-too-few',
      rank: undone > 0 ? ('stop' as const) : ('check' as const),
      at: { section: 'fair-test' as const },
      what: `${counted(plan.stations, 'station')} for ${count} ${many}`,
      why:
        undone > 0
          ? `${counted(undone, one)} would be done by nobody. Leave some out, keep fewer levels, or use more stations.`
          : `With fewer than two stations a ${one} nobody can tell the ${one} from the station, the pan or the hand.`,
      working: workingOf([
        { text: `stations a ${one} = stations / ${many}`, value: plan.stations / count },
        { text: 'wanted, at least', value: 2 },
      ]),
      ...remedyOf(plan, count, place?.stations ?? 2 * count),
    },
  ];
};

function remedyOf(plan: Plan, count: number, room: number) {
  const [factor, second] = factorsWithLevels(plan);
  const wanted = 2 * count;
  if (room >= wanted && wanted <= 40) {
    return {
      remedy: { label: `use ${wanted} stations`, apply: (was: Plan) => ({ ...was, stations: wanted }) },
    };
  }
  const fits = Math.floor(plan.stations / 2);
  if (second || !factor || fits < 2) return {};
  return {
    remedy: {
      label: `keep ${fits} levels`,
      apply: (was: Plan) => withFactor(was, factor.id, (one) => keepSpread(one, fits)),
    },
  };
}

/** Keeps `count` levels spread over the range, the ends and the control among them. */
function keepSpread(factor: Factor, count: number): Factor {
  const ordered = levelsInOrder(factor);
  const kept = new Set<string>();
  for (let i = 0; i < count; i += 1) {
    kept.add(ordered[Math.round((i * (ordered.length - 1)) / Math.max(1, count - 1))]!.id);
  }
  const control = ordered.find((level) => level.control);
  if (control && !kept.has(control.id)) {
    const middle = [...kept][Math.floor(count / 2)]!;
    kept.delete(middle);
    kept.add(control.id);
  }
  return { ...factor, levels: factor.levels.filter((level) => kept.has(level.id)) };
}

/** Levels in bench order mix the level up with everything that runs along the bench. */
export const orderIsShuffled: Rule = ({ plan }) => {
  if (plan.order !== 'as-listed' || treatmentsOf(plan).length < 2) return [];
  return [
    {
      id: 'order-as-listed',
      rank: 'check',
      at: { section: 'fair-test' },
      what: 'Levels go along the bench in order',
      why: 'Draught, hob size and who sits where run along the bench too. Shuffled, they cannot pass for the effect.',
      working: workingOf([
        'order = as listed',
        'shuffled: stations drawn by lot, the seed kept with the run',
      ]),
      remedy: { label: 'shuffle them', apply: (was) => ({ ...was, order: 'shuffled' }) },
    },
  ];
};

/** “The same pan” is a wish until it says how. */
export const heldConstantsSayHow: Rule = ({ plan }) =>
  plan.held
    .filter((held) => held.how.trim() === '')
    .map((held) => ({
      id: `held-without-how:${held.id}`,
      rank: 'check' as const,
      at: { section: 'fair-test' as const, item: held.id },
      what: `How is “${held.what}” kept the same?`,
      why: 'A constant holds only if a hand can do it: a mark on the hob, one tub, a balance, a stopwatch.',
      working: workingOf([`kept: ${held.what}`, 'how: empty']),
      remedy: {
        label: 'only note it',
        apply: (was: Plan): Plan => ({
          ...was,
          held: was.held.filter((one) => one.id !== held.id),
          noted: [...was.noted, { id: held.id, what: held.what, unit: '' }],
        }),
      },
    }));

/** A plan that keeps nothing the same is not a fair test. */
export const somethingIsHeld: Rule = ({ plan }) => {
  if (plan.held.length > 0 || treatmentsOf(plan).length < 2) return [];
  return [
    {
      id: 'nothing-held',
      rank: 'check',
      at: { section: 'fair-test' },
      what: 'Nothing is kept the same',
      why: 'Say at least what would move the result most: amounts, pan, heat, time.',
      working: workingOf([{ text: 'things kept the same', value: 0 }]),
    },
  ];
};

/** More stations than the room has. */
export const stationsFitTheRoom: Rule = ({ plan, place }) => {
  if (!place || plan.stations <= place.stations) return [];
  return [
    {
      id: 'stations-over-room',
      rank: 'check',
      at: { section: 'fair-test' },
      what: `${plan.stations} stations, but ${place.name} has ${place.stations}`,
      why: 'The others would have no bench.',
      working: workingOf([
        { text: 'planned', value: plan.stations },
        { text: `in ${place.name}`, value: place.stations },
      ]),
      remedy: { label: `use ${place.stations}`, apply: (was) => ({ ...was, stations: place.stations }) },
    },
  ];
};
