import { Box, Flex } from '@chakra-ui/react';
import { formatNumber } from '../../core/format';

/** Stations as empty seats. */
export function SeatRow({ seats }: { seats: number }) {
  return (
    <Flex
      gap="1"
      mt="1.5"
      wrap="wrap"
      justify="center"
      maxW="100%"
      aria-label={`${formatNumber(seats)} stations`}
      role="img"
    >
      {Array.from({ length: seats }, (_, i) => (
        <Box
          key={i}
          w="16px"
          h="16px"
          borderRadius="3px"
          borderWidth="1px"
          borderColor="strongRule"
          bg="paper"
        />
      ))}
    </Flex>
  );
}
