import { Box } from '@chakra-ui/react';
import type { Step } from '../../core/practical';
import { waitingHatch } from '../ui/waiting-hatch';

interface TimeBarProps {
  bar: { from: number; to: number; until: number } | null;
  hands: Step['hands'];
  lookShare: number | null;
}

/**
 * Minutes as a bar at their place in the period, as the timetable has them: solid for hands, hatched for waiting, a notch for
 * the early look, and a thin line for as long as others still do it.
 */
export function TimeBar({ bar, hands, lookShare }: TimeBarProps) {
  return (
    <Box
      w={{ base: '100%', lg: '150px' }}
      flexShrink={0}
      h="22px"
      position="relative"
      aria-hidden
      order={{ base: 1, lg: 0 }}
    >
      <Box position="absolute" left="0" right="0" top="11px" h="1px" bg="rule" />
      {bar && bar.until > bar.to && (
        <Box
          position="absolute"
          top="10px"
          h="3px"
          bg="strongRule"
          style={{ left: `${bar.to * 100}%`, width: `${(bar.until - bar.to) * 100}%` }}
        />
      )}
      {bar && (
        <Box
          position="absolute"
          top="6px"
          h="10px"
          borderRadius="2px"
          style={{ left: `${bar.from * 100}%`, width: `max(3px, ${(bar.to - bar.from) * 100}%)` }}
          css={hands === 'hands-on' ? { bg: 'tawny' } : waitingHatch}
        >
          {lookShare !== null && lookShare <= 1 && (
            <Box
              position="absolute"
              top="-4px"
              h="18px"
              w="2px"
              bg="ink"
              style={{ left: `${lookShare * 100}%` }}
            />
          )}
        </Box>
      )}
    </Box>
  );
}
