import { useEffect, useMemo, useRef, useState } from 'react';
import type { Review, ReviewContext } from '../../core/review';
import { slice } from '../../core/slices';

type InParts = (context: ReviewContext) => Generator<undefined, Review, undefined>;
type Work = ReturnType<InParts>;

/**
 * What a careful colleague says of a plan; null until it is known for the first time. A plan as teachers write them is read
 * at once; a very long one slice by slice, so that typing and drawing go on, and until then the last review stays.
 *
 * @param inParts the review’s code; null while it is fetched
 */
export function useReview(inParts: InParts | null, asked: ReviewContext | null): Review | null {
  const plan = asked?.plan ?? null;
  const place = asked?.place ?? null;
  const rooms = asked?.rooms ?? null;
  const laid = asked?.laid ?? null;
  const begun = useMemo<{ work: Work; first: Review | null } | null>(() => {
    if (!inParts || !plan || !rooms) return null;
    const work = inParts({ plan, place, rooms, laid });
    return { work, first: slice(work) };
  }, [inParts, plan, place, rooms, laid]);
  const last = useRef<Review>(null);
  const [, tell] = useState<Review | null>(null);
  useEffect(() => {
    if (!begun) return;
    if (begun.first) {
      last.current = begun.first;
      return;
    }
    let timer = setTimeout(function more() {
      const done = slice(begun.work);
      if (!done) timer = setTimeout(more, 0);
      else tell((last.current = done));
    }, 0);
    return () => clearTimeout(timer);
  }, [begun]);
  return begun?.first ?? last.current;
}
