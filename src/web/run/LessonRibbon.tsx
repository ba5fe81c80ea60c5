import { Box, Flex } from '@chakra-ui/react';
import { format } from 'date-fns';
import { useMemo } from 'react';
import type { Run } from '../../contract/runs';
import { stationWay, type LessonTimetable } from '../../core/timetable';
import { useRunTimetable } from '../api/queries';

/**
 * The lesson as a ribbon from the start of the run to the bell, with a bead where we are: the way of the station that is done
 * last. Until the timetable is laid out, the bell alone.
 */
export function LessonRibbon({ run, now }: { run: Run; now: number }) {
  const started = run.startedAt ?? run.startsAt;
  const { data: laid } = useRunTimetable(run.id);
  const timetable = laid?.timetable ?? null;
  const segments = useMemo(() => (timetable ? segmentsOf(timetable) : []), [timetable]);
  const bell = run.startsAt + run.plan.periodMinutes * 60_000;
  const bellMinute = (bell - started) / 60_000;
  const span = Math.max(segments.at(-1)?.to ?? 0, bellMinute, 1);
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
        <SegmentBar key={segment.id} segment={segment} span={span} minute={minute} />
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

interface Segment {
  id: string;
  name: string;
  /** Minutes since the first step began. */
  from: number;
  to: number;
  title: string;
}

/** What the station that is done last does, by the timetable; where two things go on at once, the one that began. */
function segmentsOf(timetable: LessonTimetable): Segment[] {
  const { bars } = stationWay(timetable);
  const first = bars.find(({ kind }) => kind === 'step')?.startMin ?? 0;
  let until = first;
  return bars.flatMap(({ id, words, startMin, endMin }): Segment[] => {
    const from = Math.max(startMin, until);
    if (endMin <= from) return [];
    until = endMin;
    return [{ id, name: firstWords(words), from: from - first, to: endMin - first, title: words }];
  });
}

/** One step of the ribbon, filled as far as its time has gone. */
function SegmentBar({ segment, span, minute }: { segment: Segment; span: number; minute: number }) {
  const { from, to, name, title } = segment;
  const present = minute >= from && minute < to;
  const share = Math.max(0, Math.min(1, (minute - from) / (to - from || 1)));
  return (
    <Box
      position="absolute"
      pr="3px"
      style={{ left: `${(from / span) * 100}%`, width: `${((to - from) / span) * 100}%` }}
      title={title}
    >
      <Box
        fontSize="xs"
        color={present ? 'ink' : 'soft'}
        fontWeight={present ? 'bold' : 'normal'}
        h="17px"
        truncate
      >
        {to - from > span * 0.05 ? name : ''}
      </Box>
      <Box h="8px" borderRadius="4px" overflow="hidden" bg="rule">
        <Box h="100%" bg={minute >= to ? 'strongRule' : 'tawny'} style={{ width: `${share * 100}%` }} />
      </Box>
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
