import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { databaseFile } from './db/files';
import { noteDoorsOf } from './db/doors';
import { openDatabase } from './db/open';
import { randomCode, Teachers } from './teachers/teachers';

/**
 * `npm run passphrase -- "Name"`: whoever sits at the console of the server helps a teacher in again, also while the
 * program runs. Without a name it says who there is.
 */
async function main(name: string | undefined): Promise<void> {
  const data = resolve(process.env.TAWNY_DATA ?? 'data');
  if (!existsSync(databaseFile(data))) throw new Error(`There is no database in ${data}.`);
  const knex = await openDatabase(data);
  try {
    const teachers = new Teachers(knex, Date.now, () => noteDoorsOf(knex, data));
    const all = await teachers.all();
    if (all.length === 0) throw new Error('No teacher is set yet: start the program and open it.');
    const found = name === undefined ? undefined : all.find((one) => one.name === name.trim());
    if (!found) {
      const list = all.map((one) => `  ${one.name}${one.admin ? ' (administers)' : ''}`).join('\n');
      throw new Error(
        `${name === undefined ? 'Whose? Name one of' : `There is no teacher “${name}”; there are`}:\n${list}`,
      );
    }
    const passphrase = Array.from({ length: 5 }, () => randomCode(4).toLowerCase()).join('-');
    await teachers.setPassphrase(found.id, passphrase);
    await knex('deeds').insert({ at: Date.now(), author: 'console', deed: 'passphrase', subject: found.id });
    process.stdout.write(
      `${found.name} signs in with\n    ${passphrase}\nand changes it then. Wherever they were signed in, they are signed out.\n`,
    );
  } finally {
    await knex.destroy();
  }
}

main(process.argv[2]).catch((error: unknown) => {
  process.stderr.write(`${(error as Error).message}\n`);
  process.exit(1);
});
