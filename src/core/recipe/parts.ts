import { longestNameAt } from '../ingredients';
import { stemsIn } from './called';
import type { Language } from './item-named';
import { amountsIn } from './amounts-said';
import {
  headingOf,
  type Heading,
  piecesOfTitle,
  tellsMassMade,
  timesTold,
  yieldOf,
  type YieldSaid,
} from './headings';
import type { Row } from './layout';
import { apart, isIngredientLike, isStrictIngredient, joinAmounts, listIn } from './lists';
import { aside, partNames, tellsToDo, toBring } from './part-words';
import { quantityAt, timesIn } from '../prose';
import { beginsAsStep, bullet, hasVerb, numberedVerb, numbering, sentencesOf } from './sentences';
import { temperaturesIn } from './temperatures';
import { isTitle, titleFrom, withoutAside } from './titles';

/** A line and what it is part of. */
export interface Part {
  line: number;
  text: string;
  /** “glaze”, “filling”; empty for the main part. */
  section: string;
  /** Whether it stood in a list of numbered steps. */
  numbered: boolean;
}

/** A recipe taken apart: what belongs to its list and what to its method. */
export interface Parts {
  title: string;
  yields: (YieldSaid & { line: number })[];
  told: { what: 'prep' | 'cook' | 'total'; said: string; line: number }[];
  ingredients: Part[];
  steps: Part[];
  notUnderstood: number[];
  /** Whether a list of ingredients was found at all; else they stand in the sentences. */
  listed: boolean;
}

type Mode = 'start' | 'ingredients' | 'method' | 'notes';

/** Sorts the rows of a text into title, list, method and what is neither. */
export function partsOf(rows: readonly Row[], language: Language): Parts {
  const sorter = new Sorter(language);
  const joined = joinAmounts(rows);
  joined.forEach((row, i) => sorter.take(row, joined[i + 1] ?? null));
  return sorter.parts();
}

