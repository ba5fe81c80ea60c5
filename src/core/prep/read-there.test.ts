import { describe, expect, it } from 'vitest';
import { newPlan, newStep, type Step } from '../practical';
import { judgeReading, prepLines } from '.';

describe('what is read before a bell', () => {
  // Food Standards Agency: 5 °C or below; Food Safety and Hygiene (England) Regulations 2013, schedule 4: 8 °C.
  it.each([
    [-0.5, false, 'freezes'],
    [0, true, 'cold enough'],
    [5, true, 'cold enough'],
    [5.1, false, 'Set it colder'],
    [8, false, 'Set it colder'],
    [8.1, false, 'Nothing goes in'],
  ])('a refrigerator at %d °C: fine is %s', (celsius, fine, words) => {
    const judged = judgeReading({ in: 'refrigerator' }, celsius);
    expect(judged.fine).toBe(fine);
    expect(judged.words).toContain(words);
  });

  it.each([
    [190, true, 'right'],
    [210, true, 'right'],
    [211, false, '11 °C too hot; wait, or set it lower'],
    [185, false, '15 °C too cold; wait, or set it higher'],
  ])('an oven that is to be at 200 °C, at %d: fine is %s', (celsius, fine, words) => {
    const judged = judgeReading({ in: 'oven', wantedC: 200 }, celsius);
    expect([judged.fine, judged.words.includes(words)]).toEqual([fine, true]);
  });

  it('is asked of the ovens at the heat a step sets, needs or says', () => {
    const reads = (step: Partial<Step>) =>
      prepLines('r', { ...newPlan('x', null), steps: [newStep({ id: 's', text: '', ...step })] }, []).flatMap(
        (line) => line.reads ?? [],
      );
    const text = 'Set the oven to 200 °C fan.';
    expect(reads({ text })).toEqual([{ in: 'oven', wantedC: 200 }]);
    expect(reads({ text, settings: [{ what: 'oven', celsius: 210, words: '', from: 0 }] })).toEqual([
      { in: 'oven', wantedC: 210 },
    ]);
    expect(reads({ text: '', needs: [{ resource: 'oven', count: 1, celsius: 180 }] })).toEqual([
      { in: 'oven', wantedC: 180 },
    ]);
    // 350 °F is 176.7 °C.
    expect(reads({ text: 'Heat the oven to 350 °F.' })).toEqual([
      { in: 'oven', wantedC: expect.closeTo(176.67, 1) as number },
    ]);
    expect(reads({ text: 'Take it out of the oven. Cool to 40 °C.' })).toEqual([]);
    // An oven of which nobody says how hot is seen to and has nothing to be read against; the first that is said counts.
    const lines = (...texts: string[]) =>
      prepLines(
        'r',
        { ...newPlan('x', null), steps: texts.map((said, i) => newStep({ id: `s${i}`, text: said })) },
        [],
      ).filter(({ what }) => what === 'prep:r:ovens');
    expect(lines('Bake until golden.').map((one) => one.reads)).toEqual([null]);
    expect(
      lines('Bake until golden.', 'Set the oven to 190 °C.', 'Set the oven to 150 °C.').map(
        (one) => one.reads,
      ),
    ).toEqual([{ in: 'oven', wantedC: 190 }]);
    expect(reads({ text: 'Leave it in the fridge overnight.' })).toEqual([{ in: 'refrigerator' }]);
  });
});
