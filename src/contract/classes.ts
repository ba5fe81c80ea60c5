import { about, id, oneOf, record, text, whole, type Of } from '../core/shape';
import { classOf } from './class-of';

/** A teaching group. Students are seats, not names. */
export const classShape = record('NewClass', {
  id: id(),
  name: text(40, 1),
  students: whole(1, 60),
  unit: about('what the class reads temperatures in', oneOf(['C', 'F'])),
});
export const NewClass = classOf(classShape);
export type NewClass = Of<typeof classShape>;

export type Class = NewClass;
