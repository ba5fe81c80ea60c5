import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

/** A regular expression as it stands in the source. */
export interface Pattern {
  where: string;
  source: string;
  flags: string;
}

const filesIn = (place: string): string[] =>
  statSync(place).isDirectory() ? readdirSync(place).flatMap((name) => filesIn(join(place, name))) : [place];

/** Every regular expression that is written out in some folders, but for tests, found by parsing the source. */
export function patternsIn(...folders: string[]): Pattern[] {
  const files = folders
    .flatMap(filesIn)
    .filter((file) => file.endsWith('.ts') && !/\.test\.ts$|\.d\.ts$|\/testing\//.test(file));
  return files.flatMap((file) => {
    const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.ES2022, true);
    const found: Pattern[] = [];
    const visit = (node: ts.Node) => {
      if (ts.isRegularExpressionLiteral(node)) {
        const end = node.text.lastIndexOf('/');
        const line = source.getLineAndCharacterOfPosition(node.getStart(source)).line + 1;
        found.push({
          ...{ where: `${file}:${line}`, source: node.text.slice(1, end), flags: node.text.slice(end + 1) },
        });
      }
      ts.forEachChild(node, visit);
    };
    visit(source);
    return found;
  });
}

/** Signs and words that make patterns go back and forth: of every kind, and the pattern’s own. */
const pumpsOf = ({ source }: Pattern): string[] => {
  const own = source.replace(/\\[a-z]/gi, ' ').match(/[\p{L}\p{N}]+/gu) ?? [];
  const words = [...new Set(own.filter((word) => word.length > 1))].slice(0, 6);
  const signs = [...' \t\n', ...'aA1.,-/"\'(=:;<&_', '\u00A0', '½', 'a ', '1.', '1,', ' \n', ', ', ...words];
  return signs;
};

/** Milliseconds of the processor: those in which another program had it do not count. */
function took(pattern: Pattern, text: string): number {
  const expression = new RegExp(pattern.source, pattern.flags);
  const began = process.cpuUsage();
  if (pattern.flags.includes('g')) text.replace(expression, '');
  else expression.exec(text);
  const { user, system } = process.cpuUsage(began);
  return (user + system) / 1000;
}

const least = (pattern: Pattern, text: string) =>
  Math.min(...Array.from({ length: 5 }, () => took(pattern, text)));

/** Whether four times the text takes clearly more than four times as long (16 where it is quadratic), five times of five. */
const growsFaster = (pattern: Pattern, quarter: string, whole: string) =>
  Array.from({ length: 5 }).every(() => {
    const took = least(pattern, whole);
    return took > 4 && took > 7 * least(pattern, quarter);
  });

/**
 * A text on which a pattern takes longer than in proportion to its length; null where none was found. The times of one pattern
 * are compared with each other, in time of the processor, the least of five each and that five times over, so that neither a
 * slow machine nor a busy one makes a difference.
 */
export function worseThanLinear(pattern: Pattern): string | null {
  for (const pump of pumpsOf(pattern)) {
    for (const prefix of ['', 'a']) {
      const textOf = (length: number) =>
        `${prefix}${pump.repeat(Math.ceil(length / pump.length)).slice(0, length)}\u0001`;
      for (let length = 500; length <= 16_000; length *= 2) {
        if (took(pattern, textOf(length)) < 8) continue;
        if (growsFaster(pattern, textOf(length / 4), textOf(length)))
          return `${pattern.where} /${pattern.source}/ on ${JSON.stringify(`${prefix}${pump}`)} × ${length}`;
        break;
      }
    }
  }
  return null;
}
