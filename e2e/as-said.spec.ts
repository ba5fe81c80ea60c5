import type { RunNow } from '../src/contract/runs';
import { complaintsOf } from './console';
import { field } from './field';
import { TestServer } from './server';
import { expect, test } from './test';

/*
 * What a teacher says is what stands on the bench: one target in plan, sheet, wall and tablet; a figure in a sentence gives way
 * to the station’s own; a step takes what its words say, or what its details do.
 */

let server: TestServer;
test.beforeAll(async () => {
  server = await TestServer.start();
  await server.send('POST', '/api/rooms', {
    ...{ id: 'kitchen', name: 'Food room 1', kind: 'food-room', altitudeM: 1200, measuredBoilingC: 96 },
    ...{ stations: 8, balanceG: 1 },
  });
  await server.send('POST', '/api/classes', { id: '9b', name: '9B', students: 12, unit: 'C' });
});
test.afterAll(() => server.remove());

interface StoredStep {
  text: string;
  minutes: number | null;
  ends: { kind: string; celsius?: number | null; basis?: string }[];
  uses: string[];
  takes: { how: string; value: number | null }[];
}

test('levels in place of a recipe’s figure, and half of the butter', async ({ page }) => {
  const complaints = complaintsOf(page);
  await page.goto(server.url);
  const title = field(page, 'Title of a new practical');
  await title.fill('Drops: how hot is clear?');
  await title.press('Enter');
  const add = async (label: string, ...lines: string[]) => {
    for (const line of lines) {
      await field(page, label).fill(line);
      await field(page, label).press('Enter');
    }
  };
  await add('Add an ingredient', '200 g sugar', '80 ml water', '60 g butter');
  await add(
    'Add a step',
    'Boil the sugar and water until the thermometer shows 230 °F.',
    'Butter an 8 × 8 inch tin.',
    'Stir in the butter for 2 min, check at 1.',
    'Leave it 10 min until set.',
  );

  await test.step('the levels take the step over: its sentence names no figure, and all pictures say the same', async () => {
    await field(page, 'What changes').fill('final temperature');
    await field(page, 'Kind of factor').selectOption({
      label: 'the temperature that ends step 1, Boil the sugar and water until the therm…',
    });
    await expect(field(page, 'Step 1')).toHaveValue(
      'Boil the sugar and water until the thermometer shows the target.',
    );
    await add('Add a level', '102', '110', '121');
    for (const here of ['98.0 °C here', '106.0 °C here', '117.0 °C here'])
      await expect(page.getByText(here, { exact: true })).toBeVisible();
    await expect(page.getByText('until the station’s own level: 98.0 / 106.0 / 117.0 °C here')).toBeVisible();
    // Whoever reads levels off a thermometer here says so.
    await field(page, 'What the levels mean').selectOption('as-read');
    await expect(
      page.getByText('until the station’s own level: 102.0 / 110.0 / 121.0 °C here'),
    ).toBeVisible();
    await expect(page.getByText('98.0 °C here', { exact: true })).toBeHidden();
    await field(page, 'What the levels mean').selectOption('sea-level');
  });

  await test.step('what a step takes is shown, and can be changed', async () => {
    const details = page.getByRole('button', { name: 'Details of step 2', exact: true });
    await details.click();
    await expect(page.getByText('nothing of the formula')).toBeVisible();
    await details.click();
    await page.getByRole('button', { name: 'Details of step 3', exact: true }).click();
    await expect(page.getByText('by its words')).toBeVisible();
    await field(page, 'How much of Butter step 3 takes').selectOption({ label: 'half of the' });
    // Its minutes, changed, are said in its sentence too.
    await field(page, 'Minutes of step 3').fill('4');
    await field(page, 'Minutes of step 3').press('Enter');
    await expect(field(page, 'Step 3')).toHaveValue('Stir in the butter for 4 min, check at 1.');
    await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  });

  const [stored] = server.query<{ id: string; number: number; plan: string }>(
    'SELECT practical_id AS id, number, plan FROM revisions ORDER BY number DESC LIMIT 1',
  );
  const { steps } = JSON.parse(stored!.plan) as { steps: StoredStep[] };
  expect(steps[0]!.ends).toEqual([{ kind: 'temperature', celsius: null, basis: 'sea-level' }]);
  expect([steps[2]!.minutes, steps[2]!.takes[0]]).toMatchObject([4, { how: 'share', value: 0.5 }]);

  await test.step('the tablet, the sheet and the wall say the station’s own', async () => {
    await server.send('POST', '/api/runs', {
      ...{ id: 'r', practicalId: stored!.id, revision: stored!.number, roomId: 'kitchen', classId: '9b' },
      ...{ stations: 3, probes: 'none', startsAt: Date.now() },
    });
    await server.send('POST', '/api/runs/r/start', {});
    const { run } = await server.json<RunNow>('/api/runs/r');
    const hottest = run.plan.factors[0]!.levels.find(({ value }) => value === 121)!.id;
    const { station } = run.allocation.find(({ treatmentId }) => treatmentId === hottest)!;
    await page.goto(`${server.url}/runs/r/station/${station}`);
    await expect(page.getByText('until the thermometer shows 117.0 °C.')).toBeVisible();
    const done = async () => page.getByRole('button', { name: /^step \d done$/ }).click();
    await done();
    await expect(page.getByText('Butter an 8 × 8 inch tin.')).toBeVisible();
    await expect(page.getByRole('list', { name: 'What goes in now' })).toBeHidden();
    await done();
    await expect(page.getByRole('list', { name: 'What goes in now' })).toHaveText(/^30 g butter/);
    await done();
    // Said in the sentence, and not again behind it.
    await expect(page.getByText('Leave it 10 min until set.')).toBeVisible();
    await expect(page.getByText('Until set.', { exact: true })).toBeHidden();

    await page.goto(`${server.url}/runs/r/timetable`);
    await expect(
      page.getByText(/until the thermometer shows 98\.0 \/ 106\.0 \/ 117\.0 °C/).first(),
    ).toBeVisible();
  });
  expect(complaints).toEqual([]);
});