class Sorter {
  readonly #language: Language;
  #mode: Mode = 'start';
  #section = '';
  /** Of the last numbered line of the method. */
  #number = NaN;
  /** Parts that were listed since the last step. */
  readonly #listed = new Set<string>();
  readonly #parts: Parts = {
    title: '',
    yields: [],
    told: [],
    ingredients: [],
    steps: [],
    notUnderstood: [],
    listed: false,
  };

  constructor(language: Language) {
    this.#language = language;
  }

  parts(): Parts {
    return { ...this.#parts, listed: this.#parts.ingredients.length > 0 };
  }

  take({ line, text: whole }: Row, next: Row | null): void {
    const text = whole.trim();
    if (text === '' || !/\p{L}/u.test(text)) {
      if (text !== '' && /[\p{L}\p{N}]/u.test(text)) this.#parts.notUnderstood.push(line);
      return;
    }
    const bare = text.replace(bullet, '');
    if (this.#takeHeading(line, bare, next)) return;
    if (this.#takeYield(line, bare)) return;
    if (this.#mode === 'notes' && this.#beginsMethod(bare)) this.#mode = 'method';
    if (this.#mode === 'notes') {
      this.#parts.notUnderstood.push(line);
      return;
    }
    this.#takeLine(line, bare, bullet.test(text), next);
  }

  #takeHeading(line: number, text: string, next: Row | null): boolean {
    const heading = headingOf(text) ?? this.#partHeaded(text, next);
    if (!heading) return false;
    if (heading.kind === 'section') {
      const inside = heading.rest;
      if (inside === '') {
        // A title with a colon at its end, or a section of what follows.
        if (this.#isFirst() && !/^(?:for|to|für|pour|para|per|untuk)\b/i.test(text)) {
          this.#setTitle(line, text);
          return true;
        }
        this.#section = heading.name;
        // After a method another list may begin: “For the icing:”.
        if (this.#mode === 'method' && next && isIngredientLike(next.text, this.#language))
          this.#mode = 'ingredients';
        if (this.#mode === 'notes') this.#mode = 'start';
        return true;
      }
      const list = listIn(inside, this.#language);
      if (this.#mode === 'notes') return false;
      if (!list) {
        // “Tempering: 3 tbsp ghee”
        const counts = yieldOf(text) !== null || timesIn(inside).length > 0;
        if (counts || quantityAt(inside) === null || !isStrictIngredient(inside, this.#language))
          return false;
        this.#addIngredient(line, inside, heading.name);
        return true;
      }
      list.forEach((one) => this.#addIngredient(line, one, heading.name));
      return true;
    }
    // “Equipment: saucepan, knife, board”: the line, and not what stands under it.
    if (heading.kind === 'notes' && heading.rest !== '') {
      this.#parts.notUnderstood.push(line);
      return true;
    }
    this.#mode = heading.kind;
    this.#section = '';
    if (heading.rest === '') return true;
    if (!this.#takeYield(line, heading.rest)) this.take({ line, text: heading.rest }, next);
    return true;
  }

  /** “1. Peel the onion”, where no step went before. */
  #beginsMethod(text: string): boolean {
    const { ingredients, steps } = this.#parts;
    if (ingredients.length === 0 || steps.length > 0) return false;
    const [numbered, body] = this.#numbered(text);
    return numbered && beginsAsStep(body, this.#language);
  }

  /** “Dough”, “The filling” alone in a line, with an amount of something under it. */
  #partHeaded(text: string, next: Row | null): Heading | null {
    if (
      this.#isFirst() ||
      next === null ||
      !isStrictIngredient(next.text.replace(bullet, ''), this.#language)
    )
      return null;
    const named = partNames.exec(text);
    return named ? { kind: 'section', name: named[1]!.toLowerCase(), rest: '' } : null;
  }

  #takeYield(line: number, text: string): boolean {
    const early = this.#parts.ingredients.length === 0 && this.#parts.steps.length === 0;
    const told = timesTold(text, early);
    told.forEach((one) => this.#parts.told.push({ ...one, line }));
    if (!this.#isFirst() && tellsMassMade(text)) return true;
    const said = yieldOf(text);
    const alone = said && text.length - said.words.length <= 12;
    if (said && (alone || (early && !beginsAsStep(text) && text.split(' ').length <= 12))) {
      this.#parts.yields.push({ ...said, line });
      const rest = withoutAside(text, said.words);
      if (this.#parts.title === '' && early && /\p{L}{3}/u.test(rest)) this.#setTitle(line, rest);
      return true;
    }
    return (
      told.length > 0 &&
      told.reduce((sum, one) => sum + one.said.length, 0) * 3 > text.length &&
      (early || !beginsAsStep(text))
    );
  }

  #setTitle(line: number, text: string): void {
    this.#parts.title = titleFrom(text);
    const pieces = piecesOfTitle(this.#parts.title);
    if (pieces && this.#parts.yields.length === 0) this.#parts.yields.push({ ...pieces, line });
  }

  #takeLine(line: number, text: string, bulleted: boolean, next: Row | null): void {
    const [numbered, body] = this.#numbered(text);
    const step = beginsAsStep(body, this.#language);
    if (this.#mode === 'method') {
      // A second list after the method.
      if (!step && !numbered && !/\.$/.test(body) && isStrictIngredient(body, this.#language))
        return this.#addIngredient(line, body);
      return this.#addStep(line, body, numbered);
    }
    if (this.#isFirst() && isTitle(body, step, next, this.#language)) return this.#setTitle(line, body);
    const list = step ? null : listIn(body, this.#language);
    if (list) {
      list.forEach((one) => this.#addIngredient(line, one));
      return;
    }
    if (this.#goesOn(body, numbered)) return this.#addStep(line, body, numbered);
    // “Each pupil takes 80 g, halves it and rolls two.” among steps is no line of the list.
    const told = this.#parts.steps.length > 0 && /[.!]$/.test(body) && body.split(' ').length > 5;
    if (!step && !told && isIngredientLike(body, this.#language)) return this.#addIngredient(line, body);
    // “i. Water, butter and salt: melt slowly.”
    if (numbered && !step && this.#parts.ingredients.length > 0 && hasVerb(body) && / .* /.test(body))
      return this.#addStep(line, body, numbered);
    const long = body.split(' ').length >= 3;
    const sentence = /[.!]$/.test(body) && long;
    // “Slice thinly.” under a list.
    const listed = /[.!]$/.test(body) && this.#parts.ingredients.length > 0;
    if (step && (long || numbered || listed || this.#parts.steps.length > 0))
      return this.#addStep(line, body, numbered);
    if (
      this.#mode === 'start' &&
      this.#parts.title === '' &&
      this.#parts.ingredients.length === 0 &&
      !sentence
    )
      return this.#setTitle(line, body);
    // Sentences before any list: prose, if it says how much, how long or how hot.
    const cooks = amountsIn(body).length > 0 || timesIn(body).length > 0 || temperaturesIn(body).length > 0;
    if (
      (hasVerb(body) || told) &&
      (sentence || body.length > 60) &&
      (cooks || this.#parts.steps.length > 0 || tellsMuch(body)) &&
      (this.#mode !== 'ingredients' || body.length > 60)
    )
      return this.#addStep(line, body, numbered);
    if (this.#mode === 'ingredients' && body.split(' ').length <= 8 && !sentence)
      return this.#addIngredient(line, body);
    // “coriander and sliced red chilli” under other lines, where no method has begun.
    const among = this.#parts.ingredients.length > 0 && this.#parts.steps.length === 0;
    if (among && body.split(' ').length <= 6 && !sentence && namesAnItem(body))
      return this.#addIngredient(line, body);
    if (this.#mode === 'ingredients' && numbered) return this.#addStep(line, body, numbered);
    if (bulleted && this.#parts.ingredients.length > 0 && body.split(' ').length <= 5)
      return this.#addIngredient(line, body);
    this.#parts.notUnderstood.push(line);
  }

  /** Whether a line has a number of a method, and what stands behind it; “4 Share” is one where three went before. */
  #numbered(text: string): [boolean, string] {
    const number = Number(/^(?:step )?\(?(\d{1,2})/i.exec(text)?.[1] ?? NaN);
    const verb =
      numberedVerb(text) ?? (number === this.#number + 1 ? /^\d{1,2} (?=\p{Lu})/u.exec(text) : null);
    const marked = numbering.test(text);
    if (!marked && !verb) return [false, text];
    this.#number = number;
    return [true, marked ? text.replace(numbering, '') : text.slice(verb![0].length)];
  }

  /** A verb nobody has listed: the next number of a numbered method, or a sentence after steps that tells to do something. */
  #goesOn(body: string, numbered: boolean): boolean {
    const last = this.#parts.steps.at(-1);
    if (!last || this.#mode === 'notes' || aside.test(body) || quantityAt(body) !== null) return false;
    return (numbered && last.numbered) || (/[.!]$/.test(body) && tellsToDo.test(body));
  }

  #isFirst(): boolean {
    const { title, ingredients, steps } = this.#parts;
    return this.#mode === 'start' && title === '' && ingredients.length === 0 && steps.length === 0;
  }

  #addIngredient(line: number, text: string, section = this.#section): void {
    if (toBring.test(text)) {
      this.#parts.notUnderstood.push(line);
      return;
    }
    this.#listed.add(section);
    for (const one of apart(text))
      this.#parts.ingredients.push({ line, text: one, section, numbered: false });
  }

  /** “Serves 4” at the end of a method is no step. */
  #withoutYield(line: number, text: string): string {
    const sentences = sentencesOf(text);
    const last = sentences.at(-1);
    if (last && tellsMassMade(last.text)) return text.slice(0, last.from).trim();
    const said = last && /^(?:serves|makes|yields|enough for)\b/i.test(last.text) ? yieldOf(last.text) : null;
    if (!last || !said || last.text.length - said.words.length > 12) return text;
    this.#parts.yields.push({ ...said, line });
    return text.slice(0, last.from).trim();
  }

  #addStep(line: number, text: string, numbered: boolean): void {
    const last = this.#parts.steps.at(-1);
    // A sentence that was broken by the end of a line.
    if (last && !numbered && /^\p{Ll}/u.test(text) && !/[.!?:;]$/.test(last.text)) {
      last.text = `${last.text} ${text}`;
      return;
    }
    // Several lists in a row, and then a method: it is of all of them.
    if (this.#listed.size >= 2) this.#section = '';
    this.#listed.clear();
    const rest = this.#withoutYield(line, text);
    if (rest !== '') this.#parts.steps.push({ line, text: rest, section: this.#section, numbered });
  }
}

/** A paragraph of several sentences that tell to do things. */
const tellsMuch = (text: string): boolean =>
  sentencesOf(text).filter((one) => beginsAsStep(one.text)).length >= 2;

function namesAnItem(text: string): boolean {
  const stems = stemsIn(text);
  return stems.some((_, i) => longestNameAt(stems, i) !== null);
}
