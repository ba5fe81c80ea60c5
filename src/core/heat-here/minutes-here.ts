import { batchTables } from '../batch';
import { formatNumber, formatTemperature } from '../format';
import { heatingUp, heatingUpSource } from '../heat';
import { boilingIn, stationPlan, type Place, type Plan, type Step } from '../practical';
import { ovenRisePerMin, type Equipment } from '../room';
import { heatsOven, isInOven, ovenCelsius } from '../timetable';
import { workingOf, type Source, type Working } from '../working';

/** Minutes, or a setting, for a step with the heat the room really has. */
export interface HeatHere {
  words: string;
  /** What would stand in the step; null: it is for the eye alone. */
  minutes: { least: number; most: number } | null;
  working: Working;
}

const roomSource: Source = {
  kind: 'common-practice',
  text: 'What was measured of this room’s own ovens and rings',
};
/** A room, and what comes from its tap or refrigerator, °C. */
const [roomC, tapC] = [20, 15];
const boilsUp =
  /\b(?:bring|heat|warm|take)\b[^.;]{0,60}\bto (?:a|the) (?:rolling |full |gentle )?boil\b|\bboil (?:the |a |some )?(?:pan |pot |kettle )?(?:of )?(?:water|milk|stock|cream|syrup)\b|\buntil (?:it|they) (?:just )?boils?\b/i;
const volume = /((?<!\d)\d+(?:[.,]\d+)?|½|¼|¾)\s*(ml|l|litres?|g|kg)\b(?! (?:weight|each))/i;
/** Least in a pan for which it is worth saying, g. */
const leastG = 50;

/** What the room’s own rings and ovens make of a step: minutes to the boil, minutes to get hot, what to set an oven to. */
export function heatHere(step: Step, plan: Plan, place: Place | null): HeatHere[] {
  if (!place) return [];
  return [...toTheBoil(step, plan, place), ...ovenHot(step, place), ...ovenTruth(step, place)];
}

function toTheBoil(step: Step, plan: Plan, place: Place): HeatHere[] {
  if (!boilsUp.test(step.text)) return [];
  const rings = place.equipment.flatMap((one) =>
    one.kind === 'hob' ? one.rings.map((ring) => ({ ...ring, lagMin: one.lagMin })) : [],
  );
  const watts = rings.map((ring) => Math.max(0, ...ring.watts)).filter((most) => most > 0);
  const massG = massIn(step, plan);
  if (watts.length === 0 || massG === null || massG < leastG) return [];
  // Every station’s pan is to boil: by the weakest ring.
  const powerW = Math.min(...watts);
  const lid = /\blid\b|\bcover/i.test(step.text);
  const { boilingC } = boilingIn(place);
  let heat: ReturnType<typeof heatingUp>;
  try {
    heat = heatingUp(massG, tapC, boilingC, powerW, lid);
  } catch {
    return [
      {
        words: `A ring of ${formatNumber(powerW)} W never brings ${formatNumber(Math.round(massG))} g to the boil${lid ? '' : ' without a lid'}.`,
        ...{
          minutes: null,
          working: workingOf(
            [{ text: 'strongest mark of the weakest ring', value: powerW, unit: 'W' }],
            [roomSource, heatingUpSource],
          ),
        },
      },
    ];
  }
  const lag = Math.max(0, ...rings.map(({ lagMin }) => lagMin));
  const least = half(heat.low);
  const most = half(heat.high + lag);
  return [
    {
      words: `To the boil here: ${minuteWords(least, most)} for ${formatNumber(Math.round(massG))} g${lid ? ' with its lid' : ', no lid said'}.`,
      minutes: { least, most },
      working: workingOf(
        [
          { text: 'C dT/dt = η P − K (T − room)' },
          { text: 'in the pan', value: massG, unit: 'g' },
          { text: 'from the tap', value: tapC, unit: '°C' },
          { text: 'boils here at', value: boilingC, unit: '°C' },
          { text: 'strongest mark of the weakest ring', value: powerW, unit: 'W' },
          { text: 'likely, on a ring that is hot at once', value: heat.minutes, unit: 'min' },
          { text: 'a sluggish ring adds up to', value: lag, unit: 'min' },
        ],
        [heatingUpSource, roomSource],
      ),
    },
  ];
}

