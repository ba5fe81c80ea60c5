import express, { type Response } from 'express';
import { mostPictureBytes, pictureTypes } from '../../contract/pictures';
import { routes } from '../../contract/routes';
import { pictureHash } from '../../core/run';
import { accepts } from '../../core/shape';
import type { Gate } from '../actors/gate';
import { refusedField } from '../problems/problem';
import type { Pictures } from './pictures';

const hashShape = pictureHash();

/** Reads the bytes of a picture. */
export const pictureBytes = express.raw({ type: [...pictureTypes], limit: mostPictureBytes, inflate: false });

export function pictureRoutes(gate: Gate, pictures: Pictures): void {
  gate.route(
    {
      ...{ method: 'put', path: routes.picture(':hash'), may: 'teacher', status: 201, reads: pictureBytes },
      says: 'Keeps a picture (image/jpeg, image/png, image/webp, up to 8 MB) under the SHA-256 of its bytes',
    },
    ({ request }) => pictures.keepBody(hashIn(request.params.hash as string), request.body),
  );
  for (const size of ['whole', 'small'] as const) {
    const path = size === 'whole' ? routes.picture : routes.smallPicture;
    gate.route(
      {
        ...{ method: 'get', path: path(':hash'), may: 'teacher', type: 'image/jpeg' },
        says: size === 'whole' ? 'A picture' : 'The same, small',
      },
      async ({ request, response }) => {
        sendPicture(response, await pictures.read(hashIn(request.params.hash as string), size));
      },
    );
  }
}

/** What is kept under a hash never changes. */
export function sendPicture(response: Response, { type, bytes }: { type: string; bytes: Buffer }) {
  response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
  response.type(type).send(bytes);
}

export function hashIn(text: string): string {
  if (!accepts(hashShape, text))
    throw refusedField('/picture', text, 'the SHA-256 of a picture, 64 hexadecimal digits');
  return text;
}
