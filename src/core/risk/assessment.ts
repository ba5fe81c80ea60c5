import { allergens, isOfAnimals, itemById, substitutesFor, type AllergenId } from '../ingredients';
import { allergensIn, eatenRaw, itemOf, poisonousBeans, standsInOil, type OnPacks } from '../batch';
import { capitalised, listed } from '../format';
import type { Place, Plan, Risk } from '../practical';
import { hazardIds, hazards, hazardsIn, type HazardId } from '../safety';
import { controls } from './controls';
import { ingredientNames } from './ingredient-names';

/** A line of the risk assessment. */
export interface RiskLine extends Risk {
  /** The caution as the student reads it; empty where the teacher wrote the line. */
  caution: string;
  /** Where it comes from: “steps 2 and 4”, “milk, egg”; empty for the teacher’s own. */
  origin: string;
  /** Whether the teacher changed what the program proposed. */
  changed: boolean;
}

/** An allergen of the batch with what brings it in and what could stand in for that. */
export interface AllergenLine {
  id: AllergenId;
  name: string;
  from: string[];
  /** Only in some makes: the label decides. */
  often: boolean;
  instead: string[];
}

/**
 * The risk assessment as it grows from steps and ingredients, with what the teacher changed in its place and own lines at
 * the end. A line that was left out is still there, marked.
 */
export function riskLines(plan: Plan, place: Place | null, onPacks: OnPacks): RiskLine[] {
  const grown = [...fromSteps(plan), ...fromIngredients(plan, onPacks), ...fromVenue(plan, place)];
  const written = new Map(plan.risks.map((risk) => [risk.id, risk]));
  const known = new Set(grown.map((line) => line.id));
  const own = plan.risks.filter((risk) => !known.has(risk.id));
  return [
    ...grown.map((line) => {
      const mine = written.get(line.id);
      return mine ? { ...line, ...mine, changed: true } : line;
    }),
    ...own.map((risk) => ({ ...risk, caution: '', origin: '', changed: false })),
  ];
}

const plain = (
  id: string,
  hazard: string,
  rest: Omit<RiskLine, 'id' | 'hazard' | 'leftOut' | 'changed'>,
): RiskLine => ({
  id,
  hazard,
  leftOut: false,
  changed: false,
  ...rest,
});

/** Each danger once, with the steps it is in. */
function fromSteps(plan: Plan): RiskLine[] {
  const found = new Map<HazardId, number[]>();
  plan.steps.forEach((step, i) => {
    for (const id of new Set([...step.hazards, ...hazardsIn(step.text)]))
      found.set(id, [...(found.get(id) ?? []), i + 1]);
  });
  return hazardIds.flatMap((id) => {
    const steps = found.get(id);
    if (!steps) return [];
    const byAdult = steps.every((number) => plan.steps[number - 1]!.adult);
    const { control, remains, checkedBy } = controls[id];
    return [
      plain(`hazard:${id}`, capitalised(hazards[id].name), {
        caution: hazards[id].caution,
        origin: steps.length === 1 ? `step ${steps[0]}` : `steps ${listed(steps.map(String))}`,
        who: byAdult ? 'the adult who does it' : 'students at the station',
        control,
        remains,
        checkedBy,
      }),
    ];
  });
}

/** Of animals, and keeps outside the refrigerator for a lesson all the same. */
const keepsWarm =
  /^(?:butter|ghee|milk-powder|condensed-milk|evaporated-milk|gelatine|lard|suet|shredded-suet|parmesan|whey|dried-egg|custard|creamer|fish-sauce|anchovy)$/;

/** Food that has to be kept cold, or that is eaten with its allergens. */
function fromIngredients(plan: Plan, onPacks: OnPacks): RiskLine[] {
  const lines: RiskLine[] = [];
  const found = allergenLines(plan, onPacks);
  if (found.length > 0) {
    const certain = found.filter((one) => !one.often);
    lines.push(
      plain('allergens', 'Allergens', {
        caution: 'Ask before anyone tastes or touches; read the label of what is really used.',
        origin: listed([...new Set(found.flatMap((one) => one.from))]),
        who: 'anyone with an allergy or intolerance',
        control: `Contains ${certain.length === 0 ? 'none for certain' : listed(certain.map((one) => one.name))}${certain.length < found.length ? `; may contain ${listed(found.filter((one) => one.often).map((one) => one.name))}` : ''}. To be held against the class’s declared needs before the lesson; labels kept; own equipment where it matters.`,
        remains: 1,
        checkedBy: 'teacher',
      }),
    );
  }
  lines.push(...whatMakesIll(plan));
  const cold = plan.formula.filter((line) => {
    const item = itemOf(line);
    return item !== undefined && isOfAnimals(item) && !keepsWarm.test(item.id);
  });
  if (cold.length > 0) {
    lines.push(
      plain('microbes', 'Food that spoils', {
        caution: 'Out of the refrigerator only when it is used; back at once. Use-by date read.',
        origin: listed(cold.map((line) => line.name.toLowerCase())),
        who: 'whoever eats it',
        control:
          'Kept at 5 °C or below; use-by dates checked; no longer than two hours in the warm; cooked through, or cooled quickly and chilled.',
        remains: 0,
        checkedBy: 'technician',
      }),
    );
  }
  return lines;
}

