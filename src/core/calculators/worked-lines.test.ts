import { describe, expect, it } from 'vitest';
import { linesOf } from './testing/answers';
import { workedOne } from './testing/worked-lines-one';
import { workedTwo } from './testing/worked-lines-two';

/**
 * The whole working of a calculator as a colleague with a pocket calculator would write it: every line, in order. The
 * numbers were worked out by hand from the formula each line states; a published value is named where it serves.
 */
const worked = [...workedOne, ...workedTwo];

describe('working, every line by hand', () => {
  it.each(worked)('%s %j', (id, inputs, wanted) => {
    expect(linesOf(id, inputs)).toEqual(
      wanted.map((line) => (typeof line === 'string' ? line : (expect.stringMatching(line) as string))),
    );
  });

  it('how near saturation, in words', () => {
    // 66.7 % saturates at 20 °C, 2.003 g of sugar a gram of water; 70 % is 2.333 g, 1.165 times; 71 % is 1.222 times.
    const words = (sucrosePercent: number) =>
      linesOf('supersaturation', { sucrosePercent, temperatureC: 20 }).at(-1);
    expect([66.6, 66.8, 70, 71].map(words)).toEqual([
      'dissolves more',
      'slow to crystallise',
      'slow to crystallise',
      'crystallises at a touch',
    ]);
  });

  it('how far colours are apart, in words: greys differ by ΔL* / S_L', () => {
    const grey = (L: number) => ({ L, a: 0, b: 0 });
    const words = (L: number) => linesOf('colour-difference', { first: grey(50), second: grey(L) }).at(-1);
    // Near L* 50 the weight S_L is 1 (Sharma, Wu and Dalal 2005), so ΔE₀₀ is ΔL*.
    expect([50.9, 51.1, 52.9, 53.2].map(words)).toEqual([
      'hardly seen',
      'seen side by side',
      'seen side by side',
      'seen at a glance',
    ]);
  });
});
