import { responseShape, type Response } from '../core/practical';
import { record, type Of } from '../core/shape';
import { classOf } from './class-of';

/** A measure of the school’s own: the line of a plan it was kept from. */
const ownMeasureShape = record('OwnMeasure', { measure: responseShape });
export const OwnMeasure = classOf(ownMeasureShape);
export type OwnMeasure = Of<typeof ownMeasureShape>;

/** The school’s own measures, by name. */
export type OwnMeasures = Response[];
