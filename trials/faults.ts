import { readFileSync, writeFileSync } from 'node:fs';
import { cpus, release, type as system } from 'node:os';
import { backupsAndRestores, firstStarts, imports, logging, migrations, planSaves, type Toll } from './kills';
import { smallWrites } from './small-writes';
import { clocksAndOrder, diskFull, lockedByAnother, networkGone } from './weather';

/*
 * `npm run faults [-- 1000] [--write]`: so many SIGKILLs over everything that writes, and the weather: a full disk, a held
 * database, ten minutes without the network, wrong clocks, delivery out of order and twice. Nothing acknowledged may be
 * lost, nothing be there twice, nothing half-done. `--write` puts the figures into docs/reliability.md.
 */

const kills = Number(process.argv.slice(2).find((one) => /^\d+$/.test(one)) ?? 1000);
const seconds = kills >= 1000 ? 600 : Math.max(10, Math.round(kills / 2));

type Line = Toll & { note?: string };
const lines: Line[] = [];
const say = (line: Line | null, missing = '') => {
  if (!line) {
    console.log(missing);
    return;
  }
  lines.push(line);
  const { what, acknowledged, lost, doubled, halfDone, note = '' } = line;
  console.log(
    `${what}: ${line.kills} kills, ${acknowledged} acknowledged, lost ${lost}, doubled ${doubled}, half-done ${halfDone} ${note}`,
  );
};
const share = (part: number) => Math.max(2, Math.round((kills * part) / 2) * 2);

const started = Date.now();
// Goes on beside the others: it is only long.
const network = networkGone(seconds);
say(await logging(share(0.3)));
say(await planSaves(share(0.1)));
for (const toll of await smallWrites(share(0.2))) say(toll);
say(await imports(share(0.1)));
say(await firstStarts(share(0.1)));
say(await migrations(share(0.1)));
say(await backupsAndRestores(share(0.1)));
say(await diskFull(), 'disk full: not tried, this machine mounts no small disk');
say(await lockedByAnother());
say(await clocksAndOrder());
say(await network);

const total = (pick: (line: Line) => number) => lines.reduce((sum, line) => sum + pick(line), 0);
const [killed, lost, doubled, half] = [
  total((one) => one.kills),
  total((one) => one.lost),
  total((one) => one.doubled),
  total((one) => one.halfDone),
];
console.log(`\n${killed} kills: lost ${lost}, doubled ${doubled}, half-done ${half}`);

if (process.argv.includes('--write')) {
  const page = 'docs/reliability.md';
  const [from, to] = ['<!-- made by npm run faults -->', '<!-- until here -->'];
  const text = readFileSync(page, 'utf8');
  const table = [
    `${new Date().toISOString().slice(0, 10)}, ${system()} ${release()}, ${cpus().length} processors, Node ${process.versions.node}, ${Math.round((Date.now() - started) / 60_000)} minutes.`,
    '',
    '| what | SIGKILLs | acknowledged | lost | doubled | half-done | |',
    '| --- | --: | --: | --: | --: | --: | --- |',
    ...lines.map(
      ({ what, kills: times, acknowledged, lost: gone, doubled: twice, halfDone, note = '' }) =>
        `| ${what} | ${times} | ${acknowledged} | ${gone} | ${twice} | ${halfDone} | ${note} |`,
    ),
    `| **in all** | **${killed}** | | **${lost}** | **${doubled}** | **${half}** | |`,
  ].join('\n');
  writeFileSync(
    page,
    `${text.slice(0, text.indexOf(from))}${from}\n\n${table}\n\n${text.slice(text.indexOf(to))}`,
  );
}
process.exit(lost + doubled + half === 0 ? 0 : 1);
