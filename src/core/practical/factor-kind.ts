/** Temperatures a step can end at or a setting can have, °C. */
export const temperatureRangeC = { low: -90, high: 400 } as const;

/** Whether the levels of what a factor acts on are numbers; else they are words. */
export function isNumeric({ acts }: { acts: { on: string; scale?: string } }): boolean {
  if (acts.on === 'words' || acts.on === 'setting') return acts.scale === 'number';
  return acts.on !== 'swap' && acts.on !== 'method';
}

/** The words of a level that stands twice in a factor, or null. A level left to the station is never another’s double. */
export function repeatedLevel(factor: {
  acts: { on: string; scale?: string };
  levels: readonly { value: number | null; words: string; open: boolean }[];
}): string | null {
  const seen = new Set<string>();
  for (const { value, words, open } of factor.levels) {
    if (open) continue;
    const label = isNumeric(factor) && value !== null ? String(value) : words.trim().toLowerCase();
    if (seen.has(label)) return label === '' ? 'empty' : label;
    seen.add(label);
  }
  return null;
}
