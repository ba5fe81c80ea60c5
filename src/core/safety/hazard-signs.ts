import { foodSigns } from './food-signs';
import type { HazardId } from './hazards';
import { heatSigns } from './heat-signs';
import type { Sign } from './sign';
import { toolSigns } from './tool-signs';

/** Signs of every danger. */
export const hazardSigns: Readonly<Record<HazardId, Sign>> = { ...heatSigns, ...toolSigns, ...foodSigns };
