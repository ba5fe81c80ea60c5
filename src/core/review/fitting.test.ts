import { describe, expect, it } from 'vitest';
import { amber, bars, brittle, caramel, custard, lasagne } from '../nature/testing/things';
import { pasted } from '../recipe/testing/pasted';
import { reviewPlan } from '.';
import { kitchen } from './testing/faults';

describe('remedies fit the thing', () => {
  /** A dish of 200 cm²: deep enough that every one of them is slow to cool. */
  const remarks = (text: string) => {
    const plan = pasted(text);
    const deep = { ...plan, portions: { ...plan.portions, trayCm2: 200, vessels: 1 } };
    return { deep, open: reviewPlan({ plan: deep, place: kitchen, rooms: [] }).open };
  };

  it.each([
    ['brittle', brittle],
    ['amber', amber],
    ['bars', bars],
    ['caramel', caramel],
  ])(
    'nothing dry, and no hot sugar, is put into ice water, chilled because it stands, or packed with ice: %s',
    (_, text) => {
      const { open } = remarks(text);
      expect(open.filter(({ id }) => /^(?:deep-to-cool|warm-too-long|taken-home)/.test(id))).toEqual([]);
    },
  );

  it('what pours is stirred in ice water, what is set is cut up', () => {
    const mended = (text: string) => {
      const { deep, open } = remarks(text);
      const remark = open.find(({ id }) => id.startsWith('deep-to-cool'))!;
      const now = remark.remedy!.apply(deep);
      return now.steps.find(({ id }) => id.startsWith('ice-'))!.text;
    };
    expect(mended(custard)).toMatch(/ice water and stir/);
    expect(mended(lasagne)).toMatch(/^Cut it into portions/);
  });

  it('a dough with egg that stands warm before it is baked is still spoken of', () => {
    const text = bars
      .replace('2 g salt', '1 egg')
      .replace('Stir in the oats and salt.', 'Stir in the oats and egg.\n3. Leave to stand for 4 hours.');
    expect(remarks(text).open.map(({ id }) => id.split(':')[0])).toContain('warm-too-long');
  });
});
