import { chromium as browser } from '@playwright/test';
import { chromium } from '../e2e/chromium';
import { TestServer } from '../e2e/server';
import type { RunSummary } from '../src/contract/practicals';

/** Counts frames for eight seconds; as text, because it runs in the page. */
const countFrames = `new Promise((resolve) => {
  const start = performance.now();
  const gaps = [];
  let last = start;
  const frame = (now) => {
    gaps.push(now - last);
    last = now;
    if (now - start < 8000) requestAnimationFrame(frame);
    else resolve(gaps.slice(1));
  };
  requestAnimationFrame(frame);
})`;

/** How smoothly the board draws with twelve streaming stations: frames a second, and the gaps between them. */
export async function boardFrames() {
  const server = await TestServer.start({ demo: true });
  const instance = await browser.launch(chromium.launchOptions);
  try {
    const page = await instance.newPage({ viewport: chromium.viewport });
    const run = (await server.json<RunSummary[]>('/api/runs')).find((one) => one.status === 'running')!;
    await page.goto(`${server.url}/runs/${run.id}/bench`);
    await page.getByRole('article').first().waitFor();
    const figures: object[] = [];
    for (const speed of [1, 60]) {
      await page.getByRole('button', { name: `×${speed}`, exact: true }).click();
      await page.waitForTimeout(2000);
      const gaps = (await page.evaluate<number[]>(countFrames)).sort((a, b) => a - b);
      const total = gaps.reduce((sum, gap) => sum + gap, 0);
      figures.push({
        figure: `board-frames-x${speed}`,
        value: Math.round((gaps.length * 1000) / total),
        unit: 'frames/s',
        gap95Ms: Math.round(gaps[Math.floor(gaps.length * 0.95)]!),
        longestGapMs: Math.round(gaps.at(-1)!),
      });
    }
    return figures;
  } finally {
    await instance.close();
    await server.remove();
  }
}
