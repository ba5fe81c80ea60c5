// @vitest-environment jsdom
import { render, screen } from '@testing-library/react';
import { createElement, lazy, Suspense } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { served, withFakeServer } from '../testing/fake-server';
import { Boundary } from './Boundary';

withFakeServer();

describe('a page that breaks', () => {
  const said = async (error: unknown) => {
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const Part = lazy(() => Promise.reject(error as Error));
    render(createElement(Boundary, null, createElement(Suspense, null, createElement(Part))));
    await screen.findByRole('alert');
    return async (title: RegExp) => (await screen.findByRole('heading', { name: title })).textContent;
  };
  const missing = new TypeError('Failed to fetch dynamically imported module: /assets/Part-1.js');

  it('says that there is a newer version where the server answers and has its part no more', async () => {
    served.answers['GET /healthz'] = { status: 'fine' };
    const title = await said(missing);
    expect(await title(/newer version/)).toBe('There is a newer version of the program.');
  });

  it('says that there is no network where nothing answers, and that something is wrong where that is so', async () => {
    served.failing = 'away';
    expect(await (await said(missing))(/no network/)).toContain('not kept on this device');
  });

  it('calls what is no missing part neither', async () => {
    served.answers['GET /healthz'] = { status: 'fine' };
    expect(await (await said(new Error('x is undefined')))(/wrong/)).toBe(
      'Something went wrong on this page.',
    );
  });
});
