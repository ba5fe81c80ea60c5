import { isNeutral, longestNameAt, stemOf, withoutDoing, type IngredientItem } from '../ingredients';
import { collective, exceptIn, isExcepted, meansAll } from './collectives';
import { type Mentionable, calledBy, formWords, stemsIn, tokensOf } from './called';
import { foreignMentions, type Language } from './item-named';

/** What a sentence names: lines of the formula, and what is on none of them. */
export interface Mentioned {
  uses: number[];
  /** Lines that a bare word of it can mean besides: “the milk”, where two lines are milk. */
  loosely: number[];
  /** Ingredients that no line is, with their words. */
  others: { item: IngredientItem; words: string; from: number }[];
  /** Places where a line is named, for amounts said beside it. */
  places: { lines: number[]; from: number; to: number }[];
}

interface Phrase {
  stems: string[];
  line: number;
  /** How surely it means the line: 3 its whole name, 2 a name of the item, 1 the head of its name, 0 a kind of thing. */
  rank: number;
}

/** “l'amido”, “d'huile”. */
const elided = /(?<!\p{L})(?:l|d|un|dell|all|nell|dall|sull|qu)'(?=\p{L})/giu;

/** Parts of a thing that a sentence calls by their own name: the yolk of an egg, the juice of a lemon. */
const partsOfThings: Readonly<Record<string, string>> = {
  'egg-white': 'egg',
  'egg-yolk': 'egg',
  'lemon-juice': 'lemon',
  'orange-juice': 'orange',
  'bottled-lemon-juice': 'lemon',
};

const partWords = new Set(['zest', 'juice', 'rind', 'peel'].map(stemOf));

/** Reads which lines of a formula sentences speak of. */
export class Mentions {
  readonly #lines: readonly Mentionable[];
  readonly #language: Language;
  readonly #byFirst = new Map<string, Phrase[]>();
  readonly #byFullName = new Set<number>();

