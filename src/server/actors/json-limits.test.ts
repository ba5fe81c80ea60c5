import { describe, expect, it } from 'vitest';
import { refuseBeyondLimits } from './json-limits';

const bytes = (text: string) => new TextEncoder().encode(text);
const nested = (depth: number, inside = '') => '['.repeat(depth) + inside + ']'.repeat(depth);
const named = (count: number, inside = '0') =>
  `{${Array.from({ length: count }, (_, i) => `"k${i}": ${inside}`).join(', ')}}`;

describe('bodies that are nested too deep', () => {
  it('are refused from 201 on, whatever they are nested of', () => {
    expect(() => refuseBeyondLimits(bytes(nested(200)))).not.toThrow();
    expect(() => refuseBeyondLimits(bytes(nested(201)))).toThrow('nested more than 200 deep');
    const objects = '{"a":'.repeat(201) + '1' + '}'.repeat(201);
    expect(() => refuseBeyondLimits(bytes(objects))).toThrow('nested more than 200 deep');
  });

  it('brackets in text, and many beside each other, are none', () => {
    const text = JSON.stringify(['['.repeat(1000), '\\"'.repeat(500), '{"'.repeat(400)]);
    expect(() => refuseBeyondLimits(bytes(text))).not.toThrow();
    expect(() => refuseBeyondLimits(bytes(`[${'[],'.repeat(1000)}1]`))).not.toThrow();
    expect(() => refuseBeyondLimits(bytes(`["\\\\",${nested(200)}]`))).toThrow('nested');
  });
});

describe('bodies with more names in one object than anything has', () => {
  it('are refused from 1001 on, wherever the object is', () => {
    expect(() => refuseBeyondLimits(bytes(named(1000)))).not.toThrow();
    expect(() => refuseBeyondLimits(bytes(named(1001)))).toThrow('more than 1000 names');
    expect(() => refuseBeyondLimits(bytes(`[1,[{"a":${named(1001, '[1,2,{}]')}}]]`))).toThrow('names');
  });

  it('names of many objects, commas in text and in lists are none', () => {
    const entries = `[${Array.from({ length: 300 }, () => named(9)).join(',')}]`;
    expect(() => refuseBeyondLimits(bytes(`{"entries":${entries},"more":${entries}}`))).not.toThrow();
    expect(() => refuseBeyondLimits(bytes(JSON.stringify({ a: ','.repeat(5000), b: '\\",' })))).not.toThrow();
    expect(() => refuseBeyondLimits(bytes(`{"numbers":[${'0,'.repeat(5000)}0]}`))).not.toThrow();
    // No JSON at all: whoever reads it says so.
    expect(() => refuseBeyondLimits(bytes(']}'.repeat(300) + ','.repeat(3000)))).not.toThrow();
  });
});
