// @vitest-environment jsdom
import { renderHook, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { examplePlan, type Plan } from '../../core/practical';
import type { Review, ReviewContext } from '../../core/review';
import { useReview } from './use-review';

/** A review of so many parts, each of which takes as long as a whole slice; it says the title of what it read. */
const inParts = (parts: (plan: Plan) => number) =>
  function* ({ plan }: ReviewContext): Generator<undefined, Review, undefined> {
    for (let part = 0; part < parts(plan); part += 1) {
      const until = performance.now() + 40;
      while (performance.now() < until);
      yield;
    }
    return { open: [], dismissed: [{ remark: {} as never, reason: plan.title }] };
  };

const long = inParts(({ title }) => (title === 'short' ? 0 : 4));
const asked = (title: string): ReviewContext => ({ plan: { ...examplePlan, title }, place: null, rooms: [] });

describe('the review of a plan in its margin', () => {
  it('of a short one is there at once; of a long one the last one stays until it is read', async () => {
    const { result, rerender } = renderHook(({ of }) => useReview(long, of), {
      initialProps: { of: asked('short') },
    });
    const said = () => result.current?.dismissed[0]?.reason ?? null;
    expect(said()).toBe('short');
    rerender({ of: asked('long') });
    expect(said()).toBe('short');
    await waitFor(() => expect(said()).toBe('long'));
    // One that was overtaken on its way is never told.
    rerender({ of: asked('overtaken') });
    const last = asked('last');
    rerender({ of: last });
    const seen = new Set<string | null>();
    await waitFor(() => {
      seen.add(said());
      expect(said()).toBe('last');
    });
    expect([...seen]).toEqual(['long', 'last']);
  });

  it('is not there before its code is', () => {
    expect(renderHook(() => useReview(null, asked('short'))).result.current).toBeNull();
  });
});
