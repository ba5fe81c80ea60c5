import { lazy, type ComponentType, type LazyExoticComponent } from 'react';

/** What a browser says of a part of the program that it could not fetch. */
export const notFetched = /dynamically imported module|module script|preload CSS|Loading chunk/i;

/** Whether the server answers: then a part that is missing belongs to a version that is no longer there. */
export const serverAnswers = () =>
  fetch('/healthz', { cache: 'no-store' }).then(
    ({ ok }) => ok,
    () => false,
  );

/** Between two questions whether the server is back, ms. */
const againMs = 2000;

/** Stands where a part could not be fetched. Browsers remember that one failed, so only a page loaded anew brings it. */
function NotCome() {
  return (
    <p role="status" style={{ padding: '0.5rem 0' }}>
      A part of this page did not come through. What you wrote is kept.{' '}
      <a href="" style={{ textDecoration: 'underline' }}>
        Load the page again
      </a>
    </p>
  );
}

async function asFarAsFetched<P extends object>(
  load: () => Promise<ComponentType<P>>,
): Promise<ComponentType<P>> {
  try {
    return await load();
  } catch (error) {
    if (!notFetched.test(String(error))) throw error;
    while (!(await serverAnswers())) await new Promise((resolve) => setTimeout(resolve, againMs));
    return load().catch(() => NotCome);
  }
}

/**
 * A part of a page that is fetched when it is first shown. While the server is away only this part is missing, never the
 * page it stands on and what is being typed there.
 */
export const partLater = <P extends object>(
  load: () => Promise<ComponentType<P>>,
): LazyExoticComponent<ComponentType<P>> => lazy(async () => ({ default: await asFarAsFetched(load) }));
