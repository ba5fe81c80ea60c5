import { type Place } from '../../practical';
import { type Entry, type EntryBody } from '..';

export const zero = Date.UTC(2026, 0, 12, 9, 0);

export const place: Place = {
  name: 'Kitchen 1',
  kind: 'food-room',
  altitudeM: 1200,
  measuredBoilingC: null,
  stations: 12,
  balanceG: 0.1,
  equipment: [],
  tools: [],
};

let serial = 0;

export const entry = (station: number | null, second: number, body: EntryBody): Entry => ({
  id: `e${(serial += 1)}`,
  station,
  at: zero + second * 1000,
  offset: 0,
  body,
});

export const reading = (celsius: number, probe = 1): EntryBody => ({
  kind: 'reading',
  celsius,
  probe,
  unit: 'C',
  source: 'typed',
});
