import { open } from 'node:fs/promises';
import type { Imported } from '../../contract/run-file';
import { archiveSource } from './archive-source';
import { documentSource } from './document-source';
import type { Source } from './pieces';
import type { RunFiles } from './run-files';
import type { Layout } from './write-run';

/** Work on files of runs that may take long. */
export type Job =
  | { is: 'write'; runId: string; layout: Layout; at: number }
  | { is: 'read'; file: string; author: string };

/** What comes of it, bit by bit: of writing a name, then bytes; of reading what was read. */
export type Outcome =
  | { is: 'named'; title: string; className: string }
  | { is: 'bytes'; bytes: Uint8Array }
  | { is: 'read'; imported: Imported };

export async function* doJob(files: RunFiles, job: Job): AsyncGenerator<Outcome> {
  if (job.is === 'read') {
    yield { is: 'read', imported: await files.read(await sourceOf(job.file), job.author) };
    return;
  }
  const { bytes, ...name } = await files.write(job.runId, job.layout, new Date(job.at));
  yield { is: 'named', ...name };
  for await (const chunk of bytes) yield { is: 'bytes', bytes: chunk };
}

/** Archives are told by how they begin, whatever their sender calls them. */
async function sourceOf(file: string): Promise<Source> {
  const handle = await open(file);
  try {
    const { buffer } = await handle.read(Buffer.alloc(2), 0, 2, 0);
    return buffer.toString('latin1') === 'PK' ? archiveSource(file) : documentSource(file);
  } finally {
    await handle.close();
  }
}
