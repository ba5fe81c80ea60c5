import { isPhoto } from '../practical';
import { lessonSteps, eventOf } from './steps';
import type { QuickLineContext } from './quick-line';

/**
 * Whole lines that the typed beginning could become: events of the method, responses, `all`, `timer`.
 * Nothing is offered while a number is being typed.
 */
export function completionsOf(line: string, context: QuickLineContext): string[] {
  const match = /^(\S+)\s+(.*)$/s.exec(line);
  if (!match) {
    return line.trim() !== '' && 'all'.startsWith(line.trim().toLowerCase()) ? ['all '] : [];
  }
  const [, who = '', rest = ''] = match;
  if (/^[\d/!−-]/.test(rest)) return [];
  const station = Number(who);
  const current = context.stations.includes(station) ? context.currentStep(station) : undefined;
  const own = context.own(context.stations.includes(station) ? station : (context.stations[0] ?? 1));
  const steps = lessonSteps(own).filter((step) => step.id !== current?.id);
  const events = [...(current ? [current] : []), ...steps].map(eventOf);
  const measures = context.plan.responses
    .filter((response) => !isPhoto(response))
    .flatMap(({ name, points }) =>
      points.length > 0 ? points.map((point) => `${name} ${point}`) : [`${name} `],
    );
  const words = [...events, ...measures, 'timer '];
  return words
    .filter(
      (word) =>
        word.toLowerCase().startsWith(rest.toLowerCase()) && word.toLowerCase() !== rest.toLowerCase(),
    )
    .slice(0, 5)
    .map((word) => `${who} ${word}`);
}
