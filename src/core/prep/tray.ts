import { blindName, isHidden, type BenchSetting } from '../run';
import { gramsWords, takenWords, type Plan, type StationIngredient } from '../practical';
import { itemOf } from '../batch';
import { toolsOf, type Tool } from './tools';

export type Vessel = 'bowl' | 'dish' | 'glass' | 'block' | 'pieces';

/** Something on a tray. */
export interface TrayItem {
  ingredientId: string;
  /** From 1, in the order it is used. */
  number: number;
  name: string;
  /** “4.0 g”, “150 ml”, “2”. */
  amount: string;
  state: string;
  vessel: Vessel;
  /** How large it is drawn, 0.5 to 1. */
  size: number;
  /** It is not the same at every station. */
  varied: boolean;
  /** Staff weigh it out, students do, or it comes from the class’s batch. */
  by: StationIngredient['by'];
}

/** What lies before a station: what goes in, in the order of use, and the tools beside. */
export interface Tray {
  station: number;
  items: TrayItem[];
  /** Left out at this station: said, so that nobody looks for it. */
  without: string[];
  tools: Tool[];
}

/**
 * The tray of a station: things in the order its steps take them, then what no step names.
 *
 * @param blind nothing on it tells which treatment it is
 */
export function trayOf(plan: Plan, setting: BenchSetting, station: number, blind = false): Tray {
  const own = setting.own(station);
  const taken = own.ingredients.filter(({ grams }) => grams === null || grams > 1e-6);
  const used = own.steps.flatMap((step) => setting.usedIn(step, taken).map(({ id }) => id));
  const place = (one: StationIngredient) => {
    const at = used.indexOf(one.id);
    return at < 0 ? used.length + taken.indexOf(one) : at;
  };
  const items = [...taken]
    .sort((a, b) => place(a) - place(b))
    .map((one, i): TrayItem => ({
      ...{ ingredientId: one.id, number: i + 1, name: one.name, amount: amountOf(one), state: one.state },
      ...vesselOf(one),
      ...{ varied: setting.varied.has(one.id), by: one.by },
      ...(blind &&
        isHidden(one.by, setting.varied.has(one.id)) && {
          ...{ name: blindName(plan, one.id), amount: 'the dish with its letter', state: '' },
          ...{ vessel: 'dish', size: 0.75 },
        }),
    }));
  const without = own.ingredients.filter((one) => !taken.includes(one));
  return {
    ...{ station, items, tools: toolsOf(plan, own, setting.place) },
    without: [
      ...new Set(
        without.map(({ id, by, name }) =>
          blind && isHidden(by, setting.varied.has(id)) ? 'what its letter leaves out' : name,
        ),
      ),
    ],
  };
}

function amountOf(one: StationIngredient): string {
  const weighed = one.unit === 'g' || one.unit === 'kg';
  if (weighed && one.grams !== null) return gramsWords(one.grams);
  return takenWords({ ...one, name: '', state: '' }).trim();
}

/** Wet, and still nothing that is poured. */
const spooned = /cheese|ricotta|quark|tofu|beans|ginger|^ice|sorbet|custard|tomato-puree/;

/** Mostly water and as heavy: pieces and heaps are lighter, and of meat nobody fills a measure. */
function isPoured(one: StationIngredient): boolean {
  const item = itemOf(one);
  if (one.unit === 'ml' || one.unit === 'l') return true;
  if (!item?.density || spooned.test(item.id)) return false;
  return (item.waterPercent ?? 0) > 60 && item.density.gPerMl >= 0.9;
}

/** Solid fats and the like stand as a block. */
const blocks = /\b(butter|margarine|lard|chocolate|cheese|tofu|dough|suet)\b/i;

function vesselOf(one: StationIngredient): { vessel: Vessel; size: number } {
  const grams = one.grams ?? 20;
  const size = Math.min(1, Math.max(0.5, 0.5 + Math.log10(Math.max(1, grams / 5)) / 4));
  if (one.unit === 'each') return { vessel: 'pieces', size };
  if (isPoured(one)) return { vessel: 'glass', size };
  if (blocks.test(one.name)) return { vessel: 'block', size };
  return { vessel: grams >= 40 ? 'bowl' : 'dish', size };
}
