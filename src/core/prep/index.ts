export { prepLines, type PrepLine, type PrepPerson, type ReadThere } from './prep-lines';
export { judgeReading } from './read-there';
export { isShort, pullList, sharingOf, type Pull, type Sharing, type Use } from './pull-list';
export { usesIn } from './uses';
export { toolsSource, type Tool } from './tools';
export {
  codesOf,
  isMixed,
  runningOn,
  weighingLists,
  whoseDish,
  withOneBowl,
  type Dish,
  type WeighingList,
} from './weigh-out';
export { trayOf, type Tray, type TrayItem, type Vessel } from './tray';
