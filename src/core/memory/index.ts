export { remembered } from './remembered';
