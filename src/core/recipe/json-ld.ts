import { decoded, withoutMarkup } from './markup';

/*
 * schema.org Recipe, the open vocabulary for recipes in JSON-LD (schema.org/Recipe: recipeIngredient, recipeInstructions as
 * text, HowToStep, HowToSection or ItemList, recipeYield as text, number or QuantitativeValue, times as ISO 8601 durations).
 */

/** What of a schema.org Recipe is read, in plain words. */
export interface SchemaRecipe {
  name: string;
  yields: string;
  times: { prep: number | null; cook: number | null; total: number | null };
  ingredients: string[];
  /** Steps in order; a section's name stands before its first. */
  steps: { text: string; section: string }[];
  /** Fields that were there and could not be read. */
  unread: string[];
}

/** Deepest nesting that is followed, and most things that are looked at. */
const deepest = 12;
const mostNodes = 20_000;

type Json = Record<string, unknown>;
const isRecord = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Every recipe in a text: a JSON-LD document (an object, a list, a graph, nested), or a page of HTML that holds some. */
export function schemaRecipesIn(text: string): SchemaRecipe[] {
  const documents = jsonIn(text);
  const found: Json[] = [];
  let left = mostNodes;
  const visit = (value: unknown, depth: number): void => {
    if (depth > deepest || left <= 0) return;
    left -= 1;
    if (Array.isArray(value)) return value.forEach((one) => visit(one, depth + 1));
    if (!isRecord(value)) return;
    if (isRecipe(value)) found.push(value);
    else for (const one of Object.values(value)) if (typeof one === 'object') visit(one, depth + 1);
  };
  documents.forEach((document) => visit(document, 0));
  return found.map(recipeOf).filter((one) => one.ingredients.length > 0 || one.steps.length > 0);
}

