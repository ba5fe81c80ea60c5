import type { Locator, Page } from '@playwright/test';

/** The field of a label: sections of a sheet may bear the same name. */
export function field(page: Page, label: string): Locator {
  return page.locator('input, textarea, select').and(page.getByLabel(label, { exact: true }));
}
