export { dosesOf, usualDosesSource, type Dose, type DoseLine } from './usual-doses';
