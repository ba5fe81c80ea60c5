const number = String.raw`[-−]?\d+(?:[.,]\d+)?`;
const to = String.raw`\s*(?:to|until|up to|bis|–|—|-|…|\.\.+)\s*`;
const range = `(${number})${to}(${number})`;
const stepped = new RegExp(
  String.raw`^(?:from\s+)?${range}\s*(?:,|;)?\s*(?:by|step|steps? of|in steps of|every|each)\s+(${number})$`,
  'i',
);
const countedAfter = new RegExp(
  String.raw`^(?:from\s+)?${range}\s*(?:,|;)?\s*(?:in|as|with|over)?\s*(\d+)\s*(?:levels|values|settings)$`,
  'i',
);
const countedBefore = new RegExp(
  String.raw`^(\d+)\s*(?:levels|values|settings)?\s*(?:from|between)\s+${range.replace(to, String.raw`\s*(?:to|and|–|-)\s*`)}$`,
  'i',
);
const bare = new RegExp(`^(?:from\\s+)?${range}$`, 'i');

const valueOf = (text: string) => Number(text.replace(',', '.').replace('−', '-'));
/** Without what floating point adds. */
const tidy = (value: number) => Number(value.toPrecision(12));

/**
 * Levels typed at once: “140 to 155 by 5”, “4 levels from 140 to 155”, “0, 1, 2, 4”.
 *
 * @param most how many there is room for
 * @returns the levels, in the order typed; in words why they cannot be; null where one level was typed, or none
 */
export function levelSeries(typed: string, most: number): number[] | string | null {
  const text = typed.trim();
  const byStep = stepped.exec(text);
  if (byStep) return inSteps(valueOf(byStep[1]!), valueOf(byStep[2]!), Math.abs(valueOf(byStep[3]!)), most);
  const after = countedAfter.exec(text);
  if (after) return spread(valueOf(after[1]!), valueOf(after[2]!), Number(after[3]), most);
  const before = countedBefore.exec(text);
  if (before) return spread(valueOf(before[2]!), valueOf(before[3]!), Number(before[1]), most);
  if (bare.test(text)) return `“${text}” has no step; say by how much, such as ${text} by 5`;
  return listOf(text, most);
}

function inSteps(from: number, to: number, step: number, most: number): number[] | string {
  if (step === 0) return 'A step of 0 never arrives; it needs a number above 0';
  const count = Math.floor(Math.abs(to - from) / step + 1e-9) + 1;
  if (count > most) return tooMany(count, most);
  const way = to < from ? -step : step;
  return Array.from({ length: count }, (_, i) => tidy(from + i * way));
}

function spread(from: number, to: number, count: number, most: number): number[] | string {
  if (count > most) return tooMany(count, most);
  if (count < 2) return `${count} levels are no comparison; it needs 2 or more`;
  return Array.from({ length: count }, (_, i) => tidy(from + ((to - from) * i) / (count - 1)));
}

const tooMany = (count: number, most: number) => `${count} levels are too many; there is room for ${most}`;

/** Numbers with something between them; a comma alone can be a decimal one. */
function listOf(text: string, most: number): number[] | string | null {
  const parts = text.split(/\s*(?:;|\/|,\s+|\s+and\s+|\s+or\s+|\s+)\s*/).filter(Boolean);
  const values = (parts.length > 1 ? parts : commas(text)).map((part) => part.trim());
  if (values.length < 2 || !values.every((value) => new RegExp(`^${number}$`).test(value))) return null;
  if (values.length > most) return tooMany(values.length, most);
  return values.map(valueOf);
}

/** “0,1,2,4” are four numbers, “0,5” is one. */
const commas = (text: string): string[] => {
  const parts = text.split(',');
  return parts.length > 2 ? parts : [text];
};
