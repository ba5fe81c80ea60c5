export { describeSample, meanOf, type Description } from './describe';
export { differenceOfMeans, type Difference } from './difference';
export { fitLine, type LinearFit } from './linear-fit';
export { studentT } from './student-t';