  constructor(lines: readonly Mentionable[], language: Language) {
    this.#lines = lines;
    this.#language = language;
    lines.forEach((line, i) => this.#addPhrases(line, i));
    for (const list of this.#byFirst.values())
      list.sort((a, b) => b.stems.length - a.stems.length || b.rank - a.rank);
  }

  #add(stems: string[], line: number, rank: number): void {
    if (stems.length === 0 || stems[0] === '') return;
    const list = this.#byFirst.get(stems[0]!) ?? [];
    list.push({ stems, line, rank });
    this.#byFirst.set(stems[0]!, list);
  }

  #addPhrases({ name, item }: Mentionable, i: number): void {
    const stems = stemsIn(name);
    this.#add(stems, i, 3);
    // “fresh ginger” is also “ginger”; “strong white flour” is “white flour”.
    for (let at = 1; at < stems.length - 1; at += 1) this.#add(stems.slice(at), i, 2);
    const meaning = stems.filter((stem) => !isNeutral(stem));
    const head = meaning.at(-1) ?? stems.at(-1)!;
    this.#add([head], i, 1);
    if (formWords.has(stems.at(-1)!)) this.#add([stems.at(-1)!], i, 0.5);
    if (this.#language !== 'en' && stems[0] !== head) this.#add([stems[0]!], i, 1);
    for (const word of meaning) if (word.length > 3 && word !== head) this.#add([word], i, 0.5);
    // “with the zest”, “the juice”: where the line is one of it.
    const part = stems.find((stem) => partWords.has(stem));
    if (part !== undefined) this.#add([part], i, 1);
    if (!item) return;
    const called = calledBy(item);
    for (const its of called.names) this.#add(its, i, its.length > 1 ? 2 : 1);
    for (const its of called.loose) this.#add(its, i, 1);
    for (const kind of called.kinds) this.#add([kind], i, 0);
  }

  /** Lines that a method calls by their full name somewhere: a bare “sugar” means the others. */
  learn(sentences: readonly string[]): void {
    for (const sentence of sentences) {
      for (const { lines, from, to } of this.in(sentence, '').places)
        if (lines.length === 1 && /\p{L}[ -]\p{L}/u.test(sentence.slice(from, to)))
          this.#byFullName.add(lines[0]!);
    }
  }

  /**
   * What a sentence of a section names. The text is expected as `plainText` leaves it.
   *
   * @param coating what only coats a tin or a board counts too
   */
  in(said: string, section: string, coating = false): Mentioned {
    const sentence =
      this.#language === 'en' ? said : said.replaceAll(elided, (found) => `${found.slice(0, -1)} `);
    const tokens = tokensOf(this.#language === 'en' && !coating ? withoutDoing(sentence) : sentence);
    // A comma ends a name: what follows is looked at as if the sentence began there.
    const ends = tokens.map(
      (one, i) => i + 1 < tokens.length && /[,;:.()]/.test(sentence.slice(one.to, tokens[i + 1]!.from)),
    );
    const upTo = (at: number) => {
      const end = ends.indexOf(true, at);
      return end < 0 ? tokens.length : end + 1;
    };
    const all = tokens.map((one) => one.stem);
    const uses = new Set<number>(collective(this.#lines, sentence, section));
    const loosely = new Set<number>();
    const others: Mentioned['others'] = [];
    const places: Mentioned['places'] = [];
    for (let i = 0; i < tokens.length;) {
      const stems = all.slice(0, upTo(i));
      const own = this.#phraseAt(stems, i);
      const named = longestNameAt(stems, i);
      const place = (length: number) => ({ from: tokens[i]!.from, to: tokens[i + length - 1]!.to });
      if (own && (!named || named.length <= own.length || this.#isPart(named.item, own.lines))) {
        const length = Math.max(own.length, named && this.#isPart(named.item, own.lines) ? named.length : 0);
        const lines = this.#meant(own.lines, section, length);
        if (length === 1) this.#sharing(stems[i]!).forEach((line) => loosely.add(line));
        lines.forEach((line) => uses.add(line));
        places.push({ lines, ...place(length) });
        i += length;
        continue;
      }
      if (named) {
        const kin = this.#kinOf(named.item, named.length);
        if (kin.length > 0) {
          kin.forEach((line) => uses.add(line));
          places.push({ lines: kin, ...place(named.length) });
        } else {
          const { from, to } = place(named.length);
          others.push({ item: named.item, words: sentence.slice(from, to), from });
        }
        i += named.length;
        continue;
      }
      i += 1;
    }
    this.#settle(places, uses);
    if (this.#language !== 'en')
      return { uses: this.#foreign(sentence, uses), loosely: [...loosely], others: [], places };
    const except = exceptIn(sentence);
    const besides = (line: number) =>
      except !== null &&
      places.some(
        ({ lines, from }) =>
          lines.includes(line) && (from < except.index || from >= except.index + except[0].length),
      );
    const named = [...uses].filter((line) => besides(line) || !isExcepted(this.#lines[line]!, sentence));
    return { uses: named.sort((a, b) => a - b), loosely: [...loosely], others, places };
  }

  /** The longest phrase at a place; of equals those of the highest rank. */
  #phraseAt(stems: readonly string[], at: number): { lines: number[]; length: number } | null {
    const fitting = (this.#byFirst.get(stems[at]!) ?? []).filter((one) =>
      one.stems.every((stem, j) => stems[at + j] === stem),
    );
    const longest = fitting[0];
    if (!longest) return null;
    const same = fitting.filter((one) => one.stems.length === longest.stems.length);
    const rank = Math.max(...same.map((one) => one.rank));
    const whole = rank < 3 && longest.stems.length === 1 && meansAll.has(stems[at]!);
    return {
      lines: [
        ...new Set(
          same.filter((one) => one.rank === rank || (whole && one.rank === 0)).map((one) => one.line),
        ),
      ],
      length: longest.stems.length,
    };
  }

  /** “Mix sugar, oil and eggs”: of two sugars the one of the part that the oil and the eggs are of. */
  #settle(places: Mentioned['places'], uses: Set<number>): void {
    const parts = new Set(
      places.filter(({ lines }) => lines.length === 1).map(({ lines }) => this.#lines[lines[0]!]!.section),
    );
    if (parts.size !== 1) return;
    for (const place of places) {
      const near = place.lines.filter((line) => parts.has(this.#lines[line]!.section));
      if (place.lines.length < 2 || near.length === 0 || near.length === place.lines.length) continue;
      for (const line of place.lines)
        if (!near.includes(line) && !places.some((one) => one !== place && one.lines.includes(line)))
          uses.delete(line);
      place.lines = near;
    }
  }

  /** All lines that a single word can mean, however loosely. */
  #sharing(stem: string): number[] {
    return (this.#byFirst.get(stem) ?? [])
      .filter(({ stems, rank }) => stems.length === 1 && (rank > 0 || meansAll.has(stem)))
      .map(({ line }) => line);
  }

  #isPart(item: IngredientItem, lines: readonly number[]): boolean {
    const whole = partsOfThings[item.id];
    return lines.some((line) => {
      const own = this.#lines[line]!.item;
      return (
        own !== undefined &&
        (own.id === item.id || own.id === whole || (own.id === 'lime' && item.id === 'lemon-juice'))
      );
    });
  }

  /** Lines of the same family as an item that is on none: “white sugar” where caster sugar is listed. */
  #kinOf(item: IngredientItem, length: number): number[] {
    const whole = partsOfThings[item.id];
    return this.#lines.flatMap(({ item: own }, i) => {
      if (!own) return [];
      if (own.id === item.id || own.id === whole || partsOfThings[own.id] === item.id) return [i];
      if (own.family !== item.family) return [];
      // “icing sugar” is not the caster sugar of the list; “sugar” is.
      return length === 1 ? [i] : [];
    });
  }

  /** Of several lines one word can mean: those of its own section, where it has some. */
  #meant(lines: readonly number[], section: string, length: number): number[] {
    if (lines.length < 2) return [...lines];
    const here = lines.filter((line) => this.#lines[line]!.section === section);
    const near = here.length > 0 && section !== '' ? here : lines;
    // A bare word means those that are never called in full.
    const others = length > 1 ? [...near] : near.filter((line) => !this.#byFullName.has(line));
    return others.length > 0 ? others : [...near];
  }

  #foreign(sentence: string, uses: Set<number>): number[] {
    for (const { english } of foreignMentions(sentence, this.#language)) {
      this.#lines.forEach(({ item }, i) => {
        if (item && (item.names.includes(english) || item.name === english)) uses.add(i);
      });
    }
    return [...uses].sort((a, b) => a - b);
  }
}
