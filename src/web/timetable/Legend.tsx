import { Box, Flex } from '@chakra-ui/react';
import { waitingHatch } from '../ui/waiting-hatch';

/** What the marks of a timetable mean. */
export function Legend({ odds }: { odds: boolean }) {
  const mark = (css: object, words: string) => (
    <Flex align="center" gap="1.5">
      <Box w="18px" h="9px" borderRadius="2px" css={{ printColorAdjust: 'exact', ...css }} /> {words}
    </Flex>
  );
  return (
    <Flex wrap="wrap" columnGap="4" fontSize="xs" color="soft" mt="1">
      {mark({ bg: 'tawny' }, 'hands')}
      {mark(waitingHatch, 'waiting')}
      {mark({ bg: 'tawny', borderBottom: '2px solid', borderColor: 'ink' }, 'on the way to the last end')}
      {mark({ bg: 'tawnyWash', borderWidth: '1px', borderColor: 'amber' }, 'waits for something shared')}
      {mark({ bg: 'ember', height: '4px' }, 'the teacher stands by')}
      {mark({ bg: 'glass', height: '9px' }, 'hands washed')}
      <Flex align="center" gap="1.5">
        <Box as="span" fontSize="2xs">
          ▼
        </Box>
        look early
      </Flex>
      {odds && mark({ bg: 'moss', height: '4px' }, 'where nine in ten such lessons end')}
    </Flex>
  );
}
