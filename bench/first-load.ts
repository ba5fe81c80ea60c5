import { gzipSync } from 'node:zlib';
import { chromium as browser } from '@playwright/test';
import { build } from 'vite';
import { chromium } from '../e2e/chromium';
import { TestServer } from '../e2e/server';
import type { RunSummary } from '../src/contract/practicals';

/** React, the interface library as it comes, the router and the query library, and nothing of ours. */
const nothingOfOurs = `
  import { createElement } from 'react';
  import { createRoot } from 'react-dom/client';
  import { Box, ChakraProvider, defaultSystem } from '@chakra-ui/react';
  import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
  import { BrowserRouter, Link, Route, Routes } from 'react-router';
  function Page() {
    const { data } = useQuery({ queryKey: ['x'], queryFn: () => fetch('/').then((one) => one.text()) });
    return createElement(Box, { p: '4' }, data, createElement(Link, { to: '/' }, 'here'));
  }
  createRoot(document.body).render(
    createElement(ChakraProvider, { value: defaultSystem },
      createElement(QueryClientProvider, { client: new QueryClient() },
        createElement(BrowserRouter, null, createElement(Routes, null, createElement(Route, { path: '/', element: createElement(Page) }))))),
  );`;

async function baselineBytes(): Promise<number> {
  const entry = 'virtual:nothing-of-ours';
  const result = await build({
    configFile: false,
    logLevel: 'error',
    root: process.cwd(),
    plugins: [
      {
        name: 'nothing-of-ours',
        resolveId: (id) => (id === entry ? `\0${entry}` : null),
        load: (id) => (id === `\0${entry}` ? nothingOfOurs : null),
      },
    ],
    build: { write: false, target: 'es2022', rollupOptions: { input: entry } },
  });
  const outputs = Array.isArray(result)
    ? result.flatMap((one) => one.output)
    : 'output' in result
      ? result.output
      : [];
  return outputs.reduce((sum, one) => sum + (one.type === 'chunk' ? gzipSync(one.code).length : 0), 0);
}

/** Script that a page loads before anything is touched, compressed, against the libraries alone. */
export async function firstLoads() {
  const baseline = await baselineBytes();
  const server = await TestServer.start({ demo: true });
  const instance = await browser.launch(chromium.launchOptions);
  try {
    const run = (await server.json<RunSummary[]>('/api/runs')).find((one) => one.status === 'running')!;
    const figures: object[] = [
      { figure: 'first-load-libraries-alone', value: baseline, unit: 'bytes, gzip' },
    ];
    for (const [name, path, ready, most] of [
      ['today', '/', 'This week', 1.15],
      ['station', `/runs/${run.id}/station/2`, 'Step', 1.0],
    ] as const) {
      const page = await instance.newPage({ viewport: chromium.viewport });
      let bytes = 0;
      let files = 0;
      const waiting: Promise<void>[] = [];
      page.on('response', (response) => {
        if (!response.url().endsWith('.js')) return;
        files += 1;
        waiting.push(
          response.body().then(
            (body) => void (bytes += gzipSync(body).length),
            () => undefined,
          ),
        );
      });
      await page.goto(server.url + path);
      await page.getByText(ready).first().waitFor();
      // What comes of itself after the page counts as well.
      await page.waitForTimeout(5000);
      await Promise.all(waiting);
      figures.push({
        figure: `first-load-${name}`,
        value: bytes,
        unit: 'bytes, gzip',
        files,
        ratio: Number((bytes / baseline).toFixed(3)),
        expected: `at most ${most} times the libraries alone`,
      });
      await page.close();
    }
    return figures;
  } finally {
    await instance.close();
    await server.remove();
  }
}
