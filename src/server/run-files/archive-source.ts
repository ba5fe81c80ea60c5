import { crc32 } from 'node:zlib';
import { openPromise, type Entry as Member, type ZipFile } from 'yauzl';
import { mostPictureBytes } from '../../contract/pictures';
import { archiveNames, mostPicturesInFile } from '../../contract/run-file';
import { Problem, refusedField } from '../problems/problem';
import { bundle, longestHead, longestLine, type Piece, type Source } from './pieces';

const noArchive = (why: string) =>
  new Problem(
    400,
    'Not a run file',
    `This is no archive of a run, or it is damaged: ${why}. Nothing was changed.`,
  );

/** What else is in an archive, such as the folders some programs add, is not read; so much of it is looked over. */
const mostMembers = mostPicturesInFile + 100;

/** A run as an archive: its head, its pictures, then its log line by line; nothing is unpacked onto the disk. */
export const archiveSource = (file: string): Source =>
  async function* () {
    const zip = await openPromise(file, { autoClose: false, lazyEntries: true }).catch((error: Error) => {
      throw noArchive(error.message);
    });
    try {
      yield* piecesOf(zip);
    } catch (error) {
      if (error instanceof Problem) throw error;
      const { code } = error as NodeJS.ErrnoException;
      // What the archive itself has wrong is said without a code, or by what unpacks it.
      if (code === undefined || code.startsWith('Z_') || code.startsWith('ERR_'))
        throw noArchive((error as Error).message);
      throw error;
    } finally {
      zip.close();
    }
  };

async function* piecesOf(zip: ZipFile): AsyncGenerator<Piece> {
  const { head, log, pictures } = await membersOf(zip);
  const text = (await bytesOf(zip, head, longestHead)).toString('utf8');
  yield { is: 'head', layout: 'archive', head: parsed(text, archiveNames.head) };
  for (const [hash, member] of pictures) {
    const bytes = await bytesOf(zip, member, mostPictureBytes);
    yield { is: 'picture', hash, bytes, pointer: `/${member.fileName}` };
  }
  yield* entriesIn(zip, log);
}

async function membersOf(zip: ZipFile) {
  if (zip.entryCount > mostMembers) throw noArchive(`it holds ${zip.entryCount} files`);
  const all = new Map<string, Member>();
  for await (const member of zip.eachEntry()) {
    if (all.has(member.fileName)) throw noArchive(`“${member.fileName}” is in it twice`);
    all.set(member.fileName, member);
  }
  const [head, log] = [all.get(archiveNames.head), all.get(archiveNames.log)];
  if (!head || !log) throw noArchive(`${archiveNames.head} or ${archiveNames.log} is missing`);
  const pictures = [...all].flatMap(([name, member]): [string, Member][] => {
    const hash = /^pictures\/([0-9a-f]{64})$/.exec(name)?.[1];
    return hash ? [[hash, member]] : [];
  });
  return { head, log, pictures };
}

/** A member as it is unpacked, checked against the sum that was written beside it. */
async function* chunksOf(zip: ZipFile, member: Member): AsyncGenerator<Buffer> {
  let sum = 0;
  for await (const chunk of await zip.openReadStreamPromise(member)) {
    sum = crc32(chunk as Buffer, sum);
    yield chunk as Buffer;
  }
  if (sum !== member.crc32) throw noArchive(`${member.fileName} is not what was put into it`);
}

async function bytesOf(zip: ZipFile, member: Member, most: number): Promise<Buffer> {
  const chunks: Buffer[] = [];
  let size = 0;
  for await (const chunk of chunksOf(zip, member)) {
    size += chunk.length;
    if (size > most)
      throw refusedField(`/${member.fileName}`, 'a file that is longer', `up to ${most} bytes`);
    chunks.push(chunk);
  }
  return Buffer.concat(chunks);
}

async function* entriesIn(zip: ZipFile, log: Member): AsyncGenerator<Piece> {
  const decoder = new TextDecoder();
  let rest = '';
  let line = 0;
  let entries: unknown[] = [];
  const take = (text: string) => {
    line += 1;
    if (text.length > longestLine)
      throw refusedField(
        `/${archiveNames.log}/${line}`,
        'a line that is longer',
        `up to ${longestLine} letters`,
      );
    entries.push(parsed(text, `line ${line} of ${archiveNames.log}`));
  };
  for await (const chunk of chunksOf(zip, log)) {
    rest += decoder.decode(chunk, { stream: true });
    const lines = rest.split('\n');
    rest = lines.pop()!;
    if (rest.length > longestLine) take(rest);
    for (const text of lines) {
      take(text);
      if (entries.length >= bundle) {
        yield { is: 'entries', entries };
        entries = [];
      }
    }
  }
  rest += decoder.decode();
  if (rest !== '') take(rest);
  if (entries.length > 0) yield { is: 'entries', entries };
}

function parsed(text: string, where: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    throw noArchive(`${where} is not JSON`);
  }
}
