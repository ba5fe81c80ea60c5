/** A number as a cook writes it, at the head of a text. */
export interface Quantity {
  low: number;
  /** Upper end of a range; null for one number. */
  high: number | null;
  /** How many characters of the text it takes, blanks after it included. */
  length: number;
  /** Whether it could as well have been read otherwise: “1.500”. */
  doubtful: boolean;
}

/** Words for numbers in English, German, French, Spanish, Italian and Indonesian. */
const numberWords: Readonly<Record<string, number>> = Object.fromEntries(
  (
    [
      [1, 'a an one ein eine einen einer eines un une uno una satu'],
      [2, 'two couple pair zwei deux dos due dua'],
      [3, 'three drei trois tres tre tiga'],
      [4, 'four vier quatre cuatro quattro empat'],
      [5, 'five fünf cinq cinco cinque lima'],
      [6, 'six sechs seis sei enam'],
      [7, 'seven sieben sept siete sette tujuh'],
      [8, 'eight acht huit ocho otto delapan'],
      [9, 'nine neun neuf nueve nove sembilan'],
      [10, 'ten zehn dix diez dieci sepuluh'],
      [11, 'eleven'],
      [12, 'twelve dozen zwölf douze doce dodici dutzend'],
      [14, 'fourteen'],
      [15, 'fifteen quinze quince quindici'],
      [16, 'sixteen'],
      [18, 'eighteen'],
      [20, 'twenty zwanzig vingt veinte venti'],
      [24, 'twenty-four'],
      [25, 'twenty-five'],
      [30, 'thirty dreißig trente treinta trenta'],
      [35, 'thirty-five'],
      [40, 'forty vierzig quarante cuarenta quaranta'],
      [45, 'forty-five'],
      [50, 'fifty'],
      [60, 'sixty'],
      [70, 'seventy'],
      [75, 'seventy-five'],
      [80, 'eighty'],
      [90, 'ninety'],
      [100, 'hundred hundert cent cien cento seratus'],
      [200, 'two-hundred dos-cientos doscientos duecento'],
      [500, 'quinientos'],
      [1.5, 'anderthalb eineinhalb'],
      [2.5, 'zweieinhalb'],
      [0.5, 'half halbe halber halbes halben demi demie medio media mezzo mezza setengah'],
      [0.25, 'quarter viertel quart cuarto quarto seperempat'],
      [0.75, 'dreiviertel'],
      [1 / 3, 'third drittel tiers tercio terzo sepertiga'],
    ] as const
  ).flatMap(([value, words]) => words.split(' ').map((word) => [word, value])),
);

const wordPattern = Object.keys(numberWords)
  .sort((a, b) => b.length - a.length)
  .join('|');
const parts = 'half|quarter|third|demie?|medi[oa]|mezz[oa]';
/** Fractions that are one character. */
const glyphs: Readonly<Record<string, number>> = {
  ...{ '½': 1 / 2, '⅓': 1 / 3, '⅔': 2 / 3, '¼': 1 / 4, '¾': 3 / 4 },
  ...{ '⅕': 1 / 5, '⅖': 2 / 5, '⅗': 3 / 5, '⅘': 4 / 5, '⅙': 1 / 6, '⅚': 5 / 6 },
  ...{ '⅛': 1 / 8, '⅜': 3 / 8, '⅝': 5 / 8, '⅞': 7 / 8 },
};

