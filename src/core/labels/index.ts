export { dishLabel, keptLabel, labelKinds, stationLabel, type LabelKind, type LabelText } from './texts';
export { keepingLabel, type KeepingLabel, type MadeOf } from './keeping';
export {
  labelSheets,
  labelSheetSource,
  labelsOn,
  labelSpots,
  type LabelSheet,
  type LabelSpot,
} from './sheets';
