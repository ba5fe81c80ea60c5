import { describe, expect, it } from 'vitest';
import { calculators } from '../../core/calculators';
import { textOf, valueOf } from './input-text';

describe('inputs of calculators as text', () => {
  it('go there and back for every input of every example', () => {
    for (const { id, inputs, example } of calculators) {
      for (const [name, value] of Object.entries(example)) {
        const spec = inputs[name]!;
        expect(valueOf(spec, textOf(spec, value)), `${id} ${name}`).toEqual(value);
      }
    }
  });

  it('read what people type: decimal commas, names of several words, groups without a name', () => {
    const spec = (id: string, name: string) => calculators.find((one) => one.id === id)!.inputs[name]!;
    expect(valueOf(spec('describe', 'values'), '2,1, 2,5; 1,9')).toEqual([2.1, 2.5, 1.9]);
    expect(valueOf(spec('carbon-dioxide', 'acids'), 'cream of tartar 11\ncitric 2,5')).toEqual([
      { kind: 'cream of tartar', massG: 11 },
      { kind: 'citric', massG: 2.5 },
    ]);
    expect(valueOf(spec('one-way-anova', 'groups'), '1 2\n140 °C: 3 x')).toEqual({
      'group 1': [1, 2],
      '140 °C': [3, 'x'],
    });
    expect(valueOf(spec('egg-time', 'massG'), '6o')).toBe('6o');
    expect(valueOf(spec('egg-time', 'massG'), ' ')).toBeUndefined();
  });
});
