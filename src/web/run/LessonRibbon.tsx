import { Box, Flex } from '@chakra-ui/react';
import { format } from 'date-fns';
import type { Run } from '../../contract/runs';
import { timetableOf } from '../../core/practical';
import { eventOf } from '../../core/run';

/** The lesson as a ribbon from the start of the run to the bell, with a bead where we are. */
export function LessonRibbon({ run, now }: { run: Run; now: number }) {
  const started = run.startedAt ?? run.startsAt;
  const { steps } = timetableOf(run.plan);
  const first = steps[0]?.startMinute ?? 0;
  const segments = [
    ...steps.map(({ step, startMinute, endMinute }) => ({
      id: step.id,
      name: firstWords(step.text),
      from: startMinute - first,
      to: endMinute - first,
      title: eventOf(step),
    })),
    {
      id: 'clear-up',
      name: 'clear up',
      from: (steps.at(-1)?.endMinute ?? first) - first,
      to: (steps.at(-1)?.endMinute ?? first) - first + run.plan.clearUpMinutes,
      title: 'clearing up',
    },
  ];
  const bell = run.startsAt + run.plan.periodMinutes * 60_000;
  const bellMinute = (bell - started) / 60_000;
  const span = Math.max(segments.at(-1)!.to, bellMinute, 1);
  const minute = (now - started) / 60_000;
  const at = Math.max(0, Math.min(1, minute / span));
  // Near the bell the two labels would run into each other: they become one.
  const apart = Math.abs(at - bellMinute / span) > 0.14;
  return (
    <Box
      position="relative"
      h="46px"
      aria-label={`${Math.round(minute)} minutes since the start; bell at ${format(bell, 'HH:mm')}`}
      role="img"
    >
      {segments.map((segment) => (
        <Box
          key={segment.id}
          position="absolute"
          pr="3px"
          style={{
            left: `${(segment.from / span) * 100}%`,
            width: `${((segment.to - segment.from) / span) * 100}%`,
          }}
          title={segment.title}
        >
          <Box
            fontSize="xs"
            color={minute >= segment.from && minute < segment.to ? 'ink' : 'soft'}
            fontWeight={minute >= segment.from && minute < segment.to ? 'bold' : 'normal'}
            h="17px"
            truncate
          >
            {segment.to - segment.from > span * 0.05 ? segment.name : ''}
          </Box>
          <Box h="8px" borderRadius="4px" overflow="hidden" bg="rule">
            <Box
              h="100%"
              bg={minute >= segment.to ? 'strongRule' : 'tawny'}
              style={{
                width: `${Math.max(0, Math.min(1, (minute - segment.from) / (segment.to - segment.from || 1))) * 100}%`,
              }}
            />
          </Box>
        </Box>
      ))}
      <Box
        position="absolute"
        top="11px"
        w="18px"
        h="18px"
        ml="-9px"
        borderRadius="full"
        bg="sheet"
        borderWidth="5px"
        borderColor="tawny"
        style={{ left: `${at * 100}%` }}
      />
      <Flex
        position="absolute"
        top="30px"
        fontSize="sm"
        fontWeight="bold"
        style={at > 0.5 ? { right: `${(1 - at) * 100}%` } : { left: `${at * 100}%` }}
        px="1"
        lineHeight="1.1"
      >
        {format(now, 'HH:mm')}
        {!apart && (
          <Box as="span" fontSize="xs" fontWeight="normal" color="soft" ml="1.5" lineHeight="1.3">
            bell {format(bell, 'HH:mm')}
          </Box>
        )}
      </Flex>
      {apart && (
        <Box
          position="absolute"
          top="30px"
          fontSize="xs"
          color="soft"
          style={{ right: `${Math.max(0, 1 - bellMinute / span) * 100}%` }}
          lineHeight="1.3"
        >
          bell {format(bell, 'HH:mm')}
        </Box>
      )}
    </Box>
  );
}

/** “Heat without stirring” of a longer sentence. */
const firstWords = (text: string) =>
  text
    .split(/[.,;:]/)[0]!
    .split(' ')
    .slice(0, 4)
    .join(' ');
