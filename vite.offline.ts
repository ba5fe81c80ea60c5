import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Manifest, Plugin } from 'vite';
import { generateSW } from 'workbox-build';

const built = join(import.meta.dirname, 'dist/web');

/** Files a tablet needs for the page of its station: what its parts import, and the page itself; nothing of the teacher’s. */
function stationFiles(): string[] {
  const manifest = JSON.parse(readFileSync(join(built, '.vite/manifest.json'), 'utf8')) as Manifest;
  const files = new Set<string>(['index.html', 'first-paint.js', 'beaker.svg']);
  const seen = new Set<string>();
  const take = (name: string) => {
    const chunk = manifest[name];
    if (!chunk || seen.has(name) || name === 'app.tsx') return;
    seen.add(name);
    [chunk.file, ...(chunk.css ?? []), ...(chunk.assets ?? [])].forEach((file) => files.add(file));
    [...(chunk.imports ?? []), ...(chunk.dynamicImports ?? [])].forEach(take);
  };
  take('index.html');
  return [...files];
}

/**
 * Makes the service worker that keeps the page of a station on its tablet. Pages are asked for over the network first, so
 * that a new version is there at once; only without it they come from the device.
 */
export function offline(): Plugin {
  return {
    name: 'offline',
    apply: 'build',
    enforce: 'post',
    async closeBundle() {
      await generateSW({
        globDirectory: built,
        globPatterns: stationFiles(),
        swDest: join(built, 'sw.js'),
        sourcemap: false,
        inlineWorkboxRuntime: true,
        dontCacheBustURLsMatching: /^assets\//,
        maximumFileSizeToCacheInBytes: 5e6,
        skipWaiting: true,
        clientsClaim: true,
        cleanupOutdatedCaches: true,
        runtimeCaching: [
          {
            urlPattern: ({ request }) => request.mode === 'navigate',
            handler: 'NetworkFirst',
            options: {
              networkTimeoutSeconds: 5,
              precacheFallback: { fallbackURL: '/index.html' },
              // The page kept is the one that goes with the parts kept, and no other.
              plugins: [{ cacheWillUpdate: () => Promise.resolve(null) }],
            },
          },
          {
            // What a page that is kept is made of, as it asked for it: its name says its version.
            urlPattern: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/assets/'),
            handler: 'CacheFirst',
            options: {
              cacheName: 'parts',
              expiration: { maxEntries: 200, maxAgeSeconds: 30 * 24 * 3600 },
              cacheableResponse: { statuses: [200] },
            },
          },
          {
            // What is kept under a hash never changes.
            urlPattern: ({ url }) => /^\/api\/runs\/[^/]+\/stations\/\d+\/pictures\//.test(url.pathname),
            handler: 'CacheFirst',
            options: {
              cacheName: 'station-pictures',
              expiration: { maxEntries: 120, maxAgeSeconds: 14 * 24 * 3600 },
              cacheableResponse: { statuses: [200] },
            },
          },
        ],
      });
    },
  };
}
