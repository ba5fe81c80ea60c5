import pLimit from 'p-limit';
import { routes } from '../../contract/routes';
import { calculators, runCalculator, type CalculatorAnswer } from '../../core/calculators';
import type { Gate } from '../actors/gate';
import { notFound } from '../problems/problem';
import { KeptThread } from '../threads/in-thread';

/** What can take seconds: laid out beside everybody else’s work. */
const slow: ReadonlySet<string> = new Set(['timetable', 'familywise', 'design-power']);
/** One at a time: a thread takes a core. */
const line = pLimit(1);

/** @param program what a thread runs; without it all is worked out where it is asked for */
export function calculatorRoutes(gate: Gate, program: URL | null): void {
  const thread = program && new KeptThread(program);
  gate.route(
    { method: 'get', path: routes.calculators, may: 'teacher', says: 'All calculators with their inputs' },
    () => calculators.map(({ id, title, inputs }) => ({ id, title, inputs })),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.calculator(':id'), may: 'teacher', signs: true },
      says: `Runs one of ${calculators.map((one) => one.id).join(', ')}`,
    },
    ({ request }) => {
      const id = request.params.id as string;
      if (!calculators.some((one) => one.id === id)) throw notFound('calculator', id);
      const inputs = request.body as unknown;
      return thread && slow.has(id)
        ? line(() => thread.answer<CalculatorAnswer>({ calculator: id, inputs }))
        : runCalculator(id, inputs);
    },
  );
}
