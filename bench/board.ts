import { chromium as browser } from '@playwright/test';
import { chromium } from '../e2e/chromium';
import { TestServer } from '../e2e/server';
import type { RunSummary } from '../src/contract/practicals';

/** How smoothly the board draws with twelve streaming stations: frames a second, and the longest gap between two. */
export async function boardFrames() {
  const server = await TestServer.start({ demo: true });
  const instance = await browser.launch(chromium.launchOptions);
  const page = await instance.newPage({ viewport: chromium.viewport });
  const run = (await server.json<RunSummary[]>('/api/runs')).find((one) => one.status === 'running')!;
  await page.goto(`${server.url}/runs/${run.id}/bench`);
  await page.getByRole('article').first().waitFor();
  const figures: object[] = [];
  for (const speed of [1, 60]) {
    await page.getByRole('button', { name: `×${speed}`, exact: true }).click();
    await page.waitForTimeout(2000);
    const { fps, longest } = await page.evaluate(
      () =>
        new Promise<{ fps: number; longest: number }>((resolve) => {
          const start = performance.now();
          let [frames, last, longest] = [0, start, 0];
          const frame = (now: number) => {
            frames += 1;
            longest = Math.max(longest, now - last);
            last = now;
            if (now - start < 8000) requestAnimationFrame(frame);
            else resolve({ fps: (frames * 1000) / (now - start), longest });
          };
          requestAnimationFrame(frame);
        }),
    );
    figures.push({
      figure: `board-frames-x${speed}`,
      value: Math.round(fps),
      unit: 'frames/s',
      longestGapMs: Math.round(longest),
    });
  }
  await instance.close();
  await server.remove();
  return figures;
}
