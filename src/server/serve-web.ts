import express, { type Express } from 'express';
import helmet from 'helmet';
import { join } from 'node:path';
import { Problem } from './problems/problem';

/** What every answer says of itself to the browser. */
export const headers = () =>
  helmet({
    contentSecurityPolicy: {
      useDefaults: true,
      directives: {
        'script-src': ["'self'"],
        // The styling library writes its rules into the page.
        'style-src': ["'self'", "'unsafe-inline'"],
        'frame-ancestors': ["'none'"],
        'img-src': ["'self'", 'data:', 'blob:'],
        'worker-src': ["'self'", 'blob:'],
        // Schools serve this over plain HTTP in their own network.
        'upgrade-insecure-requests': null,
      },
    },
    frameguard: { action: 'deny' },
    strictTransportSecurity: false,
    crossOriginOpenerPolicy: false,
    originAgentCluster: false,
  });

/** The built interface: what has a hash in its name for a year, every page as the one page there is. */
export function serveWeb(app: Express, folder: string) {
  app.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y' }), () => {
    // Of another version than this one: a page in its place would be read as a script, and be blank.
    throw new Problem(
      404,
      'Not found',
      'This part belongs to another version of the program. Load the page again.',
    );
  });
  app.use(express.static(folder, { index: false, maxAge: 0 }));
  app.use((request, response, next) => {
    if (request.method !== 'GET' && request.method !== 'HEAD') {
      next();
      return;
    }
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile('index.html', { root: folder });
  });
}
