import { useEffect } from 'react';
import type { PaperName } from './paper';

/** Tells the printer which paper the pages are laid out for. */
export function usePaper(paper: PaperName): void {
  useEffect(() => {
    const style = document.createElement('style');
    style.textContent = `@page { size: ${paper}; margin: 0; } @page sideways { size: ${paper} landscape; margin: 0; }`;
    document.head.append(style);
    return () => style.remove();
  }, [paper]);
}
