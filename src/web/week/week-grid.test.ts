import { describe, expect, it } from 'vitest';
import type { RunJob } from '../../contract/days';
import type { RunSummary } from '../../contract/practicals';
import { weekGrid } from './week-grid';

const at = (day: number, clock: string) => new Date(`2026-11-${day}T${clock}:00`).getTime();
const lesson = (id: string, startsAt: number) => ({ id, startsAt, periodMinutes: 70 }) as RunSummary;
const job = (stepId: string, startsAt: number) => ({ stepId, startsAt }) as RunJob;
const bells = [
  { id: 'b', name: '2', fromMin: 555, toMin: 625 },
  { id: 'a', name: '1', fromMin: 480, toMin: 550 },
];

describe('a week by its bells', () => {
  it('has each lesson and job in the period it begins in, and the rest in a row of their own', () => {
    const { days, rows } = weekGrid(
      new Date(2026, 10, 25),
      { bells },
      [lesson('x', at(23, '08:00')), lesson('y', at(25, '09:15')), lesson('z', at(25, '10:30'))],
      [job('weigh', at(25, '09:14')), job('heat', at(25, '08:00')), job('late', at(27, '10:25'))],
    );
    expect(days.map((day) => day.getDate())).toEqual([23, 24, 25, 26, 27]);
    const said = rows.map(({ bell, cells }) => [
      bell?.name ?? 'else',
      ...cells.map((cell) =>
        [...cell.lessons.map(({ id }) => id), ...cell.jobs.map(({ stepId }) => stepId)].join(),
      ),
    ]);
    expect(said).toEqual([
      ['1', 'x', '', 'heat', '', ''],
      ['2', '', '', 'y', '', ''],
      // Between two periods, and at the very last bell.
      ['else', '', '', 'z,weigh', '', 'late'],
    ]);
  });

  it('shows a day of the weekend where something is on, and no last row where nothing is outside', () => {
    const { days, rows } = weekGrid(new Date(2026, 10, 25), { bells }, [lesson('x', at(28, '08:10'))], []);
    expect(days.map((day) => day.getDate())).toEqual([23, 24, 25, 26, 27, 28]);
    expect(rows.map(({ bell }) => bell?.name)).toEqual(['1', '2']);
  });
});
