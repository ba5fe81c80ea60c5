import { describe, expect, it } from 'vitest';
import { calculators } from '../../core/calculators';
import { textOf, textShape, valueOf } from './input-text';

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
    expect(valueOf(spec('carbon-dioxide', 'acids'), '  ')).toEqual([]);
    expect(valueOf(spec('carbon-dioxide', 'acids'), '"lemon juice" 20\n\n  citric 1')).toEqual([
      { kind: 'lemon juice', massG: 20 },
      { kind: 'citric', massG: 1 },
    ]);
    expect(valueOf(spec('carbon-dioxide', 'acids'), 'citric')).toEqual([{ kind: 'citric' }]);
    expect(valueOf({ kind: 'flag', about: '' } as never, ' yes ')).toBe(true);
    expect(valueOf({ kind: 'flag', about: '' } as never, 'no')).toBe(false);
    expect(valueOf({ kind: 'rows', least: 1, leastEach: 1 } as never, '1 2\n3; x')).toEqual([
      [1, 2],
      [3, 'x'],
    ]);
    const acids = spec('carbon-dioxide', 'acids');
    expect(textOf(acids, [{ kind: 'cream of tartar', massG: 11 }])).toBe('"cream of tartar" 11');
    expect([textOf(acids, undefined), textOf(acids, null)]).toEqual(['', '']);
  });

  it('tell how each is typed: lists of things over several lines, with their fields named', () => {
    const shapes = new Map(
      calculators.flatMap(({ inputs }) => Object.values(inputs)).map((spec) => [spec.kind, textShape(spec)]),
    );
    expect(shapes.get('numbers')).toEqual({ lines: 1, hint: 'numbers with spaces between them' });
    expect(shapes.get('groups')).toEqual({ lines: 4, hint: 'a line each: name: numbers' });
    expect(shapes.get('number')).toEqual({ lines: 1, hint: '' });
    expect(shapes.get('records')!.hint).toMatch(/^a line each: \w+ /);
    expect(shapes.get('records')!.lines).toBe(4);
  });
});
