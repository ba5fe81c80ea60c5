import { basename, dirname, join, resolve } from 'node:path';
import { bringPictures, keptBefore, restore } from './db/restore';

/** `npm run restore -- <file>` or `-- --undo`. */
const data = resolve(process.env.TAWNY_DATA ?? 'data');
const [said] = process.argv.slice(2);
const given = said === '--undo' ? keptBefore(data) : said;
try {
  if (!given) {
    const backups = join(data, 'backups');
    throw new Error(
      said === '--undo'
        ? 'There is nothing to undo: no database was put aside.'
        : `Name a backup file; they are in ${backups}. Or --undo takes the last restore back.`,
    );
  }
  const { kept } = restore(data, resolve(given));
  await bringPictures(data, dirname(resolve(given)));
  if (kept) process.stdout.write(`The database as it was is kept as ${kept}; --undo puts it back.\n`);
  process.stdout.write(
    `Restored from ${basename(given)}. Start the program again: everybody signs in anew, and it names those whose passphrase was changed since.\n`,
  );
} catch (error) {
  process.stderr.write(`${(error as Error).message}\n`);
  process.exit(1);
}
