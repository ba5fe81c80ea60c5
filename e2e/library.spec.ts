import { graveFindings } from './axe';
import { field } from './field';
import { TestServer } from './server';
import { expect, test } from './test';

let server: TestServer;
test.beforeAll(async () => {
  server = await TestServer.start({ demo: true });
});
test.afterAll(() => server.remove());

test('a practical is found by its words, copied, changed, compared, brought back and put away', async ({
  page,
}) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'search the library' }).click();
  const found = page.getByRole('listitem');
  await expect(found).toHaveCount(8);
  await page.getByLabel('Search the practicals').fill('gelatine');
  await expect(found).toHaveCount(1);
  await expect(found.first()).toContainText('Panna cotta');
  await page.getByLabel('Search the practicals').fill('');
  await page.getByLabel('Phenomenon').selectOption({ label: 'raising by yeast (1)' });
  await expect(found.first()).toContainText('Milk bun dough');
  // What was asked for is in the address: coming back finds it as it was.
  await page.reload();
  await expect(found).toHaveCount(1);
  await page.getByLabel('Phenomenon').selectOption('');
  await page.getByLabel('Equipment').selectOption({ label: 'oven (3)' });
  await expect(found).toHaveCount(3);
  await page.getByLabel('Equipment').selectOption('');

  await page
    .getByRole('button', { name: 'Duplicate Panna cotta: how little gelatine still stands?' })
    .click();
  await expect(field(page, 'Title')).toHaveValue('Panna cotta: how little gelatine still stands? (copy)');
  await field(page, 'Question').fill('How little agar makes a panna cotta that stands on the plate?');
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'revision 2' }).click();
  await page.getByRole('link', { name: 'compare any two' }).click();
  await expect(page.getByRole('heading', { name: 'Revisions' })).toBeVisible();
  const question = page.getByRole('region', { name: 'Question' });
  await expect(question.locator('del').first()).toHaveText(/gelatine/);
  await expect(question.locator('ins').first()).toHaveText(/agar/);
  expect(await graveFindings(page)).toEqual([]);
  await page.getByRole('button', { name: 'Bring revision 1 back' }).click();
  await expect(field(page, 'Question')).toHaveValue(/^How little gelatine makes/);
  const rows = server.query<{ number: number; question: string }>(
    "SELECT number, question FROM revisions WHERE title LIKE '%(copy)' ORDER BY number",
  );
  expect(rows.map(({ question: words }) => words.split(' ')[2])).toEqual(['gelatine', 'agar', 'gelatine']);

  await page.goto(`${server.url}/library?search=copy`);
  await page.getByRole('button', { name: /^Put away Panna cotta.*copy/ }).click();
  await expect(page.getByText('Nothing has all of that')).toBeVisible();
  await page.getByRole('button', { name: 'show those put away' }).click();
  await expect(found).toHaveCount(1);
  await page.goto(server.url);
  await expect(page.getByRole('region', { name: 'Practicals' })).toContainText('Panna cotta');
  await expect(page.getByRole('region', { name: 'Practicals' })).not.toContainText('(copy)');
  const [put] = server.query<{ n: number }>(
    'SELECT count(*) AS n FROM practicals WHERE archived_at IS NOT NULL',
  );
  expect(put!.n).toBe(1);
});

