import { remembered } from '../memory';
import { hazardIds, type HazardId } from './hazards';
import { hazardSign } from './hazard-signs';

/** Words that a sentence uses for what the one before named. */
const pronoun =
  /\b(it|its|them|they|this|that|these|those|mixture|everything|all|the pan|the pot|the bowl)\b/u;

/** Phrases that name a thing of danger without the danger: taken out before anything is looked for. */
const harmless: readonly RegExp[] = [
  /\b(boiling|melting|freezing|smoke|setting|flash|serving) (points?|curve)\b/gu,
  /\b(no|without|instead of|rather than|not) (any |a |an |the |using |need(ing)? )?(heat(ing)?|oven|knife|knives|cutting|boiling|cooking|baking|eggs?|oil|flame|mixer|blender|grater|grating|thermometers?|meat)\b/gu,
  /\b(do not|don t|dont|never|cannot|can t) (?!leave|lean|touch|reach|lift|open|let|stir|put|pour)(boil|heat|cut|cook|bake|melt|fry|grate|knead|blend|chop|slice|peel|freeze|roast|simmer|crack|beat|whisk)\b/gu,
  /\boven (temperatures?|settings?|times?)\b|\bsteam engines?\b|\bkni(fe|ves) (block|rack|drawer|case)\b|\bcut outs?\b(?= (labels?|cards?|letters?|shapes?))/gu,
  /\b(oven|heat)[- ]?(gloves?|mitts?|ready|proof|resistant|safe|mat)\b/gu,
  /\bfish slices?\b|\b(steak|bread|palette|butter|table|cheese) kni(fe|ves) (drawer|rack|block)\b|\begg (timers?|cups?|box(es)?|cartons?|slicers?|shaped|free|less|noodles?|replacers?|substitutes?|yellow|plants?|fruits?)\b|\b(chocolate|easter|sugar|tea) eggs?\b|\beggplants?\b|\begg shaped\b/gu,
  /\b(chicken|beef|fish|vegetable|lamb|pork|veal|meat|turkey) (stocks?|broths?|bouillon|stock cubes?|gravy|flavour\w*|sauce|paste|crisps)\b|\boyster (sauce|mushrooms?)\b|\bcrab apples?\b|\bham(burger)? buns?\b|\bburger buns?\b|\bfish tanks?\b|\bhot dog buns?\b|\bduck eggs?\b/gu,
  /\bsugar (thermometers?|free|tongs|paper|bowl|snap|substitute)\b|\bwashing up\b/gu,
  /\b(bunsen|gas|oven|hob|stove|burner|grill|heat) (is |are )?(off|switched off|turned off)\b/gu,
];

/** The sentences of a text, each with the one before it where it says “it”. */
function sentencesOf(text: string): { sentence: string; context: string }[] {
  const sentences = text
    .normalize('NFKC')
    .toLowerCase()
    .replaceAll(/[’‘']/g, ' ')
    .split(/(?<=[^\d])[.!?;\n]+|[.!?;\n]+(?=\s|$)|\b(?:then|afterwards|after that|meanwhile)\b/u)
    .map((sentence) => sentence.replaceAll(/[^\p{L}\p{N}°%.,−-]+/gu, ' ').replaceAll(/[-,]/g, ' '))
    .map((sentence) =>
      ` ${harmless.reduce((rest, one) => rest.replaceAll(one, ' '), sentence)} `.replaceAll(/\s+/g, ' '),
    );
  return sentences.map((sentence, i) => {
    const before = sentences[i - 1];
    return {
      sentence,
      context: before !== undefined && pronoun.test(sentence) ? `${before.trimEnd()}${sentence}` : sentence,
    };
  });
}

/**
 * The dangers in what a step says to do, found from its words in any order: verbs with the things they are done to,
 * temperatures, and tools. A sentence that says “it” inherits what the one before named. Only a reminder to look: the
 * teacher decides which cautions stand on a step.
 */
export const hazardsIn = remembered((text: string): HazardId[] => {
  const found = new Set<HazardId>();
  for (const { sentence, context } of sentencesOf(text))
    for (const id of hazardIds) if (hazardSign[id](sentence, context)) found.add(id);
  return hazardIds.filter((id) => found.has(id));
});

/**
 * Looks for each danger once, in parts: the first look makes its patterns ready, which for all of them together takes a
 * fifth of a second.
 */
export function* readyToLook(text: string): Generator<undefined, void, undefined> {
  const [first] = sentencesOf(text);
  if (!first) return;
  for (const id of hazardIds) {
    hazardSign[id](first.sentence, first.context);
    yield;
  }
}
