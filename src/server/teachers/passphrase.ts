import { hash, verify } from '@node-rs/argon2';
import { nobodysPassphrase } from '../db/doors';
import { refusedField } from '../problems/problem';

/** Argon2id with the memory and passes OWASP asks for (Password Storage Cheat Sheet: 19 MiB, 2 passes). */
const cost = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** Words and rows of keys that are tried first. */
const common =
  /pass(word|wort|phrase)|qwert|asdf|letmein|welcome|iloveyou|administrator|teacher|school|changeme|tawny|beaker|012345|123456|abcdef|98765/g;

/** Signs a passphrase must have left once what is tried first, and signs said again, are taken out. */
const leastLeft = 8;

/** Signs in it that take guessing: without what is common, without rows of one sign. */
function guessworthy(passphrase: string, name: string): number {
  const plain = passphrase.toLowerCase().normalize('NFKC');
  const own = name
    .toLowerCase()
    .normalize('NFKC')
    .split(/\s+/)
    .filter((word) => word.length > 2);
  const rest = own.reduce((text, word) => text.replaceAll(word, ''), plain.replace(common, ''));
  const signs = [...rest.replace(/\s+/g, '')];
  return Math.min(signs.length, 2 * new Set(signs).size);
}

/** @throws Problem 422 where it would be among the first to be tried */
export function checkStrength(passphrase: string, name: string): void {
  if (guessworthy(passphrase, name) < leastLeft) {
    throw refusedField(
      '/passphrase',
      'too easy to guess',
      'words that are not among the first anyone would try: not your name, no row of keys, no sign again and again',
    );
  }
}

export const hashOf = (passphrase: string): Promise<string> => hash(passphrase.normalize('NFKC'), cost);

/** Compared with where the name is unknown: that answer takes as long as any other. */
let nobodys: Promise<string> | null = null;

/** Whether it is the passphrase that was hashed; `null` never is, and takes as long to find out. */
export async function isPassphrase(stored: string | null, passphrase: string): Promise<boolean> {
  nobodys ??= hashOf('nobody has this passphrase');
  const asked = stored === nobodysPassphrase ? null : stored;
  const fits = await verify(asked ?? (await nobodys), passphrase.normalize('NFKC'));
  return asked !== null && fits;
}