test('a plan in depth: measure, way of working, levels in a series, power, an explanation, a trial whose minutes come back', async ({
  page,
}) => {
  await page.goto(server.url);
  await page.getByLabel('Title of a new practical').fill('Lemon sauce: how much starch?');
  await page.getByRole('button', { name: 'Begin it' }).click();
  await field(page, 'Question').fill('How does the share of starch thicken a lemon sauce?');
  await page.getByRole('button', { name: 'choose a measure' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('heading', { name: 'Line spread' })).toBeVisible();
  await expect(dialog).toContainText('±4 mm');
  expect(await graveFindings(page)).toEqual([]);
  await dialog.getByRole('button', { name: 'Measure this' }).click();
  await expect(field(page, 'What is measured')).toHaveValue('line spread');
  await page.getByRole('button', { name: 'Details of line spread' }).click();
  await expect(field(page, 'How line spread is taken')).toHaveValue(/^A ring in the middle/);
  await page.getByRole('button', { name: 'keep it among the school’s measures' }).click();
  await expect(page.getByText('every plan can choose it')).toBeVisible();
  await page.getByRole('button', { name: 'choose a measure' }).click();
  await expect(dialog.getByText('Your school’s own')).toBeVisible();
  await dialog.getByRole('button', { name: 'line spread', exact: true }).click();
  await dialog.getByRole('button', { name: 'take it out of the school’s measures' }).click();
  await expect(dialog.getByText('Your school’s own')).toBeHidden();
  await page.keyboard.press('Escape');

  await field(page, 'Add an ingredient').fill('250 g water');
  await page.keyboard.press('Enter');
  await field(page, 'Add an ingredient').fill('10 g cornflour');
  await page.keyboard.press('Enter');
  await field(page, 'What changes').fill('cornflour');
  await page.getByLabel('Kind of factor').selectOption({ label: 'the amount of Cornflour' });
  await field(page, 'Add a level').fill('4 to 16 by 4');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('note', { name: /you would see [12]\d mm, not 4 mm/ })).toBeVisible();

  await page.getByRole('button', { name: 'put in a way of working' }).click();
  await dialog.getByRole('button', { name: 'Roux and sauce' }).click();
  await expect(dialog).toContainText('Lumps: off the heat');
  expect(await graveFindings(page)).toEqual([]);
  await dialog.getByRole('button', { name: 'Put in' }).click();
  await expect(field(page, 'Step 2')).toHaveValue(/^Off the heat, add the liquid/);
  // One thing done is one thing taken back.
  await page.keyboard.press('Control+z');
  await expect(field(page, 'Step 1')).toBeHidden();
  await page.getByRole('button', { name: 'put in a way of working' }).click();
  await dialog.getByRole('button', { name: 'Roux and sauce' }).click();
  await dialog.getByRole('button', { name: 'Put in' }).click();

  const explain = page.getByRole('region', { name: 'Explain' });
  await explain.getByRole('button', { name: 'Draft it from the plan' }).click();
  await expect(field(page, 'Key word 1')).toHaveValue('gelatinisation');
  await expect(field(page, 'Cornflour, before')).toHaveValue(/white powder/);
  await expect(field(page, 'A good answer to question 1')).toHaveValue(/skin/);
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();

  await page.getByRole('link', { name: 'try it at one station first' }).click();
  await page.getByRole('button', { name: 'Begin: step 1' }).click();
  await page.getByRole('button', { name: 'Begin: step 2' }).click();
  await page.getByRole('button', { name: 'Done: step 2' }).click();
  await field(page, 'Minutes step 1 took').fill('4');
  await field(page, 'Minutes step 2 took').fill('9,5');
  // A tablet that is put down or loaded again loses nothing of it.
  await page.reload();
  await expect(field(page, 'Minutes step 2 took')).toHaveValue('9.5');
  expect(await graveFindings(page)).toEqual([]);
  await page.getByLabel('What to do otherwise').fill('whisk, not spoon');
  await page.getByRole('button', { name: 'Put the minutes into the plan' }).click();
  // 4 and 9.5 min, hands-on, half as long again: 6 and 14.25, up to 15.
  await expect(field(page, 'Minutes of step 1')).toHaveValue('6');
  await expect(field(page, 'Minutes of step 2')).toHaveValue('15');
  const [row] = server.query<{ plan: string }>(
    "SELECT plan FROM revisions WHERE title LIKE 'Lemon sauce%' ORDER BY number DESC LIMIT 1",
  );
  const plan = JSON.parse(row!.plan) as {
    trials: { note: string; took: { minutes: number }[] }[];
    factors: { levels: { value: number }[] }[];
    responses: { repeatSd: number }[];
  };
  expect(plan.trials[0]).toMatchObject({
    note: 'whisk, not spoon',
    took: [{ minutes: 4 }, { minutes: 9.5 }],
  });
  expect(plan.factors[0]!.levels.map(({ value }) => value)).toEqual([4, 8, 12, 16]);
  expect(plan.responses[0]!.repeatSd).toBe(4);
});

test('what a class must not have is held against the batch, and leaves only where it is asked for', async ({
  page,
}) => {
  const [run] = server.query<{ id: string }>("SELECT id FROM runs WHERE practical_id = 'practical-scones'");
  await page.goto(`${server.url}/runs/${run!.id}/bench`);
  await page.getByRole('button', { name: 'say what' }).click();
  await page.getByRole('button', { name: 'add what must not be' }).click();
  await page.getByLabel('Need 1').selectOption('milk');
  await page.getByLabel('How many: no milk').fill('99');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('alert')).toContainText('“99”; allowed: a whole number from 1 to 16');
  await page.getByLabel('How many: no milk').fill('2');
  await page.getByLabel('Seats: no milk').fill('4, 11');
  expect(await graveFindings(page)).toEqual([]);
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('no milk, 2 (seats 4, 11):')).toBeVisible();
  await expect(page.getByText('not this batch: buttermilk and butter.')).toBeVisible();
  const [kept] = server.query<{ needs: string }>("SELECT needs FROM classes WHERE id = 'class-11f'");
  expect(JSON.parse(kept!.needs)).toEqual([{ what: 'milk', count: 2, seats: '4, 11' }]);

  await page.goto(`${server.url}/practicals/practical-scones/risk`);
  const sheet = page.locator('.paper').first();
  await expect(sheet).toContainText('Hot oven or dish');
  await expect(sheet).not.toContainText('seats 4, 11');
  await page.getByLabel('Declared needs of').selectOption({ label: 'of 11 Food' });
  await expect(sheet).toContainText('seats 4, 11');
  // The school’s own words for what remains, for every plan.
  await field(page, 'Word for the least risk').fill('small');
  await page.keyboard.press('Tab');
  await expect(sheet).toContainText('small');
  await page.goto(`${server.url}/practicals/practical-pears/risk`);
  await expect(page.locator('.paper').first()).toContainText('small');

  await page.goto(`${server.url}/practicals/practical-scones/home`);
  await expect(page.locator('.paper')).toContainText('With an adult: hot oven or dish.');
  await expect(page.locator('.paper')).toContainText('about 3 tbsp, level');
  await page.goto(`${server.url}/practicals/practical-koftas/home`);
  await expect(page.locator('.paper')).toContainText('75 °C (167 °F)');
  expect(await graveFindings(page)).toEqual([]);
});
