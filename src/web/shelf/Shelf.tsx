import { createContext, Suspense, useCallback, useContext, useEffect, useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { partLater } from '../offline/part-later';
import { typeInto, useFieldCameFrom, type TypedField } from './came-from';

const loadDrawer = () => import('./ShelfDrawer').then((drawer) => drawer.ShelfDrawer);
const ShelfDrawer = partLater(loadDrawer);

const ShelfContext = createContext<() => void>(() => undefined);

/** Opens the shelf from a button. */
export const useShelf = () => useContext(ShelfContext);

/** Tables and calculators, one key away from anywhere; a value goes back into the field one came from. */
export function Shelf({ children }: { children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const [field, setField] = useState<TypedField | null>(null);
  const [question, setQuestion] = useState('');
  const [asked, setAsked] = useState(false);
  const cameFrom = useFieldCameFrom();
  const show = useCallback(() => {
    setField(cameFrom());
    setQuestion('');
    setAsked(true);
    setOpen(true);
  }, [cameFrom]);
  useHotkeys('/', show, { useKey: true, preventDefault: true });
  useHotkeys('ctrl+slash, meta+slash', show, { preventDefault: true, enableOnFormTags: true });
  // With the first touch of anything the shelf is fetched, so that it opens at once, and also when the network has gone.
  useEffect(() => {
    const fetch = () => {
      void import('./load-body')
        .then(({ loadBody }) => Promise.all([loadDrawer(), loadBody()]))
        .catch(() => undefined);
    };
    const signs = ['keydown', 'pointerdown'] as const;
    signs.forEach((sign) => window.addEventListener(sign, fetch, { once: true }));
    return () => signs.forEach((sign) => window.removeEventListener(sign, fetch));
  }, []);
  const use = (text: string) => {
    setOpen(false);
    // Once the shelf has let go of the focus.
    if (field) setTimeout(() => typeInto(field, text), 50);
  };
  return (
    <ShelfContext value={show}>
      {children}
      {asked && (
        <Suspense fallback={null}>
          <ShelfDrawer
            open={open}
            onOpen={setOpen}
            field={field}
            question={question}
            onQuestion={setQuestion}
            onUse={use}
          />
        </Suspense>
      )}
    </ShelfContext>
  );
}
