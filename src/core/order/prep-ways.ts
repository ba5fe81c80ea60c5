import { about, flag, number, record, whole, type Of } from '../shape';

/** How a run is prepared, beyond what its plan says. */
export const prepWaysShape = record('PrepWays', {
  spares: about('batches kept ready of each treatment, beyond its stations', whole(0, 10)),
  demonstration: about('one more batch, of the control, for the teacher', flag()),
  lossPercent: about('what sticks to bowls and spoons, on top of what is weighed', number(0, 50, '%')),
  blind: about('dishes and labels carry a letter in place of the level', flag()),
});
export type PrepWays = Of<typeof prepWaysShape>;

/** A run of which nobody has said anything: no spares, nothing lost. */
export const usualPrepWays: PrepWays = { spares: 0, demonstration: false, lossPercent: 0, blind: false };
