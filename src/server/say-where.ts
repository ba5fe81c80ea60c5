import { toString as qrCode } from 'qrcode';
import type { App } from './app';
import { lanAddresses, type Settings } from './settings';

/** Says on the console where the program is, for whom, and what to do first. */
export async function sayWhere(
  { teachers }: Pick<App, 'teachers'>,
  settings: Settings,
  port: number,
): Promise<void> {
  const scheme = settings.identity ? 'https' : 'http';
  const here = `${scheme}://${settings.host === '0.0.0.0' || settings.host === '::' ? '127.0.0.1' : settings.host}:${port}`;
  const lines = [`Tawny Beaker is at ${here}`];
  const lan = lanAddresses(settings, port);
  for (const address of lan) lines.push(`From other machines of this network: ${address}`);
  if (lan[0]) lines.push('', await qrCode(lan[0], { type: 'terminal', small: true }));
  if (await teachers.any()) lines.push('Teachers sign in.');
  else if (settings.open)
    lines.push('It is open: whoever sits at this machine is the teacher. No other machine reaches it.');
  else {
    lines.push(
      'First start: open it and set your name and passphrase. The page asks for this code:',
      `    ${teachers.firstCode.slice(0, 4)}-${teachers.firstCode.slice(4)}`,
    );
  }
  if (lan.length > 0 && !settings.identity) {
    lines.push(
      'Over plain HTTP whoever is in the same network could listen. See “In the school’s network” in docs/guide.md.',
    );
  }
  process.stdout.write(`${lines.join('\n')}\n`);
}
