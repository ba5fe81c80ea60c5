import { describe, expect, it } from 'vitest';
import { newEquipment, type Equipment } from '../room';
import { newPlan } from '../practical';
import { benchSetting, Notebook, truthCall, truthIn } from '.';
import { entry, place, reading, zero } from './testing/entries';

const thermometer = (patch: object) =>
  ({ ...newEquipment('thermometer', 't', 1), checkedAt: 1, station: 4, boilingC: 96, ...patch }) as Equipment;
const truth = (patch: object) => truthIn({ equipment: [thermometer(patch)] });

describe('readings put right', () => {
  it('by ice and boiling water: 0.6 at 0 and 96.6 at 96 is 0.6 too high everywhere', () => {
    const of = truth({ inIceC: 0.6, inBoilingC: 96.6 });
    expect(of(4, 1, 118.6)).toBeCloseTo(118, 9);
    expect(of(4, 2, 118.6)).toBe(118.6);
    expect(of(5, 1, 118.6)).toBe(118.6);
    // 0 and 94 where 96 is right: 2.13 % too low, 2.1 °C at 100 shown.
    expect(truth({ inIceC: 0, inBoilingC: 94 })(4, 1, 100)).toBeCloseTo(100 * (96 / 94), 3);
  });

  it('by one of the two where only one was looked at, not at all where none was or nobody said whose it is', () => {
    expect(truth({ inIceC: 1, inBoilingC: null })(4, 1, 50)).toBe(49);
    expect(truth({ inIceC: null, inBoilingC: 95 })(4, 1, 50)).toBe(51);
    expect(truth({ inIceC: null, inBoilingC: null })(4, 1, 50)).toBe(50);
    expect(truth({ inIceC: 1, station: null })(1, 1, 50)).toBe(50);
    expect(truth({ inIceC: 1, checkedAt: null })(4, 1, 50)).toBe(50);
  });

  it('is told once for all stations, with each thermometer that is off', () => {
    const equipment = [
      thermometer({ id: 'a', inIceC: 1, inBoilingC: null, station: 2 }),
      thermometer({ id: 'b', inIceC: 0, inBoilingC: 96, station: 1 }),
      thermometer({ id: 'c', inIceC: 2, inBoilingC: null, station: 1 }),
      thermometer({ id: 'd', inIceC: 2, inBoilingC: null, station: 9 }),
    ];
    const treatments = new Map([1, 2, 3].map((station) => [station, 'none']));
    const [call] = truthCall(benchSetting(newPlan('x', null), { ...place, equipment }, treatments), 'C');
    expect(call).toMatchObject({ stations: [1, 2], what: 'Stations 1, 2: readings are put right' });
    expect(JSON.stringify(call!.working)).toContain(
      'station 1, thermometer 2: 100.0 °C typed counts as 98.0 °C',
    );
    expect(truthCall(benchSetting(newPlan('x', null), place, treatments), 'C')).toEqual([]);
  });

  it('each by its own where two lie at a station, in the order of the room', () => {
    const of = truthIn({
      equipment: [
        thermometer({ id: 'a', inIceC: null, inBoilingC: null, checkedAt: null }),
        thermometer({ id: 'b', inIceC: 2, inBoilingC: null }),
        thermometer({ id: 'c', inIceC: -1, inBoilingC: null, station: 5 }),
      ],
    });
    expect([of(4, 1, 50), of(4, 2, 50), of(4, 3, 50), of(5, 1, 50)]).toEqual([50, 48, 50, 51]);
  });

  it('as typed at a station; what a probe sends is not its thermometer’s', () => {
    const notebook = new Notebook(zero, [4, 5], truth({ inIceC: 0.5, inBoilingC: 96.5 }));
    notebook.add([
      entry(4, 1, reading(100)),
      entry(5, 1, reading(100)),
      entry(4, 2, { ...reading(90), source: 'probe' } as never),
    ]);
    expect(notebook.station(4).readings.get(1)!.celsius).toEqual([99.5, 90]);
    expect(notebook.lastReading(5)!.celsius).toBe(100);
  });
});