/** Beans that poison, what is eaten raw, what stands in oil: from the formula, whatever the steps say. */
function whatMakesIll(plan: Plan): RiskLine[] {
  const [beans, raw, oil] = [poisonousBeans(plan), eatenRaw(plan), standsInOil(plan)];
  const names = (found: readonly { name: string }[]) => listed(found.map(({ name }) => name.toLowerCase()));
  const spoken = plan.steps.some(({ text }) => hazardsIn(text).includes('raw-beans'));
  return [
    ...(beans.length > 0 && !spoken
      ? [
          plain('hazard:raw-beans', capitalised(hazards['raw-beans'].name), {
            caution: hazards['raw-beans'].caution,
            origin: names(beans),
            who: 'whoever eats it',
            ...controls['raw-beans'],
          }),
        ]
      : []),
    ...(raw.length > 0
      ? [
          plain('eaten-raw', 'Eaten raw', {
            caution: 'Nobody tastes it unless it is made with what is sold for eating raw.',
            origin: names(raw),
            who: 'whoever eats it; more so who is pregnant, very young, old or ill',
            control:
              'Pasteurised egg, or fish frozen for the purpose, from a supplier who says so; made on the day, kept at 5 °C or below; or cooked instead. Many schools allow none of it raw.',
            remains: 1,
            checkedBy: 'teacher',
          }),
        ]
      : []),
    ...(oil
      ? [
          plain('stands-in-oil', 'Garlic, herbs or vegetables in oil', {
            caution: 'Made fresh, into the refrigerator, thrown away after a few days.',
            origin: names([oil.what]),
            who: 'whoever eats it',
            control:
              'Never kept in the warm: without air, spores from the soil make a poison nobody sees or smells. At 5 °C or below, a few days at the most, with the date on it.',
            remains: 1,
            checkedBy: 'technician',
          }),
        ]
      : []),
  ];
}

/** What the place itself asks. */
function fromVenue(plan: Plan, place: Place | null): RiskLine[] {
  if (!place) return [];
  const tasting =
    plan.steps.some((step) => /\b(?:taste|eat|sensory)\b/i.test(step.text)) ||
    plan.responses.some((one) => one.kind === 'sensory');
  if (place.kind === 'laboratory') {
    return [
      plain('venue', 'Food in a science laboratory', {
        caution: 'Nothing is eaten or tasted here.',
        origin: place.name,
        who: 'everyone',
        control: 'No tasting; nothing taken home; food kept apart from chemicals; benches covered.',
        remains: 0,
        checkedBy: 'teacher',
      }),
    ];
  }
  if (!tasting) return [];
  return [
    plain('venue', 'Tasting', {
      caution: 'Own spoon, once; water between; nobody has to taste.',
      origin: place.name,
      who: 'whoever tastes',
      control:
        'Food room and food-only equipment; hands washed; samples by seat code; allergens told before.',
      remains: 0,
      checkedBy: 'teacher',
    }),
  ];
}

/**
 * Allergens of the formula, of what levels put in and of what the school’s packs say, by the 14 of UK and EU law, and what
 * could stand in.
 */
export function allergenLines(plan: Plan, onPacks: OnPacks): AllergenLine[] {
  const names = ingredientNames(plan);
  return allergens
    .filter((one) => one.ukEu)
    .flatMap(({ id, name }) => {
      const having = names
        .map((one) => ({ ...one, found: allergensIn(one, onPacks) }))
        .filter(({ found }) => found.contains.includes(id) || found.oftenContains.includes(id));
      if (having.length === 0) return [];
      const certain = having.filter(({ found }) => found.contains.includes(id));
      const from = (certain.length > 0 ? certain : having).map((one) => one.name.toLowerCase());
      const instead = (certain.length > 0 ? certain : having).flatMap((one) =>
        substitutesFor(one.known)
          .map(({ to }) => itemById(to).name)
          .filter((other) => {
            const found = allergensIn({ item: null, name: other }, onPacks);
            return !found.contains.includes(id) && !found.oftenContains.includes(id);
          })
          .slice(0, 2)
          .map((other) => `${withItsOwn(other, onPacks)} for ${one.name.toLowerCase()}`),
      );
      return [
        { id, name, from: [...new Set(from)], often: certain.length === 0, instead: [...new Set(instead)] },
      ];
    });
}

/** “oat milk (itself cereals with gluten)”: what stands in can be another’s allergen. */
function withItsOwn(name: string, onPacks: OnPacks): string {
  const { contains } = allergensIn({ item: null, name }, onPacks);
  const own = allergens.filter((one) => one.ukEu && contains.includes(one.id));
  return own.length === 0 ? name : `${name} (itself ${listed(own.map((one) => one.name))})`;
}
