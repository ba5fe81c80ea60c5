import type { Surroundings } from '../trace';

/** Of a step, what tells where its food is: what it needs, and what is set. */
export interface Whereabouts {
  needs: readonly { resource: string; celsius: number | null }[];
  settings: readonly { what: string; celsius: number | null }[];
}

/** What things stand in where nobody measured it, °C (common practice). */
const usual = {
  refrigerator: { celsius: 4, sdC: 2 },
  freezer: { celsius: -18, sdC: 4 },
  room: { celsius: 21, sdC: 3 },
};
/** An oven swings about its setting, and food that steams hears less of it. */
const ovenSdC = 30;

/**
 * What a food is in during a step, as far as plan and readings tell: an oven as it is set or shown, a refrigerator, a
 * freezer, else a room; null where the heat of a hob or the water of a sink is all there is.
 *
 * @param ovenC what a thermometer in the oven shows, °C; null: there is none
 */
export function surroundingsOf(
  { needs, settings }: Whereabouts,
  rising: boolean,
  ovenC: number | null,
): Surroundings | null {
  const need = (kind: string) => needs.find(({ resource }) => resource === kind);
  const set = settings.findLast(({ what, celsius }) => what === 'oven' && celsius !== null)?.celsius;
  // A thermometer in the oven tells nothing of a pan on the hob.
  const inOven = set !== undefined || need('oven') !== undefined;
  const oven = inOven ? (ovenC ?? set ?? need('oven')?.celsius ?? null) : null;
  if (rising) return oven === null ? null : { celsius: oven, sdC: ovenSdC };
  if (inOven || need('sink')) return null;
  for (const kind of ['freezer', 'refrigerator'] as const) {
    const cold = need(kind);
    if (cold) return { ...usual[kind], celsius: cold.celsius ?? usual[kind].celsius };
  }
  return usual.room;
}
