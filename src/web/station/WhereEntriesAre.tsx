import { Box, Flex } from '@chakra-ui/react';
import { Suspense } from 'react';
import { partLater } from '../offline/part-later';
import type { OutboxState } from '../outbox/outbox';

const RefusedEntries = partLater(() => import('./RefusedEntries').then((part) => part.RefusedEntries));

interface WhereEntriesAreProps {
  outbox: OutboxState;
  connected: boolean;
  onDiscard(id: string): Promise<void>;
  onAgain(id: string): Promise<void>;
}

/** Says plainly whether what was logged here is saved on this device or has reached the board. */
export function WhereEntriesAre({ outbox, connected, onDiscard, onAgain }: WhereEntriesAreProps) {
  const { waiting, received, refused, away, held, notKept } = outbox;
  const off = away || !connected;
  return (
    <Box
      bg="paper"
      borderTopWidth="1px"
      borderBottomWidth="1px"
      borderColor="rule"
      px="4"
      py="1.5"
      fontSize="sm"
      role="status"
    >
      <Flex justify="space-between" gap="3" wrap="wrap">
        <Box color="soft">
          {received === 0 && waiting.length === 0
            ? 'Nothing logged from here yet'
            : `${received} on the board`}
        </Box>
        {waiting.length > 0 ? (
          <Box fontWeight="bold" color="amberInk">
            {waiting.length} {notKept ? 'only on this page' : 'saved here'}
            {off ? ', no network' : held ? '' : ', on the way'}
          </Box>
        ) : (
          off && (
            <Box fontWeight="bold" color="amberInk">
              no network; you can go on logging
            </Box>
          )
        )}
      </Flex>
      {notKept && (
        <Box fontWeight="bold" color="amberInk">
          This tablet cannot save anything. What you log goes to the board at once; do not reload this page
          while something waits.
        </Box>
      )}
      {held && waiting.length > 0 && <Box color="amberInk">{held} It is tried again.</Box>}
      {refused.length > 0 && (
        <Suspense fallback={null}>
          <RefusedEntries {...{ outbox, onDiscard, onAgain }} />
        </Suspense>
      )}
    </Box>
  );
}
