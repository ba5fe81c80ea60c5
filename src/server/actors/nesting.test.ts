import { describe, expect, it } from 'vitest';
import { refuseDeep } from './nesting';

const bytes = (text: string) => new TextEncoder().encode(text);
const nested = (depth: number, inside = '') => '['.repeat(depth) + inside + ']'.repeat(depth);

describe('bodies that are nested too deep', () => {
  it('are refused from 201 on, whatever they are nested of', () => {
    expect(() => refuseDeep(bytes(nested(200)))).not.toThrow();
    expect(() => refuseDeep(bytes(nested(201)))).toThrow('nested more than 200 deep');
    const objects = '{"a":'.repeat(201) + '1' + '}'.repeat(201);
    expect(() => refuseDeep(bytes(objects))).toThrow('nested more than 200 deep');
  });

  it('brackets in text, and many beside each other, are none', () => {
    const text = JSON.stringify(['['.repeat(1000), '\\"'.repeat(500), '{"'.repeat(400)]);
    expect(() => refuseDeep(bytes(text))).not.toThrow();
    expect(() => refuseDeep(bytes(`[${'[],'.repeat(1000)}1]`))).not.toThrow();
    expect(() => refuseDeep(bytes(`["\\\\",${nested(200)}]`))).toThrow('nested');
  });
});
