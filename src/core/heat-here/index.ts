export { heatHere, settingFor, type HeatHere } from './minutes-here';