function jsonIn(text: string): unknown[] {
  const trimmed = text.trim();
  if (/^[{[]/.test(trimmed)) return parsed(trimmed);
  const found: unknown[] = [];
  const lower = text.toLowerCase();
  for (let at = lower.indexOf('<script'); at >= 0; at = lower.indexOf('<script', at + 7)) {
    const open = lower.indexOf('>', at);
    const close = lower.indexOf('</script', at);
    if (open < 0 || close < open) break;
    if (/application\/ld\+json/.test(lower.slice(at, open)))
      found.push(...parsed(text.slice(open + 1, close)));
  }
  return found;
}

function parsed(text: string): unknown[] {
  const bare = text.replace(/^\s*(?:<!--|\/\/<!\[CDATA\[|<!\[CDATA\[)|(?:-->|\/\/\]\]>|\]\]>)\s*$/g, '');
  try {
    return [JSON.parse(bare)];
  } catch {
    return [];
  }
}

function isRecipe(value: Json): boolean {
  const types = [value['@type'], value.type].flat();
  return types.some(
    (type) => typeof type === 'string' && /^(?:https?:\/\/schema\.org\/|schema:)?Recipe$/i.test(type),
  );
}

/** A text out of whatever stands in a field: a text, a number, a list's first, a thing with a name or a value. */
function textOf(value: unknown, depth = 0): string {
  if (typeof value === 'string') return plain(value);
  if (typeof value === 'number' && Number.isFinite(value)) return String(value);
  if (depth > 4) return '';
  if (Array.isArray(value)) return value.map((one) => textOf(one, depth + 1)).find((one) => one !== '') ?? '';
  if (!isRecord(value)) return '';
  if ('@value' in value) return textOf(value['@value'], depth + 1);
  if ('value' in value)
    return [textOf(value.value, depth + 1), textOf(value.unitText, depth + 1)]
      .filter((one) => one !== '')
      .join(' ');
  return textOf(value.text ?? value.name, depth + 1);
}

/** A text without markup, each line by itself. */
const plain = (text: string) =>
  decoded(withoutMarkup(text.slice(0, 20_000)).replaceAll(/<[^<>]{0,500}>/g, ' '))
    .replaceAll(/[^\S\n]+/g, ' ')
    .trim();

function recipeOf(value: Json): SchemaRecipe {
  const unread: string[] = [];
  const ingredients = listOf(value.recipeIngredient ?? value.ingredients, 'recipeIngredient', unread);
  return {
    name: textOf(value.name).split('\n')[0]!.slice(0, 120),
    yields: textOf(value.recipeYield ?? value.yield).slice(0, 100),
    times: {
      prep: durationOf(value.prepTime, 'prepTime', unread),
      cook: durationOf(value.cookTime, 'cookTime', unread),
      total: durationOf(value.totalTime, 'totalTime', unread),
    },
    ingredients,
    steps: stepsIn(value.recipeInstructions, '', unread, 0),
    unread,
  };
}

function listOf(value: unknown, field: string, unread: string[]): string[] {
  if (value === undefined || value === null) return [];
  if (typeof value === 'string')
    return plain(value)
      .split('\n')
      .flatMap((line) => line.split(/;\s+/))
      .filter((line) => line.trim() !== '');
  if (isRecord(value) && Array.isArray(value.itemListElement))
    return listOf(value.itemListElement, field, unread);
  if (!Array.isArray(value)) {
    unread.push(field);
    return [];
  }
  return value.slice(0, 500).flatMap((one) => {
    const text = textOf(isRecord(one) && isRecord(one.item) ? one.item : one).replaceAll('\n', ' ');
    if (text === '') unread.push(field);
    return text === '' ? [] : [text];
  });
}

function stepsIn(value: unknown, section: string, unread: string[], depth: number): SchemaRecipe['steps'] {
  if (value === undefined || value === null || depth > deepest) return [];
  if (typeof value === 'string')
    return plain(value)
      .split(/\n+/)
      .map((text) => ({ text: text.trim(), section }))
      .filter(({ text }) => text !== '');
  if (Array.isArray(value))
    return value.slice(0, 500).flatMap((one) => stepsIn(one, section, unread, depth + 1));
  if (!isRecord(value)) {
    unread.push('recipeInstructions');
    return [];
  }
  const inner = value.itemListElement ?? value.steps;
  const named = textOf(value.name).split('\n')[0]!;
  const isSection = [value['@type']]
    .flat()
    .some((type) => typeof type === 'string' && /HowToSection$/i.test(type));
  if (inner !== undefined && typeof value.text !== 'string') {
    // A step made of directions and tips is one step; a section is several.
    const isStep = [value['@type']]
      .flat()
      .some((type) => typeof type === 'string' && /HowToStep$/i.test(type));
    const parts = stepsIn(inner, isSection ? named : section, unread, depth + 1);
    return isStep ? [{ text: parts.map((part) => part.text).join(' '), section }] : parts;
  }
  if (isRecord(value.item)) return stepsIn(value.item, section, unread, depth + 1);
  const text = textOf(value.text) || named;
  if (text === '') {
    unread.push('recipeInstructions');
    return [];
  }
  return text
    .split(/\n+/)
    .map((one) => ({ text: one.trim(), section }))
    .filter((one) => one.text !== '');
}

/** Minutes of an ISO 8601 duration: “PT1H30M”, “P0DT20M”. */
function durationOf(value: unknown, field: string, unread: string[]): number | null {
  const text = textOf(value);
  if (text === '') return null;
  const match = /^P(?:(\d{1,3})D)?(?:T(?:(\d{1,4})H)?(?:(\d{1,5})M)?(?:(\d{1,6})(?:\.\d+)?S)?)?$/i.exec(text);
  if (!match || text.length < 3) {
    unread.push(field);
    return null;
  }
  const [days, hours, minutes, seconds] = match.slice(1).map((part) => Number(part ?? 0));
  return days! * 1440 + hours! * 60 + minutes! + seconds! / 60;
}

/** A schema.org recipe as the text of a recipe, with a list and numbered steps. */
export function textOfSchemaRecipe(recipe: SchemaRecipe): string {
  const { prep, cook, total } = recipe.times;
  const minutes = (words: string, value: number | null) =>
    value ? [`${words}: ${Number(value.toFixed(1))} minutes`] : [];
  const yields =
    recipe.yields === ''
      ? []
      : [
          /^\d+$/.test(recipe.yields)
            ? `Serves ${recipe.yields}`
            : /^(?:makes|serves|yield)/i.test(recipe.yields)
              ? recipe.yields
              : `Makes ${recipe.yields}`,
        ];
  const steps: string[] = [];
  let section = '';
  recipe.steps.forEach((step, i) => {
    if (step.section !== section && step.section !== '') steps.push('', `${step.section.replace(/:$/, '')}:`);
    section = step.section;
    steps.push(`${i + 1}. ${step.text}`);
  });
  return [
    recipe.name || 'A recipe without a name',
    ...yields,
    ...minutes('Prep', prep),
    ...minutes('Cook', cook),
    ...(prep === null && cook === null ? minutes('Total', total) : []),
    '',
    'Ingredients:',
    ...recipe.ingredients,
    '',
    'Method:',
    ...steps,
  ].join('\n');
}
