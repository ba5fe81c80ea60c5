import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { examplePlan, stationPlan } from '../practical';
import { completionsOf, readQuickLine, type QuickLineContext } from '.';
import { place } from './testing/entries';

const asItStands = stationPlan(examplePlan, place, null);

describe('the quick line', () => {
  const context: QuickLineContext = {
    plan: examplePlan,
    stations: [1, 2, 3, 4],
    unit: 'C',
    own: () => asItStands,
    currentStep: () => asItStands.steps[1],
    probe: () => 1,
    lastReading: (station) => (station === 4 ? { id: 'last', celsius: 118.5 } : null),
    lastMeasurement: () => null,
    lastWritten: (station) =>
      station === 4 ? { id: 'event', body: { kind: 'event', text: 'off the heat', stepId: 'boil' } } : null,
  };
  const read = (line: string, unit: 'C' | 'F' = 'C') => readQuickLine(line, { ...context, unit });

  it.each<[string, object]>([
    ['4 118.5', { station: 4, body: { kind: 'reading', celsius: 118.5, probe: 1, unit: 'C' } }],
    ['4 118,5', { station: 4, body: { kind: 'reading', celsius: 118.5 } }],
    ['4 244F', { station: 4, body: { kind: 'reading', celsius: 117.7778, unit: 'F' } }],
    ['4 t2 117', { station: 4, body: { kind: 'reading', celsius: 117, probe: 2 } }],
    ['4 -18', { station: 4, body: { kind: 'reading', celsius: -18 } }],
    ['4 golden, edges darker', { station: 4, body: { kind: 'observation', text: 'golden, edges darker' } }],
    ['4 soda in', { station: 4, body: { kind: 'event', stepId: 'soda-in' } }],
    ['4 done', { station: 4, body: { kind: 'event', stepId: 'boil', text: 'off the heat' } }],
    [
      'all oven door opened',
      { station: null, body: { kind: 'event', text: 'oven door opened', stepId: null } },
    ],
    [
      '4 m 86.2g',
      { station: 4, body: { kind: 'measurement', responseId: null, name: 'mass', value: 86.2, unit: 'g' } },
    ],
    ['4 snap 3.2', { station: 4, body: { kind: 'measurement', responseId: 'snap', value: 3.2, unit: 'N' } }],
    ['4 3.4 mm', { station: 4, body: { kind: 'measurement', responseId: 'bubble', value: 3.4 } }],
    ['4 ! dropped an egg', { station: 4, body: { kind: 'deviation', text: 'dropped an egg' } }],
    [
      '4 / 118.0',
      { station: 4, body: { kind: 'correction', corrects: 'last', to: { kind: 'reading', celsius: 118 } } },
    ],
    ['4 / strike', { station: 4, body: { kind: 'correction', corrects: 'event', to: null } }],
    ['4 timer 20 look 15', { station: 4, body: { kind: 'timer', minutes: 20, lookAt: 15 } }],
    ['4 3 big bubbles', { station: 4, body: { kind: 'observation', text: '3 big bubbles' } }],
  ])('understands “%s”', (line, expected) => {
    expect(read(line)).toMatchObject({ kind: 'entries', entries: [expected] });
  });

  it('a timer runs more than 0 and up to 600 minutes; the look comes before its end', () => {
    const refusal = (line: string) => {
      const answer = read(line);
      return answer.kind === 'refused' ? answer : null;
    };
    for (const line of ['4 timer 600', '4 timer 0,5', '4 timer 20 look 20'])
      expect(read(line).kind, line).toBe('entries');
    for (const line of ['4 timer 0', '4 timer 601', '4 timer 20 look 0']) {
      expect(JSON.stringify(refusal(line)), line).toContain('minutes, more than 0 and up to');
    }
  });

  it('a measurement is corrected where it was made, the last one of its name', () => {
    const measured: QuickLineContext = {
      ...context,
      lastMeasurement: (station, name) =>
        station === 4 && name === 'snap force' ? { id: 'm1', value: 3.2, unit: 'N' } : null,
    };
    expect(readQuickLine('4 / snap 3.4', measured)).toMatchObject({
      kind: 'entries',
      words: 'Station 4 · corrects 3.2 to snap force 3.4 N',
      entries: [
        {
          station: 4,
          body: {
            kind: 'correction',
            corrects: 'm1',
            to: { kind: 'measurement', responseId: 'snap', value: 3.4 },
          },
        },
      ],
    });
    expect(JSON.stringify(readQuickLine('3 / snap 3.4', measured))).toContain(
      'something that was measured here before',
    );
    expect(JSON.stringify(readQuickLine('3 / 118', context))).toContain(
      'a station with a reading to correct',
    );
    expect(JSON.stringify(readQuickLine('all / 118', context))).toContain('one station at a time');
    expect(readQuickLine('4 / 244F', context)).toMatchObject({
      words: 'Station 4 · corrects 245.3 °F to temperature 244.0 °F (117.8 °C)',
    });
  });

  it('reads bare numbers in the unit of the class and says both', () => {
    expect(read('4 244', 'F')).toMatchObject({ words: 'Station 4 · temperature 244.0 °F (117.8 °C)' });
    expect(read('4 / 118')).toMatchObject({
      words: 'Station 4 · corrects 118.5 °C to temperature 118.0 °C (244.4 °F)',
    });
  });

  it.each([
    ['9 118', 'station', 'a station from 1 to 4, or all'],
    ['4 1500', 'temperature', '−90 to 400 °C'],
    ['4 -91', 'temperature', '−90 to 400 °C'],
    ['4 11b8', 'temperature', 'a number, such as 118.5, 118.5C or 244F'],
    ['3 / 118', 'station', 'a station with a reading to correct'],
    ['3 / strike', 'station', 'a station with something written to strike out'],
    ['4 m heavy', 'measurement', 'a number with its unit, such as m 86.2g'],
    ['4 snap 3 mm', 'measurement', 'snap force in N'],
    ['4 timer 20 look 25', 'look', 'minutes, more than 0 and up to 20'],
  ])('refuses “%s” at the field', (line, field, allowed) => {
    expect(read(line)).toMatchObject({ kind: 'refused', field, allowed });
  });

  it('waits while a line is begun, and completes it from the method', () => {
    expect(read('4 ').kind).toBe('open');
    expect(read('4 t2').kind).toBe('open');
    expect(completionsOf('4 s', context)).toEqual(['4 soda in', '4 snap force ']);
    expect(completionsOf('4 11', context)).toEqual([]);
  });

  it('never throws on anything typed', () => {
    fc.assert(fc.property(fc.string({ maxLength: 30 }), (line) => void read(line)));
    fc.assert(fc.property(fc.string({ maxLength: 20 }), (rest) => void read(`4 ${rest}`)));
  });
});

