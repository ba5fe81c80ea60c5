import type { Place, Plan } from '../practical';
import { equipmentWords, type EquipmentKind } from '../room';
import type { BenchSetting } from '../run';
import { toolsOf } from './tools';

/** One thing on the list of what is fetched. */
export interface Pull {
  id: string;
  name: string;
  wanted: number;
  /** How many the room has; null: nobody has counted. */
  has: number | null;
  /** Stations that use it. */
  stations: number[];
  sharedBy: number;
}

/** What is fetched from cupboards for a run, against what the room has. */
export function pullList(plan: Plan, setting: BenchSetting): Pull[] {
  const { place } = setting;
  const found = new Map<string, Pull>();
  for (const station of setting.stations) {
    for (const { id, name, sharedBy } of toolsOf(plan, setting.own(station), place)) {
      const known = found.get(id) ?? {
        id,
        name,
        sharedBy,
        wanted: 0,
        has: countOf(place, id, name),
        stations: [],
      };
      found.set(id, { ...known, stations: [...known.stations, station] });
    }
  }
  return [...found.values()]
    .map((one) => ({ ...one, wanted: Math.ceil(one.stations.length / one.sharedBy) }))
    .sort((a, b) => Number(isShort(b)) - Number(isShort(a)));
}

export const isShort = ({ wanted, has }: Pick<Pull, 'wanted' | 'has'>): boolean =>
  has !== null && has < wanted;

/** Things the plan of a room counts; of the rest what its list of tools says. */
function countOf(place: Place | null, id: string, name: string): number | null {
  if (!place) return null;
  const kind = id.replace(/-\d+$/, '') as EquipmentKind;
  const counted = place.equipment.filter((one) => one.kind === kind).length;
  if (kind in equipmentWords && counted > 0) return counted;
  const words = name.toLowerCase();
  const listed = place.tools.find((tool) => words.startsWith(tool.name.trim().toLowerCase()));
  return listed?.count ?? null;
}

/** When one thing is in use at a station, minutes after the bell. */
export interface Use {
  station: number;
  fromMin: number;
  untilMin: number;
}

/** Who has which of a scarce thing, and from when; or who cannot have one in time. */
export interface Sharing {
  turns: { station: number; fromMin: number; after: number | null }[];
  /** Stations that would still wait when they want it. */
  waiting: number[];
}

/** Hands a scarce thing on from those who are done with it to those who want it next, in the order they want it. */
export function sharingOf(uses: readonly Use[], has: number): Sharing {
  const free = Array.from({ length: Math.max(0, has) }, () => ({
    from: -Infinity,
    last: null as number | null,
  }));
  const turns: Sharing['turns'] = [];
  const waiting: number[] = [];
  for (const use of [...uses].sort((a, b) => a.fromMin - b.fromMin || a.station - b.station)) {
    const ready = free.filter(({ from }) => from <= use.fromMin).sort((a, b) => b.from - a.from)[0];
    if (!ready) {
      waiting.push(use.station);
      continue;
    }
    turns.push({ station: use.station, fromMin: use.fromMin, after: ready.last });
    ready.from = use.untilMin;
    ready.last = use.station;
  }
  return { turns, waiting };
}
