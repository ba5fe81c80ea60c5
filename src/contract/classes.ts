import { about, id, oneOf, record, text, whole, type Of } from '../core/shape';
import { needsShape } from '../core/risk';
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

/** What a class has declared that some of it must not have; it stays in the program, and is in no file. */
const classNeedsShape = record('ClassNeeds', { needs: needsShape });
export const ClassNeeds = classOf(classNeedsShape);
export type ClassNeeds = Of<typeof classNeedsShape>;

export type Class = NewClass & ClassNeeds;
