import { format } from 'date-fns';
import type { Run } from '../../contract/runs';
import { formatTemperature } from '../../core/format';
import { boilingIn } from '../../core/practical';

/** “9B · Food room 2 · Tue 24 Nov 10:30 · water boils at 96.0 °C”. */
export function runSubtitle(run: Run): string {
  const parts = [run.className, run.place.name, format(run.startsAt, 'EEE d MMM HH:mm')];
  if (run.plan.thermometers.some((one) => one.in === 'syrup')) {
    parts.push(`water boils at ${formatTemperature(boilingIn(run.place).boilingC, run.unit)}`);
  }
  return parts.join(' · ');
}
