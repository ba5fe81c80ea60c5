import { crc32, deflateSync } from 'node:zlib';

/** A PNG of one grey dot, or of a row of them, with or without a piece of text in it, by the published layout (ISO/IEC 15948). */
export function dot(grey: number, text: Buffer | null, width = 1): Buffer {
  const piece = (kind: string, bytes: Buffer) => {
    const [length, sum] = [Buffer.alloc(4), Buffer.alloc(4)];
    length.writeUInt32BE(bytes.length);
    const named = Buffer.concat([Buffer.from(kind), bytes]);
    sum.writeUInt32BE(crc32(named));
    return Buffer.concat([length, named, sum]);
  };
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    piece('IHDR', Buffer.from([0, 0, width >> 8, width & 255, 0, 0, 0, 1, 8, 0, 0, 0, 0])),
    ...(text ? [piece('tEXt', Buffer.concat([Buffer.from('Comment\0'), text]))] : []),
    piece('IDAT', deflateSync(Buffer.concat([Buffer.from([0]), Buffer.alloc(width, grey)]))),
    piece('IEND', Buffer.alloc(0)),
  ]);
}
