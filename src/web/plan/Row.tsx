import { Box, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A line of a section: a quiet word, and what it says. */
export function Row({ name, children }: { name: string; children: ReactNode }) {
  return (
    <Flex align="baseline" gap="3" py="0.5" wrap={{ base: 'wrap', sm: 'nowrap' }}>
      <Box as="span" color="soft" flexShrink={0} w="6.2rem">
        {name}
      </Box>
      <Box minW="0" flex="1">
        {children}
      </Box>
    </Flex>
  );
}