/** What its sentence says is in the pan, else the ingredients it uses, g; water and milk weigh what they measure. */
function massIn(step: Step, plan: Plan): number | null {
  const said = volume.exec(step.text);
  if (said) {
    const fractions: Record<string, number> = { '½': 0.5, '¼': 0.25, '¾': 0.75 };
    const amount = fractions[said[1]!] ?? Number(said[1]!.replace(',', '.'));
    return amount * (/^(?:l|litres?|kg)$/i.test(said[2]!) ? 1000 : 1);
  }
  const own = stationPlan(plan, null, null);
  const used = batchTables.usedIn(own.steps.find(({ id }) => id === step.id) ?? step, own.ingredients);
  const grams = used.map((one) => batchTables.gramsOf(one));
  if (grams.length === 0 || grams.some((one) => one === null)) return null;
  return grams.reduce<number>((sum, one) => sum + one!, 0);
}

type Oven = Extract<Equipment, { kind: 'oven' }>;
const ovensOf = ({ equipment }: Place) => equipment.filter((one): one is Oven => one.kind === 'oven');

function ovenHot(step: Step, place: Place): HeatHere[] {
  const celsius = heatsOven(step) ? ovenCelsius(step) : null;
  const ovens = ovensOf(place);
  if (celsius === null || ovens.length === 0 || celsius <= roomC) return [];
  const minutes = ovens.map((oven) => ({ oven, minutes: (celsius - roomC) / ovenRisePerMin(oven) }));
  const [least, most] = [Math.min, Math.max].map((of) => half(of(...minutes.map((one) => one.minutes)))) as [
    number,
    number,
  ];
  return [
    {
      words: `The ovens here are at ${formatTemperature(celsius, 'C', 0)} after ${minuteWords(least, most)}.`,
      minutes: { least: most, most },
      working: workingOf(
        minutes.map((one) => ({
          text: `${one.oven.name}, from ${roomC} °C`,
          value: one.minutes,
          unit: 'min',
        })),
        [roomSource],
      ),
    },
  ];
}

/** Ovens that are not as hot as they are set: what to set them to. */
function ovenTruth(step: Step, place: Place): HeatHere[] {
  const celsius = isInOven(step) || heatsOven(step) ? ovenCelsius(step) : null;
  if (celsius === null) return [];
  return ovensOf(place).flatMap((oven): HeatHere[] => {
    const set = settingFor(oven, celsius);
    if (set === null || Math.abs(set - celsius) < 5) return [];
    return [
      {
        words: `${oven.name}: set ${formatTemperature(Math.round(set / 5) * 5, 'C', 0)} to have ${formatTemperature(celsius, 'C', 0)}.`,
        minutes: null,
        working: workingOf(
          oven.truth.map(({ set: at, shows }) => ({
            text: `set to ${formatTemperature(at, 'C', 0)} it is`,
            value: shows,
            unit: '°C',
          })),
          [roomSource],
        ),
      },
    ];
  });
}

/** What an oven has to be set to for a temperature: straight between what was measured, as far off beyond. */
export function settingFor({ truth }: Pick<Oven, 'truth'>, celsius: number): number | null {
  const sorted = [...truth].sort((a, b) => a.shows - b.shows);
  const [first] = sorted;
  const last = sorted[sorted.length - 1];
  if (!first || !last) return null;
  if (celsius <= first.shows) return celsius + first.set - first.shows;
  if (celsius >= last.shows) return celsius + last.set - last.shows;
  const at = sorted.findIndex(({ shows }) => shows >= celsius);
  const [low, high] = [sorted[at - 1]!, sorted[at]!];
  return low.set + ((celsius - low.shows) / (high.shows - low.shows)) * (high.set - low.set);
}

const half = (minutes: number) => Math.max(0.5, Math.round(2 * minutes) / 2);
const minuteWords = (least: number, most: number) =>
  most > least ? `${formatNumber(least)} to ${formatNumber(most)} min` : `${formatNumber(most)} min`;
