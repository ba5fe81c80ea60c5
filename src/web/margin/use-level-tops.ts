import { useCallback, useLayoutEffect, useRef, useState, type RefObject } from 'react';

const gap = 10;

export interface Levelled {
  id: string;
  /** Selectors of the line it stands beside, best first. */
  beside: readonly string[];
}

/** The element a remark is about, on the sheet. */
export function lineOf(sheet: HTMLElement | null, beside: readonly string[]): HTMLElement | null {
  for (const anchor of beside) {
    const found = sheet?.querySelector<HTMLElement>(`[data-anchor="${CSS.escape(anchor)}"]`);
    if (found) return found;
  }
  return null;
}

/**
 * Places cards level with their lines on the sheet, pushed down where they would overlap. Answers with the order
 * by line, the top of each card, and the height they need together.
 */
export function useLevelTops(items: readonly Levelled[], sheet: RefObject<HTMLElement | null>) {
  const cards = useRef(new Map<string, HTMLElement>());
  const [tops, setTops] = useState<ReadonlyMap<string, number>>(new Map());
  const [height, setHeight] = useState(0);

  const place = useCallback(() => {
    const origin = sheet.current?.getBoundingClientRect().top ?? 0;
    const wanted = items
      .map((item, i) => {
        const line = lineOf(sheet.current, item.beside);
        return { id: item.id, i, top: line ? line.getBoundingClientRect().top - origin : 0 };
      })
      .sort((a, b) => a.top - b.top || a.i - b.i);
    let free = 0;
    const next = new Map<string, number>();
    for (const { id, top } of wanted) {
      const at = Math.max(free, top - 6);
      next.set(id, at);
      free = at + (cards.current.get(id)?.offsetHeight ?? 0) + gap;
    }
    setTops((was) => (sameTops(was, next) ? was : next));
    setHeight(free);
  }, [items, sheet]);

  useLayoutEffect(() => {
    place();
    const observer = new ResizeObserver(place);
    if (sheet.current) observer.observe(sheet.current);
    for (const card of cards.current.values()) observer.observe(card);
    return () => observer.disconnect();
  }, [place, sheet]);

  const register = useCallback((id: string, card: HTMLElement | null) => {
    if (card) cards.current.set(id, card);
    else cards.current.delete(id);
  }, []);
  return { tops, height, register };
}

function sameTops(a: ReadonlyMap<string, number>, b: ReadonlyMap<string, number>): boolean {
  return a.size === b.size && [...a].every(([id, top]) => Math.abs((b.get(id) ?? NaN) - top) < 0.5);
}
