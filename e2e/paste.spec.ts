import { readFileSync } from 'node:fs';
import { graveFindings } from './axe';
import { TestServer } from './server';
import { expect, test } from './test';

let server: TestServer;
test.beforeAll(async () => {
  server = await TestServer.start({ demo: true });
});
test.afterAll(() => server.remove());

const recipe = `PUMPKIN SEED ROUNDS, makes 8

250g plain flour, 4g bicarbonate of soda (1 tsp), half tsp salt,
180-200ml buttermilk, 40g butter, cold, 2 tbsp pumpkin seeds

Heat the oven to 220°C/375°F/gas 7. Rub the 400 g butter into the flour, soda and salt until it looks like crumbs.
Stir in the buttermilk and the honey, no more than 30 seconds. Pat out 2 cm thick and cut out 8 rounds with a knife.
Bake for 12 to 15 min until they sound hollow.`;

/** The plan of the latest revision of a title, as the database holds it. */
function planCalled(title: string): Record<string, unknown> {
  const [row] = server.query<{ plan: string }>(
    'SELECT plan FROM revisions WHERE title = ? ORDER BY saved_at DESC, number DESC LIMIT 1',
    title,
  );
  return JSON.parse(row!.plan) as Record<string, unknown>;
}

test('from a pasted recipe to a printed risk assessment', async ({ page }) => {
  await page.goto(server.url);
  await page.getByRole('button', { name: 'Paste a recipe' }).click();
  // As pasted from the clipboard: read at once.
  await page.getByLabel('The recipe').evaluate((field, text) => {
    const data = new DataTransfer();
    data.setData('text/plain', text);
    field.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  }, recipe);
  const understood = page.getByRole('region', { name: 'As it is understood' });
  await expect(understood.getByRole('button', { name: /^250 g plain flour/ })).toBeVisible();
  await expect(understood.getByRole('button', { name: /^Step 1: Heat the oven/ })).toBeVisible();
  await expect(page.getByRole('heading', { name: '4 to settle' })).toBeVisible();
  expect(await graveFindings(page)).toEqual([]);

  // The first doubt is a Tab away from the title; its words are typed over.
  await page.getByRole('textbox', { name: 'Title' }).focus();
  await page.keyboard.press('Tab');
  await expect(understood.getByRole('button', { name: /^40 g butter/ })).toBeFocused();
  await page
    .getByRole('note', { name: /^Butter/ })
    .getByRole('button', { name: '40 g', exact: true })
    .click();
  await page.getByRole('button', { name: '220 °C' }).click();
  await page
    .getByRole('note', { name: /^Honey/ })
    .getByRole('button', { name: 'add it' })
    .click();
  await page
    .getByRole('note', { name: /^Pumpkin seeds/ })
    .getByRole('button', { name: 'leave it out' })
    .click();
  await expect(page.getByRole('heading', { name: 'Nothing to settle' })).toBeVisible();
  await expect(understood.getByText('Rub the 40 g butter into the flour')).toBeVisible();
  await expect(understood.getByText('Heat the oven to 220 °C.')).toBeVisible();
  await understood.getByRole('button', { name: /^to taste honey/ }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Keep 6 lines and 4 steps' }).click();

  // The plan, its margin, its safety.
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  const formula = page.getByRole('region', { name: 'Formula' });
  await expect(formula.getByText(/g of gas/)).toContainText('2.5 of 4 g soda left over; alkaline');
  await page
    .getByRole('note', { name: /find no acid/ })
    .getByRole('button', { name: '1.5 g of soda' })
    .click();
  await expect(formula.getByText(/g of gas/)).not.toContainText('left over');
  const safety = page.getByRole('region', { name: 'Safety' });
  await safety
    .getByLabel('Control: Knife or sharp edge')
    .fill('Round-ended table knives only; counted out and in.');
  await safety.getByLabel('Remaining risk: Hot oven or dish').selectOption('medium');
  await safety.getByLabel('Add a risk').fill('Wet floor at the sink');
  await page.keyboard.press('Enter');
  await expect(safety.getByRole('textbox', { name: 'What could harm' })).toHaveValue('Wet floor at the sink');
  await safety.getByRole('button', { name: 'Does not apply: Raw flour and dough' }).click();
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  // By keyboard: the timetable above may still grow, and what lies under a pointer moves.
  await safety.getByRole('link', { name: 'risk assessment to print' }).press('Enter');

  // The printed page.
  await page.getByLabel('Assessed by').fill('A. Colleague');
  await page.emulateMedia({ media: 'print' });
  const sheet = page.locator('.paper').first();
  await expect(sheet).toContainText('Pumpkin seed rounds');
  await expect(sheet).toContainText('Round-ended table knives only; counted out and in.');
  await expect(sheet).toContainText('Contains cereals with gluten and milk');
  await expect(sheet).toContainText('Wet floor at the sink');
  await expect(sheet).toContainText('A. Colleague');
  await expect(sheet).not.toContainText('Raw flour');
  await expect(sheet.getByRole('row', { name: /Hot oven or dish/ })).toContainText('medium');
  await page.emulateMedia({ media: 'screen' });
  expect(await graveFindings(page)).toEqual([]);

  const plan = planCalled('Pumpkin seed rounds');
  expect(plan).toMatchObject({ pasted: recipe, portions: { pieces: 8 } });
  expect(
    (plan.formula as { name: string; amount: number | null }[]).map(({ name, amount }) => [name, amount]),
  ).toEqual([
    ['Plain flour', 250],
    ['Bicarbonate of soda', 1.5],
    ['Salt', 0.5],
    ['Buttermilk', 180],
    ['Butter', 40],
    ['Honey', null],
  ]);
  expect((plan.risks as { id: string }[]).map((risk) => risk.id).sort()[0]).toBe('hazard:hot-dish');
  // A name is signed on paper; it is nowhere in the plan.
  expect(JSON.stringify(plan)).not.toContain('A. Colleague');
});

test('files: a plan goes to a colleague and comes back; recipe data in a page; what is none is refused', async ({
  page,
}) => {
  await page.goto(server.url);
  await page
    .getByRole('region', { name: 'Practicals' })
    .getByRole('link', { name: /^Soda scones/ })
    .click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'save as a file' }).click();
  const path = await (await download).path();
  expect(JSON.parse(readFileSync(path, 'utf8'))).toMatchObject({
    format: 'tawny-beaker-plan',
    version: 1,
    plan: { roomId: null },
  });

  const open = async (name: string, text: string | Buffer) => {
    await page.goto(`${server.url}/paste`);
    await page
      .getByLabel('Recipe file')
      .setInputFiles({ name, mimeType: 'application/octet-stream', buffer: Buffer.from(text) });
  };
  await open('scones.plan.json', readFileSync(path));
  await expect(page.getByRole('heading', { name: 'A colleague’s plan' })).toBeVisible();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  expect(
    server.query(
      'SELECT COUNT(DISTINCT practical_id) AS n FROM revisions WHERE title LIKE ?',
      'Soda scones%',
    ),
  ).toEqual([{ n: 2 }]);

  const data = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: 'Oat rounds <script>document.title="x"</script>',
    recipeIngredient: ['100 g oats', '50 g butter'],
    recipeInstructions: [
      { '@type': 'HowToStep', text: 'Melt the butter, stir in the oats.' },
      { '@type': 'HowToStep', text: 'Bake for 15 minutes at 180 °C.' },
    ],
  };
  await open(
    'page.html',
    `<html><body><script type="application/ld+json">${JSON.stringify(data).replaceAll('</', '<\\/')}</script><p onclick="x()">Words</p></body></html>`,
  );
  await expect(page.getByRole('button', { name: 'Keep 2 lines and 2 steps' })).toBeVisible();
  await expect(page).toHaveTitle(/A recipe is read/);

  await open('recipe.json', Buffer.from([0x50, 0x4b, 3, 4, 0, 0]));
  await expect(page.getByRole('alert')).toContainText(
    '“recipe.json” is a ZIP archive, whatever its name says.',
  );
  await open('big.txt', Buffer.alloc(6_000_000, 'a'));
  await expect(page.getByRole('alert')).toContainText('“big.txt” has 6 MB. Allowed:');
  await open('other.json', '{"a":1}');
  await expect(page.getByRole('alert')).toContainText('holds no recipe and no plan');
  await open('newer.json', JSON.stringify({ format: 'tawny-beaker-plan', version: 9, plan: {} }));
  await expect(page.getByRole('alert')).toContainText('newer version of the program: its version is 9');
});
