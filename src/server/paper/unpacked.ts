import { readFileSync } from 'node:fs';
import { inflateSync } from 'node:zlib';

/** Bytes of a table’s entry in a packed font, and in a plain one. */
const [packedEntry, plainEntry] = [20, 16];
const [packedHead, plainHead] = [44, 12];
const padded = (bytes: number) => (bytes + 3) & ~3;

/**
 * A font as it was before it was packed for the web (WOFF 1.0, W3C Recommendation of 13 December 2012): its tables inflated
 * once, where a reader of packed fonts inflates one for every letter it looks up. A font that is not packed comes back as it is.
 */
export function unpackedFont(path: string): Buffer {
  const packed = readFileSync(path);
  if (packed.toString('latin1', 0, 4) !== 'wOFF') return packed;
  const count = packed.readUInt16BE(12);
  const tables = Array.from({ length: count }, (_, i) => {
    const at = packedHead + i * packedEntry;
    const [offset, size, plainSize] = [4, 8, 12].map((by) => packed.readUInt32BE(at + by)) as [
      number,
      number,
      number,
    ];
    const bytes = packed.subarray(offset, offset + size);
    return {
      tag: packed.subarray(at, at + 4),
      checksum: packed.readUInt32BE(at + 16),
      bytes: size < plainSize ? inflateSync(bytes) : bytes,
    };
  });
  const head = plainHead + count * plainEntry;
  const font = Buffer.alloc(tables.reduce((sum, { bytes }) => sum + padded(bytes.length), head));
  packed.copy(font, 0, 4, 8);
  const power = 2 ** Math.floor(Math.log2(count));
  font.writeUInt16BE(count, 4);
  font.writeUInt16BE(power * plainEntry, 6);
  font.writeUInt16BE(Math.log2(power), 8);
  font.writeUInt16BE((count - power) * plainEntry, 10);
  let end = head;
  tables.forEach(({ tag, checksum, bytes }, i) => {
    const at = plainHead + i * plainEntry;
    tag.copy(font, at);
    font.writeUInt32BE(checksum, at + 4);
    font.writeUInt32BE(end, at + 8);
    font.writeUInt32BE(bytes.length, at + 12);
    bytes.copy(font, end);
    end += padded(bytes.length);
  });
  return font;
}