describe('a line that is begun', () => {
  it('waits for the right value after a stroke, and for its number after m', () => {
    const context: QuickLineContext = {
      plan: examplePlan,
      stations: [1, 4],
      unit: 'C',
      own: () => asItStands,
      currentStep: () => asItStands.steps[1],
      probe: () => 1,
      lastReading: () => ({ id: 'r', celsius: 118.5 }),
      lastMeasurement: () => ({ id: 'm', value: 3, unit: 'N' }),
      lastWritten: () => null,
    };
    const read = (line: string) => readQuickLine(line, context);
    expect(read('4 /')).toEqual({
      kind: 'open',
      hint: 'the right value for the last reading, such as / 118.0',
    });
    expect(read('4 m')).toMatchObject({
      kind: 'open',
      hint: expect.stringContaining('snap force 3.2 N') as string,
    });
    expect(read('4 !')).toEqual({ kind: 'open', hint: 'what went differently' });
    expect(read('4 t2')).toEqual({ kind: 'open', hint: 'what that thermometer shows' });
    expect(read('4 timer')).toMatchObject({ kind: 'open' });
    expect(read('4 / 119')).toMatchObject({
      words: 'Station 4 · corrects 118.5 °C to temperature 119.0 °C (246.2 °F)',
    });
    expect(read('4 / snap 3.4')).toMatchObject({ words: 'Station 4 · corrects 3 to snap force 3.4 N' });
    expect(read('4 / strike')).toMatchObject({ kind: 'refused', field: 'station' });
    expect(read('all / 3')).toMatchObject({ kind: 'refused', field: 'station', value: 'all' });
    // The thermometer’s range, its ends included: −90 to 400 °C.
    expect([read('4 400').kind, read('4 -90').kind, read('4 400.1').kind, read('4 -90.1').kind]).toEqual([
      'entries',
      'entries',
      'refused',
      'refused',
    ]);
    expect(read('4 m abc')).toMatchObject({ kind: 'refused', field: 'measurement', value: 'abc' });
    expect(read('4 m 3')).toMatchObject({ kind: 'refused', value: 'm 3' });
    expect(read('4 m 3 g')).toMatchObject({ words: 'Station 4 · mass 3 g' });
    expect(read('4 / golden')).toMatchObject({ kind: 'refused', field: 'correction' });
    expect(completionsOf('4 s', context)).toEqual(['4 soda in', '4 snap force ']);
    expect(completionsOf('4 off', context)).toEqual(['4 off the heat']);
    expect(completionsOf('4 off the heat', context)).toEqual([]);
    expect(completionsOf('4 1', context)).toEqual([]);
    expect(completionsOf('a', context)).toEqual(['all ']);
    expect(completionsOf('', context)).toEqual([]);
    expect(completionsOf('b', context)).toEqual([]);
    // The step a station is at comes first, whatever the order of the method.
    expect(completionsOf('4 ', context)[0]).toBe('4 off the heat');
    expect(completionsOf('9 ', context)[0]).toBe('9 weighed in');
    expect(completionsOf('4 ', context)).toHaveLength(5);
  });
});
