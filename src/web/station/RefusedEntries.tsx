import { Box } from '@chakra-ui/react';
import { recordedInWords } from '../../core/run';
import type { OutboxState } from '../outbox/outbox';
import { WordButton } from '../ui/Button';

interface RefusedEntriesProps {
  outbox: OutboxState;
  onDiscard(id: string): Promise<void>;
  onAgain(id: string): Promise<void>;
}

/** What the server would not have, each with its reason and two ways on. */
export function RefusedEntries({ outbox: { refused, notKept }, onDiscard, onAgain }: RefusedEntriesProps) {
  return refused.map(({ entry, why }) => (
    <Box key={entry.id} role="alert" color="ember" mt="1">
      <strong>
        Not taken: {entry.body.kind === 'correction' ? 'a correction' : recordedInWords(entry.body)}.
      </strong>{' '}
      {why}. {notKept ? 'It is still on this page.' : 'It is still saved here.'}{' '}
      <WordButton onClick={() => void onAgain(entry.id)}>try again</WordButton>{' '}
      <WordButton onClick={() => void onDiscard(entry.id)}>let it go</WordButton>
    </Box>
  ));
}
