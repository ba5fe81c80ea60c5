import { chakra, Drawer, Portal } from '@chakra-ui/react';
import {
  createContext,
  lazy,
  Suspense,
  useCallback,
  useContext,
  useEffect,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { typeInto, useFieldCameFrom, type TypedField } from './came-from';
import { searchLook, searchPlaceholder } from './search-look';

const loadBody = () => import('./ShelfBody').then((body) => ({ default: body.ShelfBody }));
const ShelfBody = lazy(loadBody);
const EarlyInput = chakra('input');

/** Once the page is there, the shelf is fetched too, so that it opens at once. */
const fetchAfterMs = 2000;

const ShelfContext = createContext<() => void>(() => undefined);

/** Opens the shelf from a button. */
export const useShelf = () => useContext(ShelfContext);

/** Tables and calculators, one key away from anywhere; a value goes back into the field one came from. */
export function Shelf({ children }: { children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const [field, setField] = useState<TypedField | null>(null);
  const [question, setQuestion] = useState('');
  const search = useRef<HTMLInputElement>(null);
  const cameFrom = useFieldCameFrom();
  const show = useCallback(() => {
    setField(cameFrom());
    setQuestion('');
    setOpen(true);
  }, [cameFrom]);
  useHotkeys('/', show, { useKey: true, preventDefault: true });
  useHotkeys('ctrl+slash, meta+slash', show, { preventDefault: true, enableOnFormTags: true });
  useEffect(() => {
    const timer = setTimeout(() => void loadBody().catch(() => undefined), fetchAfterMs);
    return () => clearTimeout(timer);
  }, []);
  const use = (text: string) => {
    setOpen(false);
    // Once the shelf has let go of the focus.
    if (field) setTimeout(() => typeInto(field, text), 50);
  };
  return (
    <ShelfContext value={show}>
      {children}
      <Drawer.Root
        open={open}
        onOpenChange={(details) => setOpen(details.open)}
        initialFocusEl={() => search.current}
        finalFocusEl={() => field}
        lazyMount
        unmountOnExit
      >
        <Portal>
          <Drawer.Backdrop />
          <Drawer.Positioner>
            <Drawer.Content bg="raised" maxW="min(880px, 100vw)" w="100%" data-shelf>
              <Drawer.Title srOnly>Shelf: tables and calculators</Drawer.Title>
              <Suspense
                fallback={
                  // What is typed before the answers are there is not lost.
                  <EarlyInput
                    autoFocus
                    aria-label="What do you look for?"
                    placeholder={searchPlaceholder}
                    value={question}
                    onChange={(event) => setQuestion(event.target.value)}
                    {...searchLook}
                  />
                }
              >
                <ShelfBody
                  search={search}
                  question={question}
                  onQuestion={setQuestion}
                  field={field}
                  onUse={use}
                  onClose={() => setOpen(false)}
                />
              </Suspense>
            </Drawer.Content>
          </Drawer.Positioner>
        </Portal>
      </Drawer.Root>
    </ShelfContext>
  );
}
