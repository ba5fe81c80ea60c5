import { describe, expect, it } from 'vitest';
import { RefusedValue, requireWithin } from '.';

describe('values the core will not compute with', () => {
  it('a number inside the range, ends included, comes back; nothing else does', () => {
    for (const value of [-40, 0, 400]) expect(requireWithin('ovenC', value, -40, 400, '°C')).toBe(value);
    for (const value of [-40.01, 400.01, NaN, Infinity, -Infinity, '5', null, undefined, [5], true]) {
      expect(() => requireWithin('ovenC', value as number, -40, 400, '°C')).toThrow(RefusedValue);
    }
    expect(() => requireWithin('ovenC', 900, -40, 400, '°C')).toThrow(
      'ovenC is 900; allowed: a number from -40 to 400 °C',
    );
    expect(() => requireWithin('share', 2, 0, 1)).toThrow(/allowed: a number from 0 to 1$/);
  });

  it('says what was given, but not at any length, and where', () => {
    const said = (value: unknown) => new RefusedValue('acids[1].massG', value, 'a mass').message;
    expect(said(undefined)).toBe('acids[1].massG is missing; allowed: a mass');
    expect(said('2 g')).toBe('acids[1].massG is "2 g"; allowed: a mass');
    expect(said('x'.repeat(78))).toContain(`"${'x'.repeat(78)}"`);
    expect(said('x'.repeat(79))).toBe(`acids[1].massG is "${'x'.repeat(76)}…; allowed: a mass`);
    expect(new RefusedValue('acids[1].massG', 1, 'a mass').pointer).toBe('/acids/1/massG');
  });
});
