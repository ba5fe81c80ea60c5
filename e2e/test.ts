import { test as plain, type Browser, type Page } from '@playwright/test';
import { throttle } from './throttle';

export { expect } from '@playwright/test';

async function slow(page: Page) {
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: throttle });
}

/** Every page of a browser slowed from its first moment on, whoever opens it. */
export function throttled(browser: Browser): Browser {
  if (throttle === 1) return browser;
  const newContext = browser.newContext.bind(browser);
  browser.newContext = async (options) => {
    const context = await newContext(options);
    const newPage = context.newPage.bind(context);
    context.newPage = async () => {
      const page = await newPage();
      await slow(page);
      return page;
    };
    // One that a page opened has begun by now.
    context.on('page', (page) => void slow(page).catch(() => undefined));
    return context;
  };
  return browser;
}

/** The tests’ own beginning, with the throttle where one is asked for. */
export const test = plain.extend<object, { browser: Browser }>({
  browser: [async ({ browser }, use) => use(throttled(browser)), { scope: 'worker' }],
});
