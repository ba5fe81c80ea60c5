import { describe, expect, it } from 'vitest';
import { newPlan, newResponse, newStep, stationPlan, type Plan } from '../practical';
import { eventOf, readQuickLine } from '.';

const plan: Plan = {
  ...newPlan('Scones', null),
  responses: [
    newResponse({ id: 'b', name: 'mass before', unit: 'g' }),
    newResponse({ id: 'a', name: 'mass after', unit: 'g' }),
    newResponse({ id: 'h', name: 'height', unit: 'mm' }),
    newResponse({ id: 's', name: 'crumb', unit: '', kind: 'score' }),
  ],
  steps: [
    newStep({ id: 'mix', text: 'Mix', event: 'dough made' }),
    newStep({ id: 'bake', text: 'Bake', event: '  ' }),
  ],
};
const own = stationPlan(plan, null, null);
const read = (line: string, stations = [1, 2]) =>
  readQuickLine(line, {
    ...{ plan, stations, unit: 'C', own: () => own, currentStep: (station) => own.steps[station - 1] },
    ...{ probe: () => 1, lastReading: () => null, lastWritten: () => null, lastMeasurement: () => null },
  });
const first = (line: string) => {
  const answer = read(line);
  return answer.kind === 'entries' ? answer.entries[0]!.body : answer;
};

describe('what a typed number is of', () => {
  it.each<[string, object]>([
    ['1 5 g', { kind: 'refused', allowed: 'which one: mass before or mass after?' }],
    ['1 m 5 g', { kind: 'refused', allowed: 'which one: mass before or mass after?' }],
    ['1 mass after 5 g', { responseId: 'a', name: 'mass after', value: 5, unit: 'g' }],
    // Any whole word of its name will do; the unit of the plan stands where none is typed.
    ['1 after 5', { responseId: 'a', name: 'mass after', unit: 'g' }],
    ['1 aft 5 g', { kind: 'observation', text: 'aft 5 g' }],
    ['1 crumb 4', { responseId: 's', name: 'crumb', value: 4, unit: '' }],
    ['1 31 mm', { responseId: 'h', value: 31 }],
    ['1 mass 5 kg', { kind: 'refused', allowed: 'mass before in g' }],
    // In no response’s unit: by what the unit measures.
    ['1 5 kg', { responseId: null, name: 'mass', value: 5, unit: 'kg' }],
    ['1 5 ml', { responseId: null, name: 'volume' }],
    ['1 5 min', { responseId: null, name: 'measured', unit: 'min' }],
    // An unknown unit is no measurement, unless it is said to be one.
    ['1 5 zz', { kind: 'observation', text: '5 zz' }],
    ['1 m 5 zz', { responseId: null, name: 'measured', unit: 'zz' }],
    ['1 wobble 5 g', { kind: 'observation', text: 'wobble 5 g' }],
    ['1 m wobble 5 g', { responseId: null, name: 'wobble', unit: 'g' }],
  ])('%s', (line, said) => {
    expect(first(line)).toMatchObject(said);
  });
});

describe('a line for all stations', () => {
  it('is one entry where nothing of a station is in it, one for each where it is', () => {
    expect(read('all door opened')).toMatchObject({
      words: 'All stations · event: door opened',
      entries: [{ station: null, body: { kind: 'event', text: 'door opened', stepId: null } }],
    });
    expect(read('all 31 mm')).toMatchObject({
      words: 'All stations · height 31 mm',
      entries: [{ station: 1 }, { station: 2, body: { kind: 'measurement', responseId: 'h' } }],
    });
    // Each its own step; a step without words of its own goes by its number.
    expect(read('all done')).toMatchObject({
      entries: [
        { station: 1, body: { kind: 'event', stepId: 'mix', text: 'dough made' } },
        { station: 2, body: { kind: 'event', stepId: 'bake', text: 'step 2 done' } },
      ],
    });
    expect(own.steps.map(eventOf)).toEqual(['dough made', 'step 2 done']);
    expect(read('')).toEqual({ kind: 'empty' });
    expect(read('   ')).toEqual({ kind: 'empty' });
  });
});
