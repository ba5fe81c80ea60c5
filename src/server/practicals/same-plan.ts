import { isDeepStrictEqual } from 'node:util';
import type { Plan } from '../../core/practical';

const plain = (plan: Plan): unknown => JSON.parse(JSON.stringify(plan));

/** Whether two plans say the same, whatever the order their fields were written in. */
export function samePlan(a: Plan, b: Plan): boolean {
  return isDeepStrictEqual(plain(a), plain(b));
}
