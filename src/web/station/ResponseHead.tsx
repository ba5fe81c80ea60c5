import { Box } from '@chakra-ui/react';
import type { Response } from '../../core/practical';

/** What is measured, with what, and what is there of it already; empty for nothing. */
export function ResponseHead({ response, there }: { response: Response; there: string }) {
  return (
    <>
      <Box fontWeight="bold">
        {response.name}
        {there !== '' && (
          <Box as="span" color="moss" fontWeight="semibold" ml="2">
            ✓ {there}
          </Box>
        )}
      </Box>
      {response.instrument && (
        <Box color="soft" fontSize="sm">
          {response.instrument}
        </Box>
      )}
    </>
  );
}
