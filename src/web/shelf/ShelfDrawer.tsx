import { chakra, Drawer, Portal } from '@chakra-ui/react';
import { Suspense, useRef } from 'react';
import { partLater } from '../offline/part-later';
import type { TypedField } from './came-from';
import { loadBody } from './load-body';
import { searchLook, searchPlaceholder } from './search-look';

const ShelfBody = partLater(loadBody);
const EarlyInput = chakra('input');

interface ShelfDrawerProps {
  open: boolean;
  onOpen(open: boolean): void;
  /** The field one came from. */
  field: TypedField | null;
  question: string;
  onQuestion(question: string): void;
  onUse(text: string): void;
}

/** The drawer of the shelf; what it knows is fetched after it. */
export function ShelfDrawer({ open, onOpen, field, question, onQuestion, onUse }: ShelfDrawerProps) {
  const search = useRef<HTMLInputElement>(null);
  return (
    <Drawer.Root
      open={open}
      onOpenChange={(details) => onOpen(details.open)}
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
                  onChange={(event) => onQuestion(event.target.value)}
                  {...searchLook}
                />
              }
            >
              <ShelfBody
                search={search}
                question={question}
                onQuestion={onQuestion}
                field={field}
                onUse={onUse}
                onClose={() => onOpen(false)}
              />
            </Suspense>
          </Drawer.Content>
        </Drawer.Positioner>
      </Portal>
    </Drawer.Root>
  );
}
