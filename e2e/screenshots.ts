import { type Page } from '@playwright/test';
import type { RunSummary } from '../src/contract/practicals';
import { field } from './field';
import { atRest } from './at-rest';
import { TestServer } from './server';
import { expect, test } from './test';

const folder = 'docs/screenshots';
const phone = { width: 390, height: 844 };

interface View {
  name: string;
  path: string;
  /** All of these are there before the picture is taken: the page, and what comes a moment later. */
  ready: string[];
  size?: { width: number; height: number };
  before?: (page: Page) => Promise<void>;
}

/** A run of a practical of the demo, under way. */
async function startedRun(server: TestServer, practicalId: string, stations: number): Promise<string> {
  const [rooms, classes] = [
    await server.json<{ id: string }[]>('/api/rooms'),
    await server.json<{ id: string }[]>('/api/classes'),
  ];
  const id = `picture-${practicalId}`;
  await server.send('POST', '/api/runs', {
    ...{ id, practicalId, revision: 1, roomId: rooms[0]!.id, classId: classes[0]!.id },
    ...{ startsAt: Date.now(), stations, probes: 'none', seed: 4 },
  });
  await server.send('POST', `/api/runs/${id}/start`, {});
  return id;
}

test('one picture of each main view', async ({ browser }) => {
  const server = await TestServer.start({ demo: true });
  try {
    const runs = await server.json<RunSummary[]>('/api/runs');
    const idOf = (status: string) => runs.find((run) => run.status === status)!.id;
    const [running, finished] = [idOf('running'), idOf('finished')];
    const views: View[] = [
      {
        name: 'today',
        path: '/',
        ready: ['This week', 'Still missing', 'Panna cotta', 'Jobs', 'turn it out'],
        before: (page) => expect(page.getByText('looking at what is still to do')).toHaveCount(0),
      },
      { name: 'plan', path: '/practicals/practical-honeycomb/plan', ready: ['What the models expect'] },
      {
        name: 'plan-to-check',
        path: '/practicals/practical-scones/plan',
        ready: ['How is', 'What the models expect', '1 short'],
      },
      {
        name: 'time',
        path: '/practicals/practical-pretzels/plan',
        ready: ['What the models expect'],
        before: async (page) => {
          const time = page.getByRole('region', { name: 'Time', exact: true });
          await expect(time).toContainText('such lessons end');
          await time.evaluate((section) => section.scrollIntoView({ block: 'start' }));
        },
      },
      { name: 'room', path: '/rooms/room-kitchen', ready: ['The room also has a'] },
      {
        name: 'wall',
        path: `/runs/${runs.find(({ title }) => title.startsWith('Panna cotta'))!.id}/timetable`,
        ready: ['Running order'],
      },
      {
        name: 'paste',
        path: '/paste',
        ready: ['Paste a recipe as it is'],
        before: async (page) => {
          await page.getByRole('button', { name: 'fill in the example' }).click();
          await page.getByRole('button', { name: 'Read it' }).click();
          await expect(page.getByText('5 to settle')).toBeVisible();
        },
      },
      {
        name: 'measure',
        path: '/practicals/practical-custard/plan',
        ready: ['choose a measure'],
        before: async (page) => {
          await page.getByRole('button', { name: 'choose a measure' }).click();
          await expect(page.getByRole('heading', { name: 'Line spread' })).toBeVisible();
        },
      },
      { name: 'library', path: '/library', ready: ['8 practicals'] },
      { name: 'risk', path: '/practicals/practical-koftas/risk', ready: ['Assessed by', 'Raw meat or fish'] },
      {
        name: 'prep',
        path: `/runs/${runs.find(({ title }) => title.startsWith('Soda'))!.id}/prep`,
        ready: ['Tray of station 1', 'a station', 'rolling strips wanted', '1 short'],
      },
      { name: 'order', path: '/order', ready: ['Hand it on', 'Lessons'] },
      {
        name: 'board',
        path: `/runs/${running}/bench`,
        ready: ['Needs you now'],
        before: async (page) => {
          await field(page, 'Quick line').fill('4 118.5');
        },
      },
      {
        name: 'shelf',
        path: '/practicals/practical-honeycomb/plan',
        ready: ['Fair test'],
        before: async (page) => {
          await field(page, 'Level 150 °C').focus();
          await page.keyboard.press('Control+/');
          await page.getByPlaceholder('soft ball').fill('soft ball');
        },
      },
      {
        name: 'station',
        path: `/runs/${running}/station/4`,
        ready: ['Degrees'],
        size: phone,
        before: (page: Page) => expect(page.getByText(/in \d+ (min|s)/).first()).toBeVisible(),
      },
      {
        name: 'results',
        path: `/runs/${finished}/results`,
        ready: ['Class table', 'rose with final temperature'],
        size: { width: 1280, height: 1120 },
      },
      {
        name: 'report',
        path: `/runs/${finished}/report`,
        ready: ['What the stations measured', 'rose with final temperature'],
        size: { width: 1280, height: 1000 },
      },
    ];
    const take = async ({ name, path, ready, size, before }: View) => {
      const page = await browser.newPage({
        viewport: size ?? { width: 1280, height: 800 },
      });
      await page.goto(server.url + path);
      for (const text of ready) await expect(page.getByText(text).first()).toBeVisible();
      await before?.(page);
      await atRest(page);
      await page.screenshot({ path: `${folder}/${name}.png` });
      await page.close();
    };
    for (const view of views) await take(view);
    // Runs of our own, after the pictures of the demo as it is.
    const scones = await startedRun(server, 'practical-scones', 8);
    const more: View[] = [
      { name: 'station-batch', path: `/runs/${scones}/station/3`, ready: ['Step'], size: phone },
    ];
    for (const view of more) await take(view);
  } finally {
    await server.remove();
  }
});

test('pictures of the program in the school’s network', async ({ browser }) => {
  const server = await TestServer.start({ demo: true, lan: true });
  try {
    const desk = await browser.newContext({ viewport: { width: 1280, height: 800 }, colorScheme: 'light' });
    const page = await desk.newPage();
    const shot = async (of: Page, name: string) => {
      await atRest(of);
      await of.screenshot({ path: `${folder}/${name}.png` });
    };
    await page.goto(server.url);
    await field(page, 'Code').fill(/asks for this code:\s+(\S+)/.exec(server.said)![1]!);
    await field(page, 'Your name').fill('M. Ashdown');
    await field(page, 'Passphrase').fill('copper kettle on tuesday');
    await page.keyboard.press('Enter');
    await expect(page.getByText('This week')).toBeVisible();
    const runs = (await (await desk.request.get(`${server.url}/api/runs`)).json()) as RunSummary[];
    const run = runs.find((one) => one.status === 'running')!.id;
    await page.goto(`${server.url}/runs/${run}/bench`);
    await page.getByRole('button', { name: 'Pages for the stations' }).click();
    const codes = await page.getByText(/^[A-Z0-9]{3} [A-Z0-9]{3}$/).allTextContents();
    for (const station of [1, 2, 3]) {
      const tablet = await (await browser.newContext({ viewport: phone, colorScheme: 'light' })).newPage();
      await tablet.goto(`${server.url}/join`);
      await field(tablet, 'Code of your station').fill(codes[station]!);
      await tablet.getByRole('button', { name: 'Join' }).click();
      await expect(tablet.getByText('Degrees')).toBeVisible();
    }
    await expect(page.getByText('3 tablets are in')).toBeVisible();
    await shot(page, 'stations-in');
  } finally {
    await server.remove();
  }
});
