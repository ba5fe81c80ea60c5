import sharp from 'sharp';
import type { RunNow } from '../src/contract/runs';
import { newPlan, newResponse, type Plan } from '../src/core/practical';
import { graveFindings } from './axe';
import { complaintsOf } from './console';
import { field } from './field';
import { TestServer } from './server';
import { expect, test } from './test';

/*
 * What is not a number: a photo and a word of a scale, planned by hand, taken at a station (also while the network is
 * gone), seen on the board and side by side in the results.
 */

let server: TestServer;
test.beforeAll(async () => {
  server = await TestServer.start();
});
test.afterAll(() => server.remove());

/** A picture as a phone writes it: large, with the place it was taken at. */
const fromPhone = () =>
  sharp({ create: { width: 3000, height: 2000, channels: 3, background: '#c68642' } })
    .withExif({ IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } })
    .jpeg()
    .toBuffer();

const photos = () =>
  server
    .query<{ station: number; body: string }>(
      `SELECT station, body FROM log WHERE kind = 'photo' ORDER BY seq`,
    )
    .map(({ station, body }) => ({ station, ...(JSON.parse(body) as { picture: string; piece?: number }) }));

test('a photo and a named point: planned, taken with and without the network, shown side by side', async ({
  page,
  context,
}) => {
  const complaints = complaintsOf(page);
  await server.send('POST', '/api/rooms', {
    ...{ id: 'kitchen', name: 'Food room 1', kind: 'food-room', altitudeM: null, measuredBoilingC: null },
    ...{ stations: 8, balanceG: 0.1 },
  });
  await server.send('POST', '/api/classes', { id: '9b', name: '9B', students: 20, unit: 'C' });
  const plan: Plan = {
    ...newPlan('Creams', 'kitchen'),
    factors: [
      {
        ...{ id: 'f', name: 'gelatine', acts: { on: 'words', scale: 'words' }, unit: '' },
        levels: ['one leaf', 'two leaves'].map((words, i) => ({
          ...{ id: `l${i}`, value: null, words, control: i === 0, open: false },
        })),
      },
    ],
    responses: [newResponse({ id: 'tremble', name: 'tremble', instrument: 'plate tapped once' })],
  };
  await server.send('POST', '/api/practicals', { id: 'creams', plan });

  await test.step('the plan', async () => {
    await page.goto(`${server.url}/practicals/creams/plan`);
    await field(page, 'Kind of tremble').selectOption('words in order');
    await expect(page.getByRole('complementary', { name: 'Margin' })).toContainText(
      'Which words, in which order, for “tremble”?',
    );
    await field(page, 'Points of tremble, least first').fill('runs, slumps, stands still');
    await expect(page.getByRole('complementary', { name: 'Margin' })).not.toContainText('Which words');
    await field(page, 'Add what is measured').fill('photo of the side');
    await field(page, 'Add what is measured').press('Enter');
    await expect(field(page, 'Kind of photo of the side')).toHaveValue('photo');
    await expect(field(page, 'Unit of photo of the side')).toHaveCount(0);
    await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  });
  const [head] = server.query<{ number: number; plan: string }>(
    `SELECT number, plan FROM revisions WHERE practical_id = 'creams' ORDER BY number DESC LIMIT 1`,
  );
  expect((JSON.parse(head!.plan) as Plan).responses).toMatchObject([
    { kind: 'ordered-words', points: ['runs', 'slumps', 'stands still'] },
    { name: 'photo of the side', kind: 'photo' },
  ]);
  const run = {
    ...{ id: 'run-1', practicalId: 'creams', revision: head!.number, roomId: 'kitchen', classId: '9b' },
    ...{ startsAt: Date.now(), stations: 4, probes: 'none', seed: 3 },
  };
  await server.send('POST', '/api/runs', run);
  await server.send('POST', '/api/runs/run-1/start', {});
  const station = 2;
  const { allocation } = (await server.json<RunNow>('/api/runs/run-1')).run;
  const level =
    allocation.find((one) => one.station === station)!.treatmentId === 'l0' ? 'one leaf' : 'two leaves';

  await test.step('at the station: a word, a photo, one more while the network is gone', async () => {
    await page.goto(`${server.url}/runs/run-1/station/${station}`);
    await page.getByRole('tab', { name: 'Measured' }).click();
    await page.getByRole('group', { name: 'tremble' }).getByRole('button', { name: 'slumps' }).click();
    await expect(page.getByText('✓ slumps')).toBeVisible();
    const camera = page.getByLabel('Take a photo: photo of the side');
    await camera.setInputFiles({ name: 'a.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
    await expect(page.getByRole('alert')).toContainText('“a.jpg” cannot be read as a picture; allowed: JPEG');
    await camera.setInputFiles({ name: 'b.jpg', mimeType: 'image/jpeg', buffer: await fromPhone() });
    await expect(page.getByText('✓ a photo')).toBeVisible();
    await expect.poll(photos).toHaveLength(1);
    expect(await graveFindings(page)).toEqual([]);
    await context.setOffline(true);
    const other = await sharp({ create: { width: 50, height: 80, channels: 3, background: '#fff' } })
      .png()
      .toBuffer();
    await camera.setInputFiles({ name: 'c.png', mimeType: 'image/png', buffer: other });
    await expect(page.getByText('✓ 2 photos')).toBeVisible();
    await expect(page.getByRole('img', { name: 'photo of the side' })).toHaveCount(2);
    await expect(page.getByText('1 saved here, no network')).toBeVisible();
    expect(photos()).toHaveLength(1);
    await context.setOffline(false);
    await expect.poll(photos).toHaveLength(2);
  });

  await test.step('what is kept is small enough, and does not say where it was taken', async () => {
    const [taken] = photos();
    const kept = await fetch(`${server.url}/api/pictures/${taken!.picture}`);
    const about = await sharp(Buffer.from(await kept.arrayBuffer())).metadata();
    expect([about.format, about.width, about.height, about.exif]).toEqual(['jpeg', 1600, 1067, undefined]);
  });

  await test.step('board and results', async () => {
    await page.goto(`${server.url}/runs/run-1/bench`);
    await field(page, 'Quick line').fill('1 tremble stands still');
    await expect(page.locator('#quick-line-says')).toContainText('Station 1 · tremble stands still');
    await field(page, 'Quick line').press('Enter');
    await page.goto(`${server.url}/runs/run-1/results`);
    const row = page.getByRole('row').filter({ hasText: /^(?:.*\D)?2\D/ });
    await expect(row.first()).toContainText('slumps');
    await expect(row.first()).toContainText('2 photos');
    const column = page
      .getByRole('region', { name: 'Photo of the side' })
      .getByRole('group', { name: level });
    await expect(column.getByRole('img')).toHaveCount(2);
    // Drawn, not only asked for.
    await expect
      .poll(() =>
        column
          .getByRole('img')
          .first()
          .evaluate((img: HTMLImageElement) => img.naturalWidth),
      )
      .toBe(320);
    expect(await graveFindings(page)).toEqual([]);
  });
  expect(complaints.filter((one) => !/ERR_INTERNET_DISCONNECTED|Failed to fetch/.test(one))).toEqual([]);
});
