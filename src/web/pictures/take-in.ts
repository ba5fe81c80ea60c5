import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';

/** Longer side of a picture as it is kept, px: a phone’s own is five times as many points as anyone looks at. */
const longerSide = 1600;
const quality = 0.85;

/** A picture ready to be kept. */
export interface TakenPicture {
  /** SHA-256 of its bytes. */
  hash: string;
  bytes: Blob;
}

/**
 * Reads a picture from the camera or a file, makes it no larger than a screen, and draws it anew as a JPEG: what the
 * camera noted of place, time and owner is left behind.
 *
 * @throws Error in words where it is no picture
 */
export async function takeIn(file: Blob & { name?: string }): Promise<TakenPicture> {
  const drawn = await createImageBitmap(file).catch(() => {
    throw new Error(
      `${file.name ? `“${file.name}”` : 'This'} cannot be read as a picture; allowed: JPEG, PNG, WebP or what this camera takes`,
    );
  });
  const scale = Math.min(1, longerSide / Math.max(drawn.width, drawn.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(drawn.width * scale));
  canvas.height = Math.max(1, Math.round(drawn.height * scale));
  const context = canvas.getContext('2d')!;
  context.fillStyle = '#ffffff';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.imageSmoothingQuality = 'high';
  context.drawImage(drawn, 0, 0, canvas.width, canvas.height);
  drawn.close();
  const bytes = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', quality));
  if (!bytes) throw new Error('This device could not draw the picture. Nothing was kept.');
  const hash = bytesToHex(sha256(new Uint8Array(await bytes.arrayBuffer())));
  return { hash, bytes };
}
