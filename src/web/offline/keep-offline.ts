/** After the page itself is there and quiet, ms: it keeps nobody waiting. */
const afterMs = 8000;

/**
 * Keeps the station’s page on this device, so that it opens without the network. Browsers let a page do so only where
 * nobody can listen in: on this machine itself, or over HTTPS.
 */
export function keepOffline(): void {
  if (!('serviceWorker' in navigator) || import.meta.env.DEV) return;
  setTimeout(() => void navigator.serviceWorker.register('/sw.js').catch(() => undefined), afterMs);
}

/** The same for a list that is ticked where there is no network: with the parts of the program this page is made of. */
export function keepPageOffline(): void {
  keepOffline();
  if (!('serviceWorker' in navigator)) return;
  void navigator.serviceWorker.ready.then(({ active }) => {
    const urlsToCache = performance
      .getEntriesByType('resource')
      .map(({ name }) => name)
      .filter((name) => new URL(name).pathname.startsWith('/assets/'));
    active?.postMessage({ type: 'CACHE_URLS', payload: { urlsToCache } });
  });
}
