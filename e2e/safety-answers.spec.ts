import { expect, test, type Page } from '@playwright/test';
import { TestServer } from './server';

let server: TestServer;
test.beforeAll(async () => {
  server = await TestServer.start({ demo: true });
});
test.afterAll(() => server.remove());

const shelf = (page: Page) => page.getByRole('dialog', { name: /Shelf/ });
const answer = (page: Page) => shelf(page).getByRole('status');

/** Opens one of the shelf’s tools by its title. */
async function open(page: Page, title: string) {
  await page.goto(server.url);
  await expect(page.getByText('This week')).toBeVisible();
  await page.keyboard.press('/');
  await shelf(page).getByRole('combobox').fill(title);
  await expect(shelf(page).locator('[cmdk-item][aria-selected=true]')).toContainText(title);
  await page.keyboard.press('Enter');
}

async function fill(page: Page, fields: Record<string, string>) {
  for (const [label, text] of Object.entries(fields)) {
    await shelf(page).getByLabel(label, { exact: true }).fill(text);
  }
}

// Food Standards Agency: 70 °C for 2 min, or 60 °C 45 min, 65 °C 10 min, 75 °C 30 s, 80 °C 6 s. FDA Food Code 3-401.11:
// minced 68 °C 17 s. Food hygiene in Scotland: reheated to 82 °C.
test('whether a core is done: yes, no and can’t tell, as the authority prints it, whatever the words', async ({
  page,
}) => {
  await open(page, 'Is the core hot enough?');
  for (const [food, authority, celsius, heldSeconds, verdict, says] of [
    ['chicken', 'uk-fsa', '50', '86400', 'no', /70 °C for 2 min/],
    ['chicken', 'uk-fsa', '75', '30', 'yes', /75\.0 °C for 30 s/],
    ['chicken', 'uk-fsa', '75', '20', 'no', /./],
    ['minced lamb', 'fda', '68', '17', 'yes', /./],
    ['minced lamb', 'fda', '68', '12', 'no', /./],
    ['leftover chicken pie', 'scotland', '75', '60', 'no', /82 °C/],
    ['leftover chicken pie', 'scotland', '82', '1', 'yes', /82 °C/],
    ['grobblefish', 'usda', '63', '60', 'can’t tell', /not known here/],
  ] as const) {
    await fill(page, { food, authority, 'celsius, °C': celsius, 'held seconds, s': heldSeconds });
    await expect(answer(page), food).toHaveText(new RegExp(`^answer${verdict}required`));
    await expect(answer(page), food).toContainText(says);
  }
});

test('allergens: composite foods speak, lookalikes do not, an unknown word is said to be one', async ({
  page,
}) => {
  await open(page, 'Allergens in a list of ingredients');
  for (const [ingredients, says, not] of [
    ['pesto, panko, hummus', ['milk', 'gluten', 'sesame', 'nuts'], 'fish'],
    [
      'coconut, nutmeg, butternut squash, oyster mushroom, cream of tartar',
      ['Often contains sulphur dioxide'],
      'milk',
    ],
    ['dragonwort', ['Not known here', 'dragonwort'], 'no allergen'],
  ] as const) {
    await fill(page, { ingredients });
    for (const word of says) await expect(answer(page)).toContainText(word);
    await expect(answer(page)).not.toContainText(not);
  }
});

test('hazards of a step in plain words, each with its caution', async ({ page }) => {
  await open(page, 'Dangers in a step’s words');
  for (const [text, says] of [
    ['Bring the vinegar to the boil.', /vinegar|acid/i],
    ['Pour the hot jam into the jars.', /20 minutes/],
    ['Soak and cook dried red kidney beans.', /kidney beans|boil/i],
  ] as const) {
    await fill(page, { text });
    await expect(shelf(page)).toContainText(says);
  }
});
