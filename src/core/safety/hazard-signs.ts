import { foodSigns } from './food-signs';
import type { HazardId } from './hazards';
import { hazardTables } from './hazard-tables';
import { heatSigns } from './heat-signs';
import type { Sign } from './sign';
import { toolSigns } from './tool-signs';

const phrases: Readonly<Record<HazardId, Sign>> = { ...heatSigns, ...toolSigns, ...foodSigns };

/** Whether a sentence gives a danger away: by what stands in the tables, else by how it is said. */
export const hazardSign: Readonly<Record<HazardId, Sign>> = Object.fromEntries(
  (Object.keys(phrases) as HazardId[]).map((id): [HazardId, Sign] => [
    id,
    (sentence, context) => hazardTables[id]?.(sentence, context) === true || phrases[id](sentence, context),
  ]),
) as Record<HazardId, Sign>;
