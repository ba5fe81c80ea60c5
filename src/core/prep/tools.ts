import type { Source } from '../working';
import type { Place, Plan, StationPlan } from '../practical';

export const toolsSource: Source = {
  kind: 'common-practice',
  text: 'Tools that the words of a method ask for, one to a station unless it says otherwise',
};

/** A tool that lies beside a tray, or is shared. */
export interface Tool {
  id: string;
  name: string;
  /** How many stations use one together, as it usually is; 1: each has its own. */
  sharedBy: number;
}

/** Tools by the words that ask for them: what a thing is done with is not always named. */
const tools: readonly (readonly [id: string, name: string, said: RegExp, sharedBy?: number])[] = [
  ['saucepan', 'saucepan', /\b(sauce)?pans?\b|\bboil\b|\bsimmer/i],
  ['frying-pan', 'frying pan', /\bfry|\bfrying pan|\bskillet/i],
  ['mixing-bowl', 'mixing bowl, 2 L', /\b(mix|rub|stir|whisk|knead|fold|cream|beat|dough|bowl)/i],
  ['table-knife', 'table knife', /\bwith a knife\b|\btable knife/i],
  ['cooks-knife', 'knife and board', /\b(slice|chop|dice|peel|halve|quarter)|\bcut (the|into|in|up)\b/i],
  ['wooden-spoon', 'wooden spoon', /\bstir/i],
  ['whisk', 'whisk', /\bwhisk/i],
  ['sieve', 'sieve', /\bsieve|\bsift|\bstrain/i],
  ['rolling-pin', 'rolling pin', /\broll (out|to|the|it)\b|\brolling pin/i],
  ['strips', 'rolling strips', /\bstrips\b/i],
  ['cutter', 'cutter', /\bcutter|\bcut .*\brounds?\b/i],
  ['baking-tray', 'baking tray, lined', /\bbak(e|ing)\b|\bbaking tray|\blined tray/i],
  ['wire-rack', 'wire rack', /\bon (the|a) (wire )?rack\b|\bwire rack/i],
  ['jug', 'measuring jug', /\bjug\b|\bmilk\b|\bwater\b/i],
  ['cylinder', 'measuring cylinder', /\bmeasuring cylinder/i],
  ['mould', 'moulds', /\bmoulds?\b/i],
  ['grater', 'grater', /\bgrat(e|er|ing)\b/i],
  ['brush', 'pastry brush', /\bbrush/i],
  ['skewer', 'skewer', /\bskewer/i],
  ['slotted-spoon', 'slotted spoon', /\bslotted spoon|\blift (them |it )?out/i],
  ['spatula', 'heat-proof spatula', /\bspatula|\bscrape/i],
  ['pot-holders', 'oven gloves', /\bbak(e|ing)\b|\boven\b/i, 2],
  ['timer', 'timer', /\b\d+\s*(min|minutes|s|seconds)\b/i],
  ['thermometer', 'thermometer', /\bthermometer|\bprobe\b|\bcore\b[^.]*°|\buntil\b[^.]*°/i],
  ['ruler', 'ruler', /\bruler|\bmm\b|\bcm\b/i],
  ['colour-card', 'colour card', /\bcolou?r card/i, 2],
  ['ph-strips', 'pH strips', /\bpH\b/],
  ['label', 'label with class and station', /\bfrid?ge|refrigerat|\bfreez/i],
];

/** Whether a sentence asks for a tool. */
export const asksFor = (id: string, sentence: string): boolean =>
  tools.some(([one, , words]) => one === id && words.test(sentence));

/** What a station needs beside its tray, in the order its method asks for it. */
export function toolsOf(plan: Plan, own: Pick<StationPlan, 'steps'>, place: Place | null): Tool[] {
  const said = [
    ...own.steps
      .filter(({ when }) => when === 'lesson')
      .map(({ text, ready, ends }) =>
        [text, ...ready, ends.some(({ kind }) => kind === 'temperature') ? 'thermometer' : ''].join('. '),
      ),
    ...plan.responses.map(({ instrument, unit, how }) => `${instrument} ${unit} ${how}`),
    ...plan.held.map(({ how }) => how),
  ];
  const found: Tool[] = [];
  const take = (tool: Tool) => {
    if (!found.some(({ id }) => id === tool.id)) found.push(tool);
  };
  for (const sentence of said) {
    for (const [id, name, words, sharedBy = 1] of tools)
      if (words.test(sentence)) take({ id, name, sharedBy });
  }
  plan.thermometers.forEach((_, i) =>
    take({
      id: i === 0 ? 'thermometer' : `thermometer-${i + 1}`,
      name: i === 0 ? 'thermometer' : `thermometer ${i + 1}`,
      sharedBy: 1,
    }),
  );
  if (plan.formula.some(({ by }) => by === 'students')) {
    const balances = place?.equipment.filter(({ kind }) => kind === 'balance').length ?? 0;
    take({
      id: 'balance',
      name: `balance, ${place ? `${place.balanceG} g` : 'shared'}`,
      sharedBy: balances > 0 ? 2 : 1,
    });
  }
  return found;
}
