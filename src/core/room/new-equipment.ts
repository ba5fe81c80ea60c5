import type { Equipment, EquipmentKind } from './equipment';

/** Ways of saying a kind of thing. */
export const equipmentWords: Readonly<Record<EquipmentKind, { one: string; many: string }>> = {
  station: { one: 'station', many: 'stations' },
  hob: { one: 'hob', many: 'hobs' },
  oven: { one: 'oven', many: 'ovens' },
  refrigerator: { one: 'refrigerator', many: 'refrigerators' },
  freezer: { one: 'freezer', many: 'freezers' },
  microwave: { one: 'microwave', many: 'microwaves' },
  mixer: { one: 'mixer', many: 'mixers' },
  kettle: { one: 'kettle', many: 'kettles' },
  sink: { one: 'sink', many: 'sinks' },
  balance: { one: 'balance', many: 'balances' },
  thermometer: { one: 'thermometer', many: 'thermometers' },
};

/** Something new of a kind, as it usually is in a school kitchen (common practice); `number` tells it from its like. */
export function newEquipment(kind: EquipmentKind, id: string, number: number): Equipment {
  const { one } = equipmentWords[kind];
  const common = { id, name: `${one} ${number}`, x: null, y: null };
  switch (kind) {
    case 'station':
      return { ...common, kind, number };
    case 'hob':
      return {
        ...common,
        kind,
        lagMin: 2,
        rings: [{ cm: 18, watts: [150, 300, 500, 800, 1200, 1800] }],
      };
    case 'oven':
      return { ...common, kind, shelves: 2, traysPerShelf: 1, fan: true, heatMin: 12, coolMin: 8, truth: [] };
    case 'refrigerator':
      return { ...common, kind, celsius: 4 };
    case 'freezer':
      return { ...common, kind, celsius: -18 };
    case 'microwave':
      return { ...common, kind, watts: 800 };
    case 'mixer':
    case 'sink':
      return { ...common, kind };
    case 'kettle':
      return { ...common, kind, litres: 1.7, watts: 2200 };
    case 'balance':
      return { ...common, kind, divisionG: 1, capacityG: 2000 };
    case 'thermometer':
      return {
        ...common,
        kind,
        type: 'probe',
        lowC: -50,
        highC: 300,
        divisionC: 0.1,
        lineC: 1,
        checkedAt: null,
        inIceC: null,
        inBoilingC: null,
        boilingC: null,
        station: null,
      };
  }
}
