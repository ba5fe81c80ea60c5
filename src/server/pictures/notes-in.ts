/*
 * What a picture carries besides its points. Only what a picture is made of is let in; whatever else a file can hold may say
 * where, when or with what it was taken, or anything at all.
 */

/** JPEG (ITU-T T.81, annex B): JFIF, a colour profile, Adobe’s note of how colours are kept. */
function isJpegPart(marker: number, data: Buffer): boolean {
  const begins = (text: string) => data.subarray(0, text.length).toString('latin1') === text;
  if (marker === 0xe0) return begins('JFIF\0') && data.length <= 16;
  if (marker === 0xe2) return begins('ICC_PROFILE\0');
  if (marker === 0xee) return begins('Adobe') && data.length <= 16;
  // Tables, frames, scans, restarts; not APPn, not COM, not what is reserved.
  return (marker >= 0xc0 && marker <= 0xdf) || marker === 0x01;
}

function inJpeg(bytes: Buffer): string | null {
  let at = 2;
  while (at < bytes.length) {
    if (bytes[at] !== 0xff) return 'something between its parts';
    const marker = bytes[at + 1] ?? 0;
    if (marker === 0xff) {
      at += 1;
      continue;
    }
    if (marker === 0xd9) return at + 2 === bytes.length ? null : 'something behind its end';
    if (marker >= 0xd0 && marker <= 0xd7) {
      at += 2;
      continue;
    }
    if (at + 4 > bytes.length) return null;
    const length = bytes.readUInt16BE(at + 2);
    const data = bytes.subarray(at + 4, at + 2 + length);
    if (length < 2 || !isJpegPart(marker, data)) return `a note (part ${marker.toString(16).toUpperCase()})`;
    at += 2 + length;
    if (marker === 0xda) at = endOfScan(bytes, at);
  }
  return null;
}

/** Where the points of a scan end: at the next marker that is no restart. */
function endOfScan(bytes: Buffer, from: number): number {
  for (let at = from; ; at += 2) {
    at = bytes.indexOf(0xff, at);
    if (at < 0 || at + 1 >= bytes.length) return bytes.length;
    const next = bytes[at + 1]!;
    if (next !== 0 && !(next >= 0xd0 && next <= 0xd7)) return at;
  }
}

/** PNG (W3C, third edition): its points, its colours, its size on paper. */
const pngParts = new Set(
  'IHDR PLTE IDAT IEND tRNS cHRM gAMA iCCP sBIT sRGB cICP mDCV cLLI bKGD pHYs hIST'.split(' '),
);

function inPng(bytes: Buffer): string | null {
  for (let at = 8; at + 8 <= bytes.length;) {
    const name = bytes.toString('latin1', at + 4, at + 8);
    if (!pngParts.has(name)) return `a note (part ${name})`;
    at += 12 + bytes.readUInt32BE(at);
    if (name === 'IEND') return at >= bytes.length ? null : 'something behind its end';
  }
  return null;
}

/** WebP (RFC 9649): its points, what is seen through, its colour profile. */
const webpParts = new Set(['VP8 ', 'VP8L', 'VP8X', 'ALPH', 'ANIM', 'ANMF', 'ICCP']);

function inWebp(bytes: Buffer): string | null {
  if (bytes.length < 12) return null;
  const end = 8 + bytes.readUInt32LE(4);
  if (end + (end % 2) < bytes.length) return 'something behind its end';
  for (let at = 12; at + 8 <= Math.min(end, bytes.length);) {
    const name = bytes.toString('latin1', at, at + 4);
    if (!webpParts.has(name)) return `a note (part ${name})`;
    const size = bytes.readUInt32LE(at + 4);
    at += 8 + size + (size % 2);
  }
  return null;
}

/** What there is in a picture that is no part of it, in words; null for nothing. */
export function notesIn(bytes: Buffer, type: string): string | null {
  switch (type) {
    case 'image/jpeg':
      return inJpeg(bytes);
    case 'image/png':
      return inPng(bytes);
    default:
      return inWebp(bytes);
  }
}
