import { createContext, Suspense, useCallback, useContext, useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { partLater } from '../offline/part-later';

const GoDialog = partLater(() => import('./GoDialog').then((dialog) => dialog.GoDialog));

const GoContext = createContext<() => void>(() => undefined);

/** Opens “go anywhere” from a button. */
export const useGoAnywhere = () => useContext(GoContext);

/** Stands around all pages, so that it stays open while one gives way to the next; fetched when it is first opened. */
export function GoAnywhere({ children }: { children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const [asked, setAsked] = useState(false);
  const show = useCallback(() => {
    setAsked(true);
    setOpen(true);
  }, []);
  useHotkeys('ctrl+k, meta+k', show, { preventDefault: true, enableOnFormTags: true });
  return (
    <GoContext value={show}>
      {children}
      {asked && (
        <Suspense fallback={null}>
          <GoDialog open={open} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </GoContext>
  );
}
