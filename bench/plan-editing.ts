import { chromium as browser } from '@playwright/test';
import { chromium } from '../e2e/chromium';
import { field } from '../e2e/field';
import { TestServer } from '../e2e/server';
import { examplePlan, newIngredient, newStep, type Plan } from '../src/core/practical';

/** A plan of sixty ingredients and so many steps, each step as long as it takes to make `bytes` of it. */
function longPlan(bytes: number, steps = 60): Plan {
  const formula = Array.from({ length: 60 }, (_, i) =>
    newIngredient({ id: `i${i}`, name: `Ingredient ${i + 1}`, amount: 10 + i, unit: 'g' }),
  );
  const plan = (length: number): Plan => ({
    ...examplePlan,
    formula: [...examplePlan.formula, ...formula].slice(0, 60),
    steps: Array.from({ length: steps }, (_, i) =>
      newStep({
        id: `s${i}`,
        text: `Stir ingredient ${i + 1} into the bowl. ${'and go on stirring '.repeat(100)}`.slice(0, length),
        minutes: 1,
      }),
    ),
    factors: examplePlan.factors.map((factor) => ({
      ...factor,
      acts: { on: 'end-temperature', stepId: null },
    })),
    periodMinutes: 240,
  });
  for (let length = 60; length < 1200; length += 20) {
    if (JSON.stringify(plan(length)).length >= bytes) return plan(length);
  }
  return plan(1200);
}

/** From a key to the picture it makes, read in the page: the event’s own time to the second frame after it. */
const watchKeys = `
  window.__keys = [];
  addEventListener('keydown', (event) => {
    requestAnimationFrame(() => setTimeout(() => window.__keys.push(performance.now() - event.timeStamp), 0));
  }, true);`;

/** Typing in a plan of 60 ingredients and 60 steps, and keeping one of 145 kB. */
export async function planEditing() {
  const server = await TestServer.start();
  const instance = await browser.launch(chromium.launchOptions);
  try {
    const plain = longPlan(0);
    const large = longPlan(145_000, 100);
    await server.send('POST', '/api/practicals', { id: 'long', plan: plain });
    await server.send('POST', '/api/practicals', { id: 'large', plan: large });
    const page = await instance.newPage({ viewport: chromium.viewport });
    await page.goto(`${server.url}/practicals/long/plan`);
    const step = field(page, 'Step 30');
    await step.click();
    await page.evaluate(watchKeys);
    await page.keyboard.type(' and once more, slowly and well', { delay: 120 });
    const times = (await page.evaluate<number[]>('window.__keys')).sort((a, b) => a - b);
    const started = performance.now();
    await server.send('POST', '/api/practicals/large/revisions', {
      basedOn: 1,
      plan: { ...large, question: 'Is it kept?' },
    });
    const saved = performance.now() - started;
    await page.goto(`${server.url}/practicals/large/plan`);
    await field(page, 'Question').fill('Is it kept from the page?');
    await page.getByText('Kept', { exact: true }).waitFor();
    const [head] = server.query<{ plan: string }>(
      `SELECT plan FROM revisions WHERE practical_id = 'large' ORDER BY number DESC LIMIT 1`,
    );
    return [
      {
        figure: 'plan-60-by-60-key-to-paint',
        value: Math.round(times[Math.floor(times.length / 2)]!),
        unit: 'ms',
        worst95: Math.round(times[Math.floor(times.length * 0.95)]!),
        expected: 'under 50',
      },
      {
        figure: 'plan-145-kB-kept',
        value: Math.round(saved),
        unit: 'ms',
        bytes: head!.plan.length,
        fromThePage: (JSON.parse(head!.plan) as Plan).question === 'Is it kept from the page?',
      },
    ];
  } finally {
    await instance.close();
    await server.remove();
  }
}
