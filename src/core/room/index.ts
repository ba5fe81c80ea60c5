export {
  equipmentKinds,
  equipmentShape,
  ovenFallPerMin,
  ovenPlaces,
  ovenRisePerMin,
  ringShape,
  truthShape,
  type Equipment,
  type EquipmentKind,
  type Oven,
} from './equipment';
export { checkWords } from './correction';
export { footprint, laidOut, lastSquare, squaresOf } from './lay-out';
export { equipmentWords, newEquipment } from './new-equipment';
