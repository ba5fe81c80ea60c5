import type { Page } from '@playwright/test';

/** Waits until the fonts are there and nothing on the page glides or fades any more (what turns for ever does not count). */
export const atRest = async (page: Page): Promise<void> => {
  await page.waitForFunction(
    () =>
      document.fonts.status === 'loaded' &&
      document
        .getAnimations()
        .every((one) => one.playState !== 'running' || one.effect?.getComputedTiming().endTime === Infinity),
  );
};
