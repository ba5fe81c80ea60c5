import { paperNames } from '../core/paper';
import { about, list, oneOf, record, whole, id, type Of } from '../core/shape';
import { classOf } from './class-of';
import { momentRange } from './runs';

/** Everything on paper for the runs of some days, as one file. */
const everythingShape = record('Everything', {
  from: about('runs that begin from then, ms since 1970', whole(...momentRange)),
  to: about('up to then', whole(...momentRange)),
  without: about('runs to leave out', list(id(), 400)),
  paper: oneOf(paperNames),
});
export const Everything = classOf(everythingShape);
export type Everything = Of<typeof everythingShape>;

/** How far a file has come. */
export interface PaperState {
  id: string;
  done: number;
  of: number;
  ready: boolean;
  /** Why it cannot be made; null: nothing stands in its way. */
  failed: string | null;
  pages: number | null;
}
