import {
  origins,
  allergenIds,
  type AcidContent,
  type AllergenMark,
  type BulkDensity,
  type Composition,
  type IngredientItem,
  type Origin,
} from './item';

/*
 * A line of the shelf: id | names; the first as shown | facts. Facts, all optional:
 *   d=usual/low/high   bulk density, g/ml           e=50        one piece, g
 *   n=P/F/C/S/fi/salt  g in 100 g                    w=88 a=12   water and alcohol, %
 *   in=… may=…         allergens contained, often    acid=kind:%  its acid
 *   syrup=.8           share that is syrup solids    is=…        family a sentence calls it by
 *   loose=… named      words in a step               job=… packs=… states=… kind=…
 */

/** @throws Error naming the line: the shelf is ours, so a slip in it is a slip of the program */
export function readRow(line: string): Omit<IngredientItem, 'shelf'> {
  const [id, namesText, factsText = ''] = line.split(' | ').map((part) => part.trim());
  if (!id || !namesText) throw new Error(`shelf: not a row: ${line}`);
  const names = listOf(namesText, /;\s*/);
  const facts = new Map(
    listOf(factsText, /\s+/).map((fact) => {
      const at = fact.indexOf('=');
      return at < 0 ? [fact, ''] : [fact.slice(0, at), fact.slice(at + 1)];
    }),
  );
  const contains = marks(facts.get('in'), line);
  return {
    id,
    name: names[0]!,
    names,
    loose: listOf(facts.get('loose')),
    family: facts.get('is') ?? id,
    telling: facts.has('named'),
    density: density(facts.get('d')),
    pieceG: number(facts.get('e')),
    composition: composition(facts.get('n')),
    waterPercent: number(facts.get('w')),
    alcoholPercent: number(facts.get('a')) ?? 0,
    syrupShare: number(facts.get('syrup')),
    acid: acid(facts.get('acid')),
    contains,
    oftenContains: marks(facts.get('may'), line).filter((mark) => !contains.includes(mark)),
    jobs: listOf(facts.get('job')),
    packsG: listOf(facts.get('packs')).map(Number),
    states: listOf(facts.get('states')),
    origin: origin(facts.get('kind') ?? 'plant', line),
  };
}

const listOf = (text: string | undefined, between: RegExp = /,/) =>
  (text ?? '').split(between).filter((part) => part !== '');

const number = (text: string | undefined) => (text === undefined ? null : Number(text));

function origin(text: string, line: string): Origin {
  if (!(origins as readonly string[]).includes(text)) throw new Error(`shelf: kind=${text} in ${line}`);
  return text as Origin;
}

function marks(text: string | undefined, line: string): AllergenMark[] {
  return listOf(text).map((mark) => {
    const id = mark.replace('@us', '');
    if (!(allergenIds as readonly string[]).includes(id)) throw new Error(`shelf: ${mark} in ${line}`);
    return mark as AllergenMark;
  });
}

function density(text: string | undefined): BulkDensity | null {
  if (text === undefined) return null;
  const [gPerMl, low, high] = text.split('/').map(Number);
  return { gPerMl: gPerMl!, low: low!, high: high! };
}

function composition(text: string | undefined): Composition | null {
  if (text === undefined) return null;
  const [proteinG, fatG, carbohydrateG, sugarsG, fibreG, saltG] = text.split('/').map(Number);
  return {
    proteinG: proteinG!,
    fatG: fatG!,
    carbohydrateG: carbohydrateG!,
    sugarsG: sugarsG!,
    fibreG: fibreG!,
    saltG: saltG!,
  };
}

function acid(text: string | undefined): AcidContent | null {
  if (text === undefined) return null;
  const [kind, percent] = text.split(':');
  return { kind: kind!, percent: Number(percent) };
}
