import { allows, type Actor, type Permission } from './actor';
import type { Declared } from './gate';

/** Everyone who may stand before a route, as the page of the matrix names them. */
export const matrixActors = [
  'nobody',
  'own tablet',
  'tablet of another station',
  'tablet of another run',
  'tablet that was closed',
  'tablet after the end of its run',
  'teacher who signed out',
  'teacher who left',
  'teacher',
  'who administers',
] as const;

const place = { id: 'run', station: '1' };
const tablet = (runId: string, station: number): Actor => ({ kind: 'station', pass: 'p', runId, station });
const teacher = (admin: boolean): Actor => ({ kind: 'teacher', id: 't', name: 'T', admin, session: 's' });

/** What each is to the program; whose pass or session is over is nobody. */
const actors: Record<(typeof matrixActors)[number], Actor> = {
  nobody: { kind: 'nobody' },
  'own tablet': tablet('run', 1),
  'tablet of another station': tablet('run', 2),
  'tablet of another run': tablet('other', 1),
  'tablet that was closed': { kind: 'nobody' },
  'tablet after the end of its run': { kind: 'nobody' },
  'teacher who signed out': { kind: 'nobody' },
  'teacher who left': { kind: 'nobody' },
  teacher: teacher(false),
  'who administers': teacher(true),
};

/** Routes × actors as a table in Markdown. */
export function matrixTable(declared: readonly Declared[]): string {
  const may = (permission: Permission, who: (typeof matrixActors)[number]) =>
    allows(permission, actors[who], place) ? 'yes' : '–';
  return [
    `| route | ${matrixActors.join(' | ')} |`,
    `| --- |${' :-: |'.repeat(matrixActors.length)}`,
    ...declared.map(
      ({ method, path, may: permission }) =>
        `| \`${method.toUpperCase()} ${path}\` | ${matrixActors.map((who) => may(permission, who)).join(' | ')} |`,
    ),
  ].join('\n');
}
