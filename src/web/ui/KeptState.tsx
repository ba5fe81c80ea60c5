import { Box, Flex } from '@chakra-ui/react';
import { WordButton } from './Button';
import { Notice } from './Notice';
import type { Kept } from './use-kept';

/** Whether what is edited is kept; where it is not, why, and what can be done. */
export function KeptState<T>({ kept, what }: { kept: Kept<T>; what: string }) {
  const { state, why, stale } = kept;
  if (stale) {
    return (
      <Notice kind="stop">
        {what} was changed somewhere else after you opened it. Yours is still here.
        <Flex gap="4" mt="1">
          <WordButton onClick={kept.keepMine}>keep mine</WordButton>
          <WordButton onClick={kept.takeTheirs}>take theirs</WordButton>
        </Flex>
      </Notice>
    );
  }
  if (state === 'not kept') {
    return (
      <Notice kind="stop">
        Not kept yet: {why} <WordButton onClick={kept.again}>try again</WordButton>
      </Notice>
    );
  }
  return (
    <Box fontSize="sm" color={state === 'kept' ? 'moss' : 'soft'} aria-live="polite">
      {state === 'kept' ? 'Kept' : 'Keeping …'}
    </Box>
  );
}
