import { examplePlan } from '../src/core/practical';
import { calculators } from '../src/core/calculators';
import type { Spec } from '../src/core/shape';
import type { Declared } from '../src/server/actors/gate';
import type { Draw } from './junk';
import { soundValue } from './sound-values';

/** Ids that are really there, so that a request gets past the first door. */
export interface Known {
  run: string;
  practical: string;
  room: string;
  entry: string;
  pass: string;
  picture: string;
  teacher: string;
  /** A run that has not begun. */
  planned: string;
  file: object;
}

/** A sound body for each route that takes one: of the routes named here a usual one, else one drawn from its shape. */
export function soundBody(route: Declared, known: Known, draw: Draw): unknown {
  const { path, body } = route;
  if (path.includes('calculators')) return calculators[draw(calculators.length)]!.example;
  const shape: Spec | undefined = body?.shape ?? route.takes;
  if (shape && !path.endsWith('file') && (draw(2) === 0 || !written.test(path)))
    return drawnBody(path, shape, known, draw);
  return writtenBody(path, known, draw);
}

/** Routes whose bodies name things that have to fit each other. */
const written =
  /(?:\/rooms|classes|practicals|revisions|runs|layout|revision|clock|log|imports|join|sign-in|first|passphrase|teachers|products\/file)$/;

function drawnBody(path: string, shape: Spec, known: Known, draw: Draw): unknown {
  const ids = {
    ...{ practicalId: known.practical, roomId: known.room, classId: 'c', responseId: 'snap' },
    ...{ picture: known.picture, corrects: known.entry, class: 'c', run: known.run },
    ...(path.includes('log') && { station: 1, at: Date.now(), arrivedAt: Date.now() }),
    ...(path.includes('clock') && { speed: 1 }),
    ...(path.includes('everything') && { from: Date.now() - 86_400_000, to: Date.now() + 86_400_000 }),
    ...(path.includes('thermometer') && { thermometerId: 'probe-1' }),
    ...(path.includes('ways') && { from: '2026-12-01', to: '2026-12-24' }),
    ...(path.includes('budgets') && { className: '9B' }),
    ...(/run/.test(path) ? {} : { id: `${path.split('/').at(-1)!}-${draw(40)}` }),
  };
  const value = soundValue(shape, draw, ids) as Record<string, unknown>;
  // What was read before it is changed: as often the version that is there.
  if ('version' in value) value.version = draw(6);
  return value;
}

function writtenBody(path: string, known: Known, draw: Draw): unknown {
  const entry = (body: object) => ({
    id: `f${draw(1e9)}`,
    station: path.includes(':station') ? 1 : 1 + draw(4),
    at: Date.now(),
    offset: 0,
    body,
  });
  const name = path.split('/').at(-1)!;
  switch (name) {
    case 'rooms':
      return {
        id: `r${draw(50)}`,
        name: 'Room',
        kind: 'food-room',
        altitudeM: 10,
        measuredBoilingC: null,
        stations: 8,
        balanceG: 1,
      };
    case 'classes':
      return { id: `c${draw(50)}`, name: '9B', students: 20, unit: 'C' };
    case 'practicals':
      return { id: `p${draw(50)}`, plan: examplePlan };
    case 'revisions':
      return { basedOn: 1 + draw(3), plan: examplePlan };
    case 'runs':
      return {
        ...{
          id: `n${draw(50)}`,
          practicalId: known.practical,
          revision: 1,
          roomId: known.room,
          classId: 'c',
        },
        ...{ startsAt: Date.now(), stations: 4, probes: draw(2) ? 'none' : 'simulated' },
      };
    case 'layout':
      return { seed: draw(1000) };
    case 'revision':
      return { revision: 1 };
    case 'clock':
      return { speed: 1 };
    case 'log':
      return {
        entries: [
          entry({ kind: 'reading', celsius: 90, probe: 1, unit: 'C', source: 'typed' }),
          entry({ kind: 'deviation', text: 'words' }),
          entry({ kind: 'correction', corrects: known.entry, to: null }),
          entry({ kind: 'measurement', responseId: null, name: 'snap', value: 3, unit: '' }),
          entry({ kind: 'photo', responseId: null, name: 'x', picture: known.picture }),
        ],
      };
    case 'imports':
      return known.file;
    case 'file':
      return {
        csv: `ingredient,pack_g,price\n${'flour,1500,1.20\n"sugar, brown",1000,"0.9"\n'.repeat(draw(400))}`,
        how: draw(2) ? 'add' : 'replace',
      };
    case 'join':
      return { code: 'ABCDEF' };
    case 'sign-in':
      return { name: 'x', passphrase: 'y' };
    case 'first':
      return { code: 'x', name: 'y', passphrase: 'copper kettle on tuesday' };
    case 'passphrase':
      return { was: 'x', passphrase: 'copper kettle on tuesday' };
    case 'teachers':
      return { id: `t${draw(9)}`, name: `T ${draw(9)}`, passphrase: 'copper kettle on tuesday' };
    default:
      return { volumeMl: 100, massG: 5 };
  }
}
