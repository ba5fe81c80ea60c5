import { remembered } from '../memory';
import type { StationStep } from '../practical';
import type { DeviationBody, EventBody } from './entry-kinds';
import type { Noted } from './notebook';

/** Things done to a pan, or to the place it stands in, after which it does not go on as it did. */
const doings = [
  // A lid, a cover.
  /\b(?:lids?|cover(?:ed)?|uncover(?:ed)?|foil)\b/i,
  // More heat, less, none, another ring.
  /\b(?:turn(?:ed|s)?|heat|flame|gas|burner|hob|power)\b[^.;]{0,30}\b(?:up|down|off|on|low|lower|high|higher|medium|full|half)\b/i,
  /\b(?:lower|reduce|raise|increase|drop)(?:d|ed|s)?\b[^.;]{0,20}\b(?:heat|flame|gas|power|temperature)\b/i,
  /\b(?:off|from|onto|on to|back on|to another) (?:the |a )?(?:heat|hob|ring|burner|stove|plate)\b/i,
  // Something goes in.
  /\b(?:add|pour|tip|stir|whisk|mix|fold|beat|drop|put|melt|ladle|dilute)(?:s|ed|ped|red|ting)?\b[^.;]{0,40}\b(?:in|into|to|on|onto|with)\b|\badd(?:s|ed)?\b/i,
  /\b\p{L}+ (?:in|on|off|out)$/iu,
  // It stands somewhere else, or in another wind.
  /\b(?:windows?|doors?|fan|draught|extractor)\b/i,
  /\b(?:move|transfer|set|place|stand|lift|plunge|dip)(?:d|ed|s)?\b[^.;]{0,40}\b(?:in|into|on|onto|to|over|by|outside)\b/i,
  /\b(?:fridge|refrigerator|freezer|ice|cold water|rack|trivet)\b/i,
];

/** Whether words tell of something done to what a thermometer reads. One too many costs seconds, one too few minutes. */
export const touches = remembered((words) => doings.some((doing) => doing.test(words.trim())));

/**
 * When something was last done to what is read at a station, by what is written down: a step that was done, one that began,
 * or what went differently; ms on the run’s clock, null for nothing.
 *
 * @param steps those of the lesson, in order
 */
export function lastTouchMs(
  steps: readonly StationStep[],
  events: readonly Noted<EventBody>[],
  deviations: readonly Noted<DeviationBody>[],
  nowMs: number,
): number | null {
  const byStep = events.filter(({ body }) => {
    const at = steps.findIndex((step) => step.id === body.stepId);
    const [done, begun] = [steps[at], steps[at + 1]];
    return done !== undefined && [done.event, done.text, begun?.text ?? ''].some(touches);
  });
  const differently = deviations.filter(({ body }) => touches(body.text));
  const moments = [...byStep, ...differently].map(({ at }) => at).filter((at) => at <= nowMs);
  return moments.length === 0 ? null : Math.max(...moments);
}
