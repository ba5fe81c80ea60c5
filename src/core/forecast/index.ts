export { foresee, type Foreseen, type Pan } from './foresee';
export { surroundingsOf, type Whereabouts } from './surroundings';
