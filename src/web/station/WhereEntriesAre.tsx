import { Box, Flex } from '@chakra-ui/react';
import { recordedInWords } from '../../core/run';
import type { OutboxState } from '../outbox/outbox';
import { WordButton } from '../ui/Button';

interface WhereEntriesAreProps {
  outbox: OutboxState;
  connected: boolean;
  onDiscard(id: string): Promise<void>;
}

/** Says plainly whether what was logged here is saved on this device or has reached the board. */
export function WhereEntriesAre({ outbox, connected, onDiscard }: WhereEntriesAreProps) {
  const { waiting, received, refused, away } = outbox;
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
            {waiting.length} saved here{away || !connected ? ', no network' : ', on the way'}
          </Box>
        ) : (
          (away || !connected) && (
            <Box fontWeight="bold" color="amberInk">
              no network; you can go on logging
            </Box>
          )
        )}
      </Flex>
      {refused.map(({ entry, why }) => (
        <Box key={entry.id} role="alert" color="ember" mt="1">
          <strong>
            Not taken: {entry.body.kind === 'correction' ? 'a correction' : recordedInWords(entry.body)}.
          </strong>{' '}
          {why}. It is still saved here.{' '}
          <WordButton onClick={() => void onDiscard(entry.id)}>let it go</WordButton>
        </Box>
      ))}
    </Box>
  );
}
