import { complaintsOf } from './console';
import { field } from './field';
import { TestServer } from './server';
import { expect, test } from './test';

let server: TestServer;
test.beforeAll(async () => {
  server = await TestServer.start({ demo: true });
});
test.afterAll(() => server.remove());

test('pear slices: no heat, no sugar, readings typed; planned, run and read like any other', async ({
  page,
}) => {
  const complaints = complaintsOf(page);
  await page.goto(`${server.url}/practicals/practical-pears/run`);
  // Nothing to simulate here, and so nothing offers it.
  await expect(page.getByLabel('Thermometers').getByRole('option')).toHaveText(['readings are typed']);
  await page.getByRole('button', { name: 'Draw the layout' }).click();
  await expect(page.getByText('water only control')).toHaveCount(2);
  await page.getByRole('button', { name: 'Start the run' }).click();

  const card = page.getByRole('article', { name: 'Station 3' });
  await expect(card).toContainText('Slice the pear 5 mm thick');
  await expect(card).not.toContainText('°C');
  const quick = field(page, 'Quick line');
  const log = async (line: string) => {
    await quick.fill(line);
    await quick.press('Enter');
    await expect(quick).toHaveValue('');
  };
  await log('all sliced');
  await log('all dipped');
  await expect(card).toContainText('look in 20 min');
  await log('3 19.5');
  await log('3 edges turning first');
  const runId = /runs\/([^/]+)/.exec(page.url())![1]!;
  const { run } = await server.json<{ run: { allocation: { station: number; treatmentId: string }[] } }>(
    `/api/runs/${runId}`,
  );
  const scores: Record<string, number[]> = {
    'dip-water': [8, 9],
    'dip-citric': [6, 5],
    'dip-ascorbic': [2, 1],
    'dip-both': [3, 3],
  };
  for (const { station, treatmentId } of run.allocation)
    await log(`${station} browning at 40 ${scores[treatmentId]!.shift()}`);

  await page.getByRole('link', { name: 'Results' }).click();
  const tells = page.getByRole('complementary', { name: 'What this tells' });
  // By hand: of all deals of eight ranks the water has the two highest and another dip the two lowest, or the other way
  // round, in 2 · 1/28 · 1/5 = 1/70.
  await expect(tells).toContainText('Ascorbic acid 1 %: browning at 40 min lower than water only');
  await expect(tells).toContainText(
    // Shuffled it is 1.4 %; as numbers, each level by its own spread, a little more: that counts.
    /Median 1\.5 against 8\.5; chance alone parts scores so far in (1\.[4-9]|2\.\d) % of classes\./,
  );
  await expect(tells).not.toContainText(/sugar|syrup|stage/);
  await expect(page.getByRole('img', { name: /Temperature against time/ })).toBeHidden();
  await page.getByRole('link', { name: 'Report' }).click();
  await expect(page.getByText('Blank student sheets, one a level')).toBeVisible();
  await expect(page.locator('.paper').first()).not.toContainText(/boils|syrup/);
  expect(complaints).toEqual([]);
});
