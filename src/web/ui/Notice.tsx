import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A sentence across the sheet: what happened, what was kept, what to do. */
export function Notice({ kind, children }: { kind: 'stop' | 'kept'; children: ReactNode }) {
  return (
    <Box
      role={kind === 'stop' ? 'alert' : 'status'}
      borderWidth="1px"
      borderColor={kind === 'stop' ? 'ember' : 'moss'}
      bg={kind === 'stop' ? 'emberWash' : 'mossWash'}
      borderRadius="6px"
      px="4"
      py="2.5"
    >
      {children}
    </Box>
  );
}

/** What stands while something is fetched, or when it could not be. */
export function Waiting({ error }: { error?: unknown }) {
  return (
    <Box p="8" color="soft" role={error ? 'alert' : 'status'}>
      {error ? (error instanceof Error ? error.message : 'It could not be read.') : 'One moment …'}
    </Box>
  );
}
