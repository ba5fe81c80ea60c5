export {
  equipmentKinds,
  equipmentShape,
  ovenFallPerMin,
  ovenPlaces,
  ovenRisePerMin,
  type Equipment,
  type EquipmentKind,
  type Oven,
} from './equipment';
export { equipmentWords, newEquipment } from './new-equipment';
