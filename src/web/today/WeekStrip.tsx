import { Box, Flex, Heading } from '@chakra-ui/react';
import { format } from 'date-fns';
import { Check } from 'lucide-react';
import { Link as RouterLink } from 'react-router';
import type { RunSummary } from '../../contract/practicals';
import { calendarDay } from '../../core/days';
import type { Day } from './week';

/** The days of a week side by side, each with its lessons. */
export function WeekStrip({ name, days, now }: { name: string; days: readonly Day[]; now: number }) {
  return (
    <Box as="section" aria-label={name} mb="7">
      <Flex justify="space-between" align="baseline" mb="2">
        <Heading as="h2" fontFamily="heading" fontSize="md" fontWeight="semibold" color="tawny">
          {name}
        </Heading>
        <Box
          asChild
          fontSize="sm"
          color="tawnyDeep"
          fontWeight="semibold"
          textDecoration="underline"
          textUnderlineOffset="3px"
        >
          <RouterLink to={`/week?from=${calendarDay(days[0]!.date.getTime())}`}>by its bells</RouterLink>
        </Box>
      </Flex>
      <Box
        display="grid"
        gridTemplateColumns={{ base: '1fr', md: `repeat(${days.length}, 1fr)` }}
        borderTopWidth="2px"
        borderColor="strongRule"
      >
        {days.map((day, i) => (
          <Box
            key={day.date.getTime()}
            borderLeftWidth={{ md: i === 0 ? 0 : '1px' }}
            borderColor="rule"
            px="2.5"
            pt="2"
            pb="3"
            minH={{ base: day.runs.length > 0 ? 'auto' : '0', md: name === 'This week' ? '168px' : '96px' }}
            bg={day.today ? 'sheet' : undefined}
            minW="0"
          >
            <Flex align="baseline" gap="1.5" mb="2" fontSize="sm">
              <Box
                as="span"
                fontWeight={day.today ? 'bold' : 'semibold'}
                color={day.today ? 'tawnyDeep' : 'soft'}
              >
                {format(day.date, 'EEE')}
              </Box>
              <Box
                as="span"
                color={day.today ? 'tawnyDeep' : 'soft'}
                fontWeight={day.today ? 'bold' : 'normal'}
              >
                {format(day.date, 'd MMM')}
              </Box>
              {day.today && (
                <Box as="span" ml="auto" color="tawnyDeep" fontWeight="bold">
                  today
                </Box>
              )}
            </Flex>
            {day.runs.map((run) => (
              <Lesson key={run.id} run={run} now={now} />
            ))}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function Lesson({ run, now }: { run: RunSummary; now: number }) {
  const to = `/runs/${run.id}/${run.status === 'finished' ? 'results' : 'bench'}`;
  const running = run.status === 'running';
  const missed = run.status === 'planned' && run.startsAt + run.periodMinutes * 60_000 < now;
  return (
    <Box
      asChild
      display="block"
      mb="2"
      pl="2.5"
      py="1"
      borderLeftWidth="4px"
      borderColor={running ? 'tawny' : run.status === 'finished' ? 'moss' : 'strongRule'}
      bg={running ? 'tawnyWash' : undefined}
      borderRadius="2px"
      lineHeight="1.3"
      _hover={{ bg: 'tawnyWash' }}
    >
      <RouterLink to={to}>
        <Flex align="baseline" gap="2">
          <strong>{format(run.startsAt, 'HH:mm')}</strong>
          <Box as="span" fontWeight="semibold">
            {run.className}
          </Box>
        </Flex>
        <Box>{run.title}</Box>
        <Flex
          fontSize="sm"
          color={running ? 'tawnyDeep' : 'soft'}
          fontWeight={running ? 'bold' : 'normal'}
          align="center"
          gap="1"
        >
          {run.status === 'finished' && <Check size={14} aria-hidden />}
          {running ? 'going on' : run.status === 'finished' ? 'done' : missed ? 'not started' : run.roomName}
        </Flex>
      </RouterLink>
    </Box>
  );
}
