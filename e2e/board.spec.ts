import type { RunSummary } from '../src/contract/practicals';
import { complaintsOf } from './console';
import { field } from './field';
import { TestServer } from './server';
import { expect, test } from './test';

let server: TestServer;
test.beforeAll(async () => {
  server = await TestServer.start({ demo: true });
});
test.afterAll(() => server.remove());

test('twelve stations stream at ×1 and ×60; the board keeps up, calls what is due, and says nothing on the console', async ({
  page,
}) => {
  const complaints = complaintsOf(page);
  const runs = await server.json<RunSummary[]>('/api/runs');
  const run = runs.find((one) => one.status === 'running')!;
  await page.goto(`${server.url}/runs/${run.id}/bench`);
  await expect(page.getByRole('article')).toHaveCount(12);
  const number = (station: number) =>
    page.getByRole('article', { name: `Station ${station}` }).locator('text=/^\\d+\\.\\d$/');
  const before = await number(3).textContent();
  await expect.poll(() => number(3).textContent()).not.toBe(before);

  // At its own pace, where a call stands for seconds: at sixty times the speed it is answered before it is drawn.
  await expect(page.getByRole('complementary', { name: 'Needs you now' })).toContainText(
    /ready in|at target now|past target/,
  );

  // By keyboard: Enter on a button is the button’s own, not the quick line’s.
  await page.getByRole('button', { name: '×60' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: '×60' })).toHaveAttribute('aria-pressed', 'true');
  const quick = field(page, 'Quick line');
  // Typing must stay possible while 360 readings a second come in.
  await quick.pressSequentially('5 pale straw, big bubbles');
  await expect(page.locator('#quick-line-says')).toContainText('saw: pale straw, big bubbles');
  await quick.press('Enter');
  await expect
    .poll(() => server.query(`SELECT id FROM log WHERE body LIKE '%pale straw, big bubbles%'`).length)
    .toBe(1);
  await expect(page.getByText('Finished').first()).toBeVisible();
  expect(complaints).toEqual([]);
});

test('a simulated class goes on where it stood when the server was killed', async () => {
  const { run } = await server.json<{ run: { id: string } }>(
    `/api/runs/${(await server.json<RunSummary[]>('/api/runs')).find((one) => one.status === 'running')!.id}`,
  );
  const lastAt = () =>
    server.query<{ at: number }>('SELECT max(at) AS at FROM log WHERE run_id = ?', run.id)[0]!.at;
  await server.down('SIGKILL');
  const stood = lastAt();
  const upAgain = Date.now();
  await server.up();
  const { run: resumed, serverNow } = await server.json<{
    run: { clock: { anchorRunMs: number; anchorWallMs: number; speed: number } };
    serverNow: number;
  }>(`/api/runs/${run.id}`);
  // The clock stood still meanwhile: it begins again from the last entry, not from the wall clock.
  expect(resumed.clock.anchorRunMs).toBe(stood);
  expect(resumed.clock.anchorWallMs).toBeGreaterThanOrEqual(upAgain);
  expect(resumed.clock.anchorWallMs).toBeLessThanOrEqual(serverNow);
  expect(server.query('SELECT id FROM log GROUP BY id HAVING count(*) > 1')).toEqual([]);
});
