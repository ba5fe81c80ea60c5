export { hazardIds, hazards, whoDecides, type Hazard, type HazardId } from './hazards';
