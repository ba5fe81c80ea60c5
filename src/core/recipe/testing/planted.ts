import { readRecipe } from '../read-recipe';
import type { Fixture } from './fixtures';

/** How many of the mistakes that were put into recipes are seen. */
export interface Planted {
  planted: number;
  seen: number;
}

/** Each recipe with a line more that its method does not name. */
export function tooMuch(fixtures: readonly Fixture[]): Planted {
  const shares = fixtures.flatMap(({ text }) => {
    const { formula } = readRecipe(text);
    const last = formula.at(-2);
    if (formula.length < 3 || !last) return [];
    const rows = text.split('\n');
    const more = [...rows.slice(0, last.line), '40 g capers', ...rows.slice(last.line)].join('\n');
    return [readRecipe(more).contradictions.some((one) => one.kind === 'unused' && /caper/i.test(one.text))];
  });
  return { planted: shares.length, seen: shares.filter((one) => one).length };
}

/** Each recipe without one of its lines, where a step names what stood there and no other line is of the same family. */
export function forgotten(fixtures: readonly Fixture[]): Planted {
  const found = fixtures.flatMap(({ text }) => {
    const { formula, steps } = readRecipe(text);
    const rows = text.split('\n');
    return formula.flatMap((line, i) => {
      const head = line.name.split(' ').at(-1)!.toLowerCase();
      const alone = formula.every((other) => other === line || other.line !== line.line);
      const kin = formula.some((other) => other !== line && other.item?.family === line.item?.family);
      const named = steps.some((step) => step.uses.includes(i) && step.text.toLowerCase().includes(head));
      if (i === 0 || !line.item || !alone || kin || !named) return [];
      const less = rows.filter((_, at) => at !== line.line - 1).join('\n');
      return [
        readRecipe(less).contradictions.some(
          (one) => one.kind === 'unlisted' && one.text.toLowerCase().includes(head.slice(0, 4)),
        ),
      ];
    });
  });
  return { planted: found.length, seen: found.filter((one) => one).length };
}
