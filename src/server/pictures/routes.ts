import express, { type Response, type Router } from 'express';
import { mostPictureBytes, pictureTypes } from '../../contract/pictures';
import { routes } from '../../contract/routes';
import { pictureHash } from '../../core/run';
import { accepts } from '../../core/shape';
import { Problem, refusedField } from '../problems/problem';
import type { Pictures } from './pictures';

const hashShape = pictureHash();

export function pictureRoutes(router: Router, pictures: Pictures): void {
  router.put(
    routes.picture(':hash'),
    express.raw({ type: [...pictureTypes], limit: mostPictureBytes }),
    async (request, response) => {
      const body: unknown = request.body;
      if (!Buffer.isBuffer(body))
        throw new Problem(415, 'Not a picture', `Send one of ${pictureTypes.join(', ')}. Nothing was kept.`);
      const hash = hashIn(request.params.hash as string);
      response.status(201).json(await pictures.keep(hash, body));
    },
  );
  router.get(routes.picture(':hash'), async (request, response) => {
    send(response, await pictures.read(hashIn(request.params.hash as string)));
  });
  router.get(routes.smallPicture(':hash'), async (request, response) => {
    send(response, await pictures.read(hashIn(request.params.hash as string), 'small'));
  });
}

/** What is kept under a hash never changes. */
function send(response: Response, { type, bytes }: { type: string; bytes: Buffer }) {
  response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
  response.type(type).send(bytes);
}

function hashIn(text: string): string {
  if (!accepts(hashShape, text))
    throw refusedField('/picture', text, 'the SHA-256 of a picture, 64 hexadecimal digits');
  return text;
}
