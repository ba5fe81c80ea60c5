import { Box, Heading } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** One section of the sheet: its name in a quiet column, its lines beside it. */
export function Section({ name, anchor, children }: { name: string; anchor?: string; children: ReactNode }) {
  return (
    <Box
      as="section"
      aria-label={name}
      data-anchor={anchor}
      display="grid"
      gridTemplateColumns={{ base: '1fr', md: '118px 1fr' }}
      gap={{ base: '2', md: '4' }}
      py="5"
      borderTopWidth="1px"
      borderColor="rule"
      _first={{ borderTopWidth: 0 }}
    >
      <Heading as="h2" fontFamily="heading" fontSize="md" fontWeight="semibold" color="tawny" pt="0.5">
        {name}
      </Heading>
      <Box minW="0">{children}</Box>
    </Box>
  );
}
