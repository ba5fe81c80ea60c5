import type { Rank } from '../review';
import type { Working } from '../working';

/** What the data can and cannot tell, in a sentence with its working. */
export interface Finding {
  id: string;
  rank: Rank;
  what: string;
  why: string;
  working: Working;
}
