import { Box, Heading } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A named part beside the week. */
export function Part({ name, children }: { name: string; children: ReactNode }) {
  return (
    <Box as="section" aria-label={name} mt="7">
      <Heading as="h3" fontFamily="heading" fontSize="md" fontWeight="semibold" color="tawny" mb="1.5">
        {name}
      </Heading>
      {children}
    </Box>
  );
}
