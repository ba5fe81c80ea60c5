import { counted } from '../../format';
import { levelLabel, levelsInOrder, type Plan } from '../../practical';
import { workingOf } from '../../working';
import type { Rule } from '../remark';

/** Something must change, and between at least two settings. */
export const levelsAreEnough: Rule = ({ plan }) => {
  const count = plan.factor.levels.length;
  if (count >= 2) return [];
  return [
    {
      id: 'levels-too-few',
      rank: 'check',
      at: { section: 'fair-test' },
      what: count === 0 ? 'Nothing changes yet' : 'Only one level',
      why: 'A comparison needs at least two settings of what you change; four show a trend.',
      working: workingOf([{ text: 'levels', value: count }]),
    },
  ];
};

/** One level is the one the others are compared with. */
export const controlIsNamed: Rule = ({ plan }) => {
  const { levels } = plan.factor;
  if (levels.length < 2 || levels.some((level) => level.control)) return [];
  const first = levelsInOrder(plan.factor)[0]!;
  return [
    {
      id: 'control-missing',
      rank: 'check',
      at: { section: 'fair-test' },
      what: 'No level is the control',
      why: 'Results compare each level with the control: the untreated one, or the usual one.',
      working: workingOf([
        { text: 'levels', value: levels.length },
        { text: 'marked as control', value: 0 },
      ]),
      remedy: {
        label: `make ${levelLabel(plan.factor, first)} the control`,
        apply: (was) => withControl(was, first.id),
      },
    },
  ];
};

function withControl(plan: Plan, id: string): Plan {
  const levels = plan.factor.levels.map((level) => ({ ...level, control: level.id === id }));
  return { ...plan, factor: { ...plan.factor, levels } };
}

/** One station a level shows no spread: a difference could be the station. */
export const replicatesAreEnough: Rule = ({ plan, place }) => {
  const count = plan.factor.levels.length;
  if (count < 2 || plan.stations >= 2 * count) return [];
  const wanted = 2 * count;
  const room = place?.stations ?? wanted;
  const fits = Math.floor(plan.stations / 2);
  const remedy =
    room >= wanted
      ? { label: `use ${wanted} stations`, apply: (was: Plan) => ({ ...was, stations: wanted }) }
      : fits >= 2
        ? { label: `keep ${fits} levels`, apply: (was: Plan) => keepSpread(was, fits) }
        : undefined;
  return [
    {
      id: 'replicates-too-few',
      rank: 'check',
      at: { section: 'fair-test' },
      what: `${counted(plan.stations, 'station')} for ${count} levels`,
      why: 'With fewer than two stations a level nobody can tell the level from the station, the pan or the hand.',
      working: workingOf([
        { text: 'stations a level = stations / levels', value: plan.stations / count },
        { text: 'wanted, at least', value: 2 },
      ]),
      ...(remedy && { remedy }),
    },
  ];
};

/** Keeps `count` levels spread over the range, the ends and the control among them. */
function keepSpread(plan: Plan, count: number): Plan {
  const ordered = levelsInOrder(plan.factor);
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
  return {
    ...plan,
    factor: { ...plan.factor, levels: plan.factor.levels.filter((level) => kept.has(level.id)) },
  };
}

/** Levels in bench order mix the level up with everything that runs along the bench. */
export const orderIsShuffled: Rule = ({ plan }) => {
  if (plan.order === 'shuffled' || plan.factor.levels.length < 2) return [];
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
          noted: [...was.noted, { id: held.id, what: held.what }],
        }),
      },
    }));

/** A plan that keeps nothing the same is not a fair test. */
export const somethingIsHeld: Rule = ({ plan }) => {
  if (plan.held.length > 0 || plan.factor.levels.length < 2) return [];
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