const phrases: readonly (readonly [RegExp, (match: RegExpExecArray) => number])[] = [
  // “1½”, “2 ¾”
  [/^(\d{1,3})?\s?([½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])/u, (match) => Number(match[1] ?? 0) + glyphs[match[2]!]!],
  // “forty-five”, “twenty one”: a ten and a one are one number
  [
    /^(twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)[ -](one|two|three|four|five|six|seven|eight|nine)(?![\p{L}-])/iu,
    (match) => wordValue(match[1]!) + wordValue(match[2]!),
  ],
  // “half a dozen”, “a couple of dozen”
  [/^half a dozen\b/i, () => 6],
  [/^(?:a|one) dozen\b/i, () => 12],
  [/^(?:a|one) (?:couple|pair)\b/i, () => 2],
  // “two hundred and fifty”, “a hundred”
  [
    /^(an?|one|two|three|four|five|six|seven|eight|nine) hundred(?:(?: and)? (ten|twenty|twenty-five|thirty|forty|fifty|sixty|seventy|seventy-five|eighty|ninety))?(?![\p{L}-])/iu,
    (match) => wordValue(match[1]!) * 100 + (match[2] === undefined ? 0 : wordValue(match[2])),
  ],
  // “three quarters of a”, “two thirds of a”, “3 quarters”
  [
    /^(three|two|one|a|3|2|1)[ -](quarters?|thirds?|halves|half)(?: of)?(?: an?\b)?/i,
    (match) => wordValue(match[1]!) * wordValue(match[2]!.replace(/halves/i, 'half').replace(/s$/, '')),
  ],
  // “one and a half”, “2 and a half”, “uno y medio”, “deux et demi”, “1 e mezzo”
  [
    new RegExp(
      `^(\\d+|${wordPattern})(?:\\s+(?:and|y|et|e|und)\\s+|\\s*[&+]\\s*)(?:(three|two|a|an|one|un|une) )?(${parts})s?(?![\\p{L}])`,
      'iu',
    ),
    (match) =>
      wordValue(match[1]!) +
      (match[2] === undefined ? 1 : wordValue(match[2])) * wordValue(match[3]!.toLowerCase()),
  ],
  [/^(?:half|quarter) (?:of )?an?\b/i, (match) => (/^half/i.test(match[0]) ? 0.5 : 0.25)],
  // “une demi-heure”, “mezz'ora”
  [/^(?:une |un )?demi-(?=\p{L})|^mezz'(?=\p{L})/iu, () => 0.5],
  // “1/2 a lemon”, “one half”
  [/^1\/([234])(?: of)? an?\b/i, (match) => 1 / Number(match[1])],
];

function wordValue(word: string): number {
  const plain = word.toLowerCase();
  return /^\d/.test(plain) ? Number(plain) : (numberWords[plain] ?? NaN);
}

const mixed = /^(\d{1,4})(?:\s+|-|\s*(?:and|&|\+)\s*)(\d{1,2})\s?\/\s?(\d{1,2})(?![\d/])/i;
const fraction = /^(\d{1,3})\s?\/\s?(\d{1,2})(?![\d/])/;
const grouped = /^\d{1,3}(?:([., ])\d{3})(?:\1\d{3})*(?![\d]|[.,]\d)/;
const decimal = /^(?:\d{1,6}(?:[.,]\d{1,4})?|[.,]\d{1,4})(?![\d])/;
const wordNumber = new RegExp(`^(?:${wordPattern})(?![\\p{L}-])`, 'iu');

/** One number at the head of a text; null for none. */
function numberAt(text: string): { value: number; length: number; doubtful: boolean } | null {
  for (const [pattern, valueOf] of phrases) {
    const match = pattern.exec(text);
    if (!match) continue;
    const value = valueOf(match);
    if (Number.isFinite(value)) return { value, length: match[0].length, doubtful: false };
  }
  const sure = (value: number, match: RegExpExecArray) =>
    Number.isFinite(value) && value > 0 ? { value, length: match[0].length, doubtful: false } : null;
  let match = mixed.exec(text);
  if (match) return sure(Number(match[1]) + Number(match[2]) / Number(match[3]), match);
  match = fraction.exec(text);
  if (match) return sure(Number(match[1]) / Number(match[2]), match);
  match = grouped.exec(text);
  if (match) {
    // “1,250 kg” and “1.500 g”: what the mark means is told by the unit.
    const small = /^\s*(?:kg|kilos?|l|lit(?:re|er|ro)s?|liter)\b/i.test(text.slice(match[0].length));
    const inThousands = !small || match[1] === ' ';
    const value = inThousands
      ? Number(match[0].replaceAll(/[., ]/g, ''))
      : Number(match[0].replace(',', '.'));
    return { value, length: match[0].length, doubtful: match[1] === '.' && inThousands };
  }
  match = decimal.exec(text);
  if (match) return sure(Number(match[0].replace(',', '.')), match);
  match = wordNumber.exec(text);
  return match ? sure(wordValue(match[0]), match) : null;
}

const about =
  /^(?:about|approx(?:imately)?\.?|around|roughly|circa|ca\.?|c\.|nearly|at least|up to|some|~|etwa|ungefähr|environ|unos|unas|aprox\.?|kira-kira|between|from)\s*(?=[\d/.,]|\p{L})/iu;
const until =
  /^\s*(?:-|to|or|bis|oder|à|ou|o|sampai|hingga|s\/d|and)(?![\p{L}])\s*(?=\S)|^\s*(?:a|ad)\s+(?=\d)/iu;

/**
 * The quantity at the head of a text: “1½”, “1 1/2”, “1-1/2”, “1,5”, “1.200”, “2–3”, “between 2 and 3”, “one and a half”,
 * “half a dozen”, “setengah”. The text is expected as `plainText` leaves it.
 */
export function quantityAt(text: string): Quantity | null {
  const led = about.exec(text)?.[0].length ?? 0;
  const rest = text.slice(led);
  const first = numberAt(rest);
  if (!first) return null;
  let length = first.length;
  let high: number | null = null;
  let doubtful = first.doubtful;
  const joint = until.exec(rest.slice(length));
  // “2 and 3” is a range only after “between”; “a or b” never.
  const ranged = joint && (!/and/i.test(joint[0]) || /between/i.test(text.slice(0, led)));
  if (joint && ranged && !/^[aA]n?\b/.test(rest)) {
    const second = numberAt(rest.slice(length + joint[0].length));
    if (second && !/^an?\b/i.test(rest.slice(length + joint[0].length))) {
      if (second.value > first.value) high = second.value;
      doubtful ||= second.value <= first.value;
      length += joint[0].length + second.length;
    }
  }
  const blanks = /^\s*/.exec(rest.slice(length))![0].length;
  return { low: first.value, high, length: led + length + blanks, doubtful };
}
