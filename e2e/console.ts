import type { Page } from '@playwright/test';

/** Gathers what a page complains about; a test says at its end that there was nothing. */
export function complaintsOf(page: Page): string[] {
  const complaints: string[] = [];
  page.on('console', (message) => {
    if (message.type() === 'error' || message.type() === 'warning') complaints.push(message.text());
  });
  page.on('pageerror', (error) => complaints.push(error.message));
  return complaints;
}
