import { fillOf } from '../../batch';
import { formatNumber } from '../../format';
import type { Plan } from '../../practical';
import { techniquesIn } from '../../techniques';
import { workingOf } from '../../working';
import { batchOf, massOfBatch, volumeOfBatch } from '../batch-of';
import type { Rule } from '../plan-remark';
import { sayingToo } from '../step-remedies';

/** How full a tin may be for a batter that only steam raises (common practice: half). */
const steamFillPercent = 50;
const tolerated = 5;

const risesByItself = /^(?:baking-powder|bicarbonate-of-soda|self-raising-flour|.*yeast.*|sourdough.*)$/;

/** A thin batter of flour, egg and liquid with nothing else to raise it, in a hot oven: steam does. */
function isRaisedBySteam(plan: Plan, lines: ReturnType<typeof batchOf>): boolean {
  const grams = (test: (id: string, family: string) => boolean) =>
    lines.reduce(
      (sum, { item, grams: mass }) => sum + (item && test(item.id, item.family) ? (mass ?? 0) : 0),
      0,
    );
  const flour = grams((id) => /flour/.test(id));
  const egg = grams((id) => /^egg/.test(id));
  const liquid = grams((id) => /^(?:milk|skimmed-milk|water|buttermilk)$/.test(id));
  const baked = plan.steps.some((step) => /\b(?:bake|oven)\b/i.test(step.text));
  const raised = lines.some(({ item }) => item && (risesByItself.test(item.id) || item.family === 'yeast'));
  return baked && !raised && flour > 0 && egg >= 0.4 * flour && liquid + egg >= flour;
}

/** Batter that steam raises needs the tin half empty. */
export const steamHasRoom: Rule = ({ plan, place }) => {
  const { vesselMl, vessels } = plan.portions;
  const lines = batchOf(plan, place);
  const mass = massOfBatch(lines);
  if (vesselMl === null || mass === null || mass <= 0 || !isRaisedBySteam(plan, lines)) return [];
  const { fillPercent } = fillOf(volumeOfBatch(mass) / vessels, vesselMl, 1);
  if (fillPercent <= steamFillPercent + tolerated) return [];
  const needed = Math.ceil((volumeOfBatch(mass) * 100) / (steamFillPercent * vesselMl) - 1e-9);
  return [
    {
      id: 'steam-no-room',
      rank: 'check',
      at: { section: 'formula', item: 'portions' },
      what: `Filled to ${Math.round(fillPercent)} %; steam wants the tin half empty`,
      why: 'A thin batter rises by its own steam to twice its height and more. Fuller, it runs over before it sets, and the door may not be opened.',
      working: workingOf([
        { text: 'batch / vessels', value: volumeOfBatch(mass) / vessels, unit: 'ml' },
        { text: 'vessel', value: vesselMl, unit: 'ml' },
        { text: 'usual for hollow, steam-raised ones', value: steamFillPercent, unit: '%' },
      ]),
      ...(needed > vessels &&
        needed <= 100 && {
          remedy: {
            label: `share it over ${needed}`,
            apply: (was: Plan): Plan => ({ ...was, portions: { ...was.portions, vessels: needed } }),
          },
        }),
    },
  ];
};

const jars = /\b(?:jars?|bottles?|canning)\b/i;
const filling = /\b(?:fill|ladle|pour|spoon|pack|pot)\b/i;
const saysSpace =
  /\bhead ?space\b|\b(?:below|from|under) the (?:rim|brim|top|lid)\b|\b(?:leav\w+|gap|space)\b[^.]{0,30}\b(?:mm|cm|inch|in\.|rim|top)\b/i;
const kept =
  /\b(?:jam|marmalade|chutney|pickle\w*|preserve\w*|relish|syrup|can(?:ned|ning)|sterilis\w*|seal\w*|process\w*)\b/i;
/** Free height below the rim of a jar that is closed hot, mm: an inch (common practice; the tested procedure decides). */
const headspaceMm = 25;

/** What is closed hot in a jar needs room below the lid. */
export const jarsHaveHeadspace: Rule = ({ plan }) => {
  const words = [plan.title, ...plan.steps.map((step) => step.text)].join(' ');
  if (!kept.test(words) || saysSpace.test(words)) return [];
  const step = plan.steps.find(({ text }) => jars.test(text) && filling.test(text));
  if (!step) return [];
  return [
    {
      id: `headspace:${step.id}`,
      rank: 'note',
      at: { section: 'method', item: step.id },
      what: `How full are the jars? Usual: ${headspaceMm} mm (1 inch) of headspace`,
      why: 'Hot food swells and boils over into the seal of a jar that is too full; too much air keeps it from closing. The tested procedure you follow gives the figure for its jar.',
      working: workingOf([
        { text: 'headspace, common practice', value: headspaceMm, unit: 'mm' },
        { text: '1 inch', value: Number(formatNumber(25.4, 1)), unit: 'mm' },
      ]),
      ...sayingToo(step, `Leave ${headspaceMm} mm (1 inch) free below the rim.`),
    },
  ];
};

/** Whether the age of an egg shows in what is measured: of a foam, or of the shape of a poached one. */
function ageShows(plan: Plan): boolean {
  const measured = (words: RegExp) => plan.responses.some(({ name }) => words.test(name));
  const foamed = plan.steps.some(({ text }) => techniquesIn(text).some(({ id }) => id === 'whisking'));
  const poached = plan.steps.some(({ text }) => /\bpoach\w*\b/i.test(text) && /\beggs?\b/i.test(text));
  return (
    (foamed && measured(/\b(?:foam|peaks?|overrun|height|volume|density)\b/i)) ||
    (poached && measured(/\b(?:white|yolk|shape|spread|width)\b/i))
  );
}

/** Old whites are thin and foam sooner; fresh ones stand: where eggs make the result, their age is held or written down. */
export const eggsAreOfOneAge: Rule = ({ plan, place }) => {
  const eggs = batchOf(plan, place).find(({ item }) => /^egg(?:-white|-yolk)?$/.test(item?.id ?? ''));
  if (!eggs || !ageShows(plan) || plan.factors.every(({ levels }) => levels.length < 2)) return [];
  const written = [
    ...plan.held.map(({ what, how }) => `${what} ${how}`),
    ...plan.noted.map(({ what }) => what),
  ];
  if (written.some((words) => /\beggs?\b/i.test(words))) return [];
  return [
    {
      id: 'egg-age',
      rank: 'note',
      at: { section: 'fair-test' },
      what: 'How old are the eggs?',
      why: 'Whites grow thin and less acid as they age: they foam sooner and stand less. In water a fresh egg lies flat, one of two or three weeks stands up, an old one floats: old, not proven bad; date, separate bowl, smell.',
      working: workingOf(['kept or noted: no word of eggs', `in the batch: ${eggs.line.name}`]),
      remedy: {
        label: 'keep them of one box',
        apply: (was: Plan): Plan => ({
          ...was,
          held: [
            ...was.held,
            { id: 'held-eggs', what: 'eggs', how: 'one box, one date stamp; each lies flat in water' },
          ],
        }),
      },
    },
  ];
};
