import type { Source, Working, WorkingLine } from './working';

const tradeKnowledge: Source = { kind: 'common-practice', text: 'Common practice in practical teaching' };

/** Working made of lines, said to rest on common practice unless sources are given. */
export function workingOf(
  lines: readonly (string | WorkingLine)[],
  sources: readonly Source[] = [tradeKnowledge],
): Working {
  return {
    lines: lines.map((line) => (typeof line === 'string' ? { text: line } : line)),
    sources: [...sources],
  };
}
