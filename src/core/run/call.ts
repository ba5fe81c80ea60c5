import type { Remark } from '../remark';

/** Something at the bench that wants the teacher, in words. */
export interface Call extends Remark {
  stations: number[];
  /** One click's worth of help: the line that the quick line would be given. */
  action?: { label: string; line: string };
}
