import { expect, test, type Page } from '@playwright/test';
import type { RunSummary } from '../src/contract/practicals';
import { field } from './field';
import { atRest } from './at-rest';
import { TestServer } from './server';

const folder = 'docs/screenshots';

interface View {
  name: string;
  path: string;
  ready: string;
  size?: { width: number; height: number };
  dark?: boolean;
  before?: (page: Page) => Promise<void>;
}

test('one picture of each main view', async ({ browser }) => {
  const server = await TestServer.start({ demo: true });
  try {
    const runs = await server.json<RunSummary[]>('/api/runs');
    const idOf = (status: string) => runs.find((run) => run.status === status)!.id;
    const [running, finished, planned] = [
      idOf('running'),
      idOf('finished'),
      runs.filter((run) => run.status === 'planned'),
    ];
    const phone = { width: 390, height: 844 };
    const views: View[] = [
      { name: 'today', path: '/', ready: 'This week' },
      { name: 'plan', path: '/practicals/practical-honeycomb/plan', ready: 'Fair test' },
      { name: 'plan-to-check', path: '/practicals/practical-scones/plan', ready: 'How is' },
      { name: 'layout', path: `/runs/${planned[1]!.id}/bench`, ready: 'Who does what' },
      {
        name: 'board',
        path: `/runs/${running}/bench`,
        ready: 'Needs you now',
        before: async (page) => {
          await field(page, 'Quick line').fill('4 118.5');
        },
      },
      {
        name: 'board-dim',
        path: `/runs/${running}/bench`,
        ready: 'Needs you now',
        dark: true,
        size: { width: 1920, height: 1080 },
      },
      {
        name: 'shelf',
        path: '/practicals/practical-honeycomb/plan',
        ready: 'Fair test',
        before: async (page) => {
          await field(page, 'Level 150 °C').focus();
          await page.keyboard.press('Control+/');
          await page.getByPlaceholder('soft ball').fill('soft ball');
        },
      },
      {
        name: 'station',
        path: `/runs/${running}/station/4`,
        ready: 'Degrees',
        size: phone,
        // The syrup’s own forecast comes with the ingredients table, a moment after the page.
        before: (page: Page) => expect(page.getByText(/in \d+ (min|s)/).first()).toBeVisible(),
      },
      {
        name: 'results',
        path: `/runs/${finished}/results`,
        ready: 'Class table',
        size: { width: 1280, height: 1120 },
      },
      {
        name: 'report',
        path: `/runs/${finished}/report`,
        ready: 'What the stations measured',
        size: { width: 1280, height: 1000 },
      },
    ];
    for (const { name, path, ready, size, dark, before } of views) {
      const page = await browser.newPage({
        viewport: size ?? { width: 1280, height: 800 },
        colorScheme: dark ? 'dark' : 'light',
      });
      await page.goto(server.url + path);
      await expect(page.getByText(ready).first()).toBeVisible();
      await before?.(page);
      await atRest(page);
      await page.screenshot({ path: `${folder}/${name}.png` });
      await page.close();
    }
  } finally {
    await server.remove();
  }
});
