export { foresee, type Foreseen, type Pan } from './foresee';
