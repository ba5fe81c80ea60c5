import { Box, Drawer, Portal } from '@chakra-ui/react';
import { format } from 'date-fns';
import { Link as RouterLink } from 'react-router';
import { changesBetween, type Plan } from '../../core/practical';
import { useRevisions } from '../api/queries';
import { QuietButton, WordButton } from '../ui/Button';
import { Waiting } from '../ui/Notice';

interface HistoryDrawerProps {
  practicalId: string;
  open: boolean;
  onClose(): void;
  onBringBack(plan: Plan, number: number): void;
}

/** Every revision of a plan, newest first, with what changed; any of them can come back. */
export function HistoryDrawer({ practicalId, open, onClose, onBringBack }: HistoryDrawerProps) {
  const { data, error, hasNextPage, isFetchingNextPage, fetchNextPage } = useRevisions(practicalId, open);
  const revisions = data?.pages.flatMap((page) => page.revisions);
  return (
    <Drawer.Root open={open} onOpenChange={(details) => !details.open && onClose()} size="sm">
      <Portal>
        <Drawer.Backdrop />
        <Drawer.Positioner>
          <Drawer.Content bg="raised">
            <Drawer.Header>
              <Drawer.Title fontFamily="heading">Every revision</Drawer.Title>
              <WordButton asChild fontSize="sm">
                <RouterLink to={`/practicals/${practicalId}/revisions`}>compare any two</RouterLink>
              </WordButton>
            </Drawer.Header>
            <Drawer.Body>
              {!revisions && <Waiting error={error} />}
              {revisions?.map((revision, i) => {
                const before = revisions[i + 1];
                const changes = before ? changesBetween(before.plan, revision.plan) : [];
                return (
                  <Box key={revision.number} py="3" borderBottomWidth="1px" borderColor="rule">
                    <Box display="flex" justifyContent="space-between" alignItems="baseline">
                      <strong>Revision {revision.number}</strong>
                      <Box as="span" color="soft" fontSize="sm">
                        {format(revision.savedAt, 'd MMM HH:mm:ss')}
                      </Box>
                    </Box>
                    <Box fontSize="sm" color="soft">
                      {before
                        ? changes.map((change) => `${change.section}: ${change.what}`).join(' · ')
                        : revision.number === 1
                          ? 'first kept'
                          : 'older ones follow'}
                    </Box>
                    {i > 0 && (
                      <WordButton fontSize="sm" onClick={() => onBringBack(revision.plan, revision.number)}>
                        bring this one back
                      </WordButton>
                    )}
                  </Box>
                );
              })}
              {hasNextPage && (
                <QuietButton mt="3" disabled={isFetchingNextPage} onClick={() => void fetchNextPage()}>
                  Older revisions
                </QuietButton>
              )}
            </Drawer.Body>
          </Drawer.Content>
        </Drawer.Positioner>
      </Portal>
    </Drawer.Root>
  );
}
