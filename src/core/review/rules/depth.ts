import { depthMm, sheetCm2 } from '../../batch';
import { formatNumber } from '../../format';
import { seriesSource, thickSoup, trayMinutes } from '../../heat';
import { isOfAnimals } from '../../ingredients';
import { remembered } from '../../memory';
import { newStep, type Plan, type Step } from '../../practical';
import { whoDecides } from '../../safety';
import { workingOf } from '../../working';
import { keepsDry } from '../../nature';
import { batchOf, massOfBatch, natureOfPlan, volumeOfBatch } from '../batch-of';
import type { Rule } from '../plan-remark';

/** From hot to cold, and by when (Scottish and UK guidance for caterers, from memory; the school’s authority decides). */
const [hotC, coldC, withinMinutes, airC] = [63, 8, 90, 3];
/** Still air of a refrigerator over and under a dish, W/m²K (common practice). */
const stillAir = 12;

const heated = /\b(?:boil|simmer|heat|cook|bake|fry|roast|steam|warm|roux|thicken)\w*\b/i;
const chilled = /\b(?:chill|refrigerat\w*|fridge|cool)\b/i;
const helped = /\b(?:ice bath|ice water|iced water|in ice|blast chill\w*)\b/i;

const minutesToCold = remembered((depth) =>
  trayMinutes(
    { depthMm: Number(depth), material: thickSoup, bothFaces: true, airC, heatTransferWm2K: stillAir },
    hotC,
    coldC,
  ),
);

const hours = (minutes: number) =>
  minutes < 90 ? `${Math.round(minutes)} min` : `${formatNumber(Math.round(minutes / 6) / 10)} h`;

interface Help {
  label: string;
  why: string;
  step: Pick<Step, 'text' | 'ready'> & Partial<Step>;
}

/** What cools sooner, by what it is: only what pours can be stirred. */
const stirred: Help = {
  label: 'a step in ice water first',
  why: 'Ice water and stirring first, then the refrigerator; shallower helps, but seldom enough.',
  step: {
    text: 'Stand it in ice water and stir until it is below 20 °C.',
    stir: 'now-and-then',
    ready: ['bowl of ice water'],
  },
};
const spread: Help = {
  label: 'a step to portion it first',
  why: 'What is set cannot be stirred: cut into portions and spread on a cold tray first, then the refrigerator.',
  step: {
    text: 'Cut it into portions and spread them, uncovered, on a cold metal tray.',
    ready: ['cold metal tray'],
  },
};

/** A dish of hot food too deep to grow cold in time. */
export const dishesCoolInTime: Rule = ({ plan, place }) => {
  const { trayCm2, vessels, layers } = plan.portions;
  const lines = batchOf(plan, place);
  const mass = massOfBatch(lines);
  if (trayCm2 === null || mass === null || mass <= 0) return [];
  if (!lines.some(({ item }) => item && isOfAnimals(item))) return [];
  const nature = natureOfPlan(plan, place);
  // Dry things are kept in a tin, and hot sugar is no food to chill in water.
  if (keepsDry(nature) || nature === 'hot-sugar') return [];
  const at = plan.steps.findIndex(({ text }) => heated.test(text));
  const cooled = plan.steps.find(
    (step, i) =>
      i >= at && (chilled.test(step.text) || step.needs.some(({ resource }) => resource === 'refrigerator')),
  );
  if (at < 0 || !cooled || plan.steps.some(({ text }) => helped.test(text))) return [];
  const depth = depthMm(volumeOfBatch(mass), trayCm2, vessels, layers);
  if (depth < 2 || depth > 200) return [];
  const help = nature === 'baked' ? spread : stirred;
  const minutes = minutesToCold(depth.toFixed(1));
  if (minutes !== null && minutes <= withinMinutes) return [];
  return [
    {
      id: `deep-to-cool:${cooled.id}`,
      rank: 'check',
      at: { section: 'method', item: cooled.id },
      what: `${formatNumber(Math.round(depth))} mm deep it is cold only after ${minutes === null ? 'more than a day' : `about ${hours(minutes)}`}`,
      why: `From ${hotC} to ${coldC} °C in a refrigerator of ${airC} °C, by conduction; ${withinMinutes} min is the usual limit. ${help.why}`,
      working: workingOf(
        [
          { text: 'batch / (area × trays × layers)', value: depth, unit: 'mm' },
          ...(minutes === null
            ? []
            : [
                {
                  text: `slab in still air of ${airC} °C, both faces, to ${coldC} °C in the middle`,
                  value: minutes,
                  unit: 'min',
                },
              ]),
          { text: 'usual limit', value: withinMinutes, unit: 'min' },
          whoDecides,
        ],
        [seriesSource],
      ),
      remedy: {
        label: help.label,
        apply: (was: Plan): Plan => {
          const place = was.steps.findIndex(({ id }) => id === cooled.id);
          const step = newStep({
            id: `ice-${cooled.id}`,
            minutes: 10,
            ...help.step,
          });
          return { ...was, steps: [...was.steps.slice(0, place), step, ...was.steps.slice(place)] };
        },
      },
    },
  ];
};

/** What is left of a sheet between rounds that are cut from it once (common practice: a quarter is trimmings). */
const usable = 0.75;
const cutter =
  /(?<!\d)(\d+(?:[.,]\d+)?)\s*(mm|cm)\s*(?:round |plain |fluted )?(?:cutter|rounds|discs|circles)/i;
const inCm = (value: string, unit: string) =>
  Number(value.replace(',', '.')) / (unit.toLowerCase() === 'mm' ? 10 : 1);

/** More rounds than the dough covers, rolled so thick. */
export const sheetsGiveThePieces: Rule = ({ plan, place }) => {
  const { pieces, sheetMm } = plan.portions;
  const mass = massOfBatch(batchOf(plan, place));
  const words = [...plan.steps.map(({ text }) => text), ...plan.held.map(({ how }) => how)].join('\n');
  const cut = cutter.exec(words);
  if (pieces === null || sheetMm === null || mass === null || mass <= 0 || !cut) return [];
  const wide = inCm(cut[1]!, cut[2]!);
  const each = (Math.PI / 4) * wide * wide;
  const there = sheetCm2(volumeOfBatch(mass), sheetMm);
  if (pieces * each <= usable * there) return [];
  const thick = Math.floor((10 * volumeOfBatch(mass) * usable) / (pieces * each));
  return [
    {
      id: 'sheet-too-small',
      rank: 'check',
      at: { section: 'formula', item: 'portions' },
      what: `Rolled ${formatNumber(sheetMm)} mm thick it gives about ${Math.floor((usable * there) / each)} rounds, not ${pieces}`,
      why: `The dough covers ${formatNumber(Math.round(there))} cm²; a round of ${formatNumber(wide)} cm takes ${formatNumber(Math.round(each))} cm², and about a quarter is trimmings, which rise less when rolled again.`,
      working: workingOf([
        { text: 'dough / thickness', value: there, unit: 'cm²' },
        { text: 'π/4 × diameter²', value: each, unit: 'cm²' },
        { text: 'used at the first cut', value: usable * 100, unit: '%' },
      ]),
      ...(thick >= 2 && {
        remedy: {
          label: `roll it ${thick} mm thick`,
          apply: (was: Plan): Plan => ({ ...was, portions: { ...was.portions, sheetMm: thick } }),
        },
      }),
    },
  ];
};
