import { Box, Heading } from '@chakra-ui/react';
import { format, isSameDay } from 'date-fns';
import { Link as RouterLink } from 'react-router';
import type { RunSummary } from '../../contract/practicals';
import { formatDuration } from '../../core/format';
import { MainButton } from '../ui/Button';
import { StillMissing } from './BeforeTheBell';

/** The lesson that matters now: how long until its bell, its jobs before it, what is missing. */
export function NextLesson({ run, now }: { run: RunSummary; now: number }) {
  const running = run.status === 'running';
  const endsAt = run.startsAt + run.periodMinutes * 60_000;
  return (
    <>
      <Box fontSize="sm" color="soft" fontWeight="semibold">
        {running ? 'Going on now' : 'Next lesson'}
      </Box>
      <Box
        fontFamily="heading"
        fontSize="4xl"
        fontWeight="semibold"
        lineHeight="1.1"
        mt="1"
        css={{ fontVariantNumeric: 'tabular-nums' }}
      >
        {running
          ? endsAt > now
            ? `${formatDuration((endsAt - now) / 1000)} left`
            : 'past the bell'
          : `in ${untilWords(run.startsAt - now)}`}
      </Box>
      <Heading as="h2" fontSize="lg" fontWeight="bold" mt="3" lineHeight="1.25">
        {run.className} · {run.title}
      </Heading>
      <Box color="soft">
        {!isSameDay(run.startsAt, now) && `${format(run.startsAt, 'EEEE')} `}
        {format(run.startsAt, 'HH:mm')} to {format(endsAt, 'HH:mm')} · {run.roomName}
      </Box>
      <MainButton asChild mt="4" display="inline-flex" alignItems="center">
        <RouterLink to={`/runs/${run.id}/bench`}>{running ? 'To the bench' : 'Open the run'}</RouterLink>
      </MainButton>
      <StillMissing runId={run.id} />
    </>
  );
}

function untilWords(ms: number): string {
  const hours = ms / 3_600_000;
  if (hours < 24) return formatDuration(ms / 1000);
  const days = Math.floor(hours / 24);
  return `${days} ${days === 1 ? 'day' : 'days'} ${Math.round(hours - days * 24)} h`;
}
