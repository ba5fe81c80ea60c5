import { Box } from '@chakra-ui/react';
import { addDays, format } from 'date-fns';
import { Link as RouterLink } from 'react-router';
import type { RunSummary } from '../../contract/practicals';
import { counted } from '../../core/format';
import { usePrepOpen } from '../frame/use-prep-open';
import { Part } from './Part';

/** What is still missing for the lessons of the next three days. */
export function NextDays({ runs, now }: { runs: readonly RunSummary[]; now: number }) {
  const until = addDays(new Date(now).setHours(0, 0, 0, 0), 4).getTime();
  const near = runs.filter(
    ({ status, startsAt }) => status === 'planned' && startsAt > now && startsAt < until,
  );
  if (near.length === 0) return null;
  return (
    <Part name="To prepare, next three days">
      {near.map((run) => (
        <LessonLine key={run.id} run={run} />
      ))}
      <Box mt="1.5" fontSize="sm">
        {[
          ['/order', 'the order'],
          ['/jobs', 'jobs on a phone'],
          ['/school/packs', 'packs and stock'],
        ].map(([to, words]) => (
          <Box
            key={to}
            asChild
            mr="4"
            color="tawnyDeep"
            fontWeight="semibold"
            textDecoration="underline"
            textUnderlineOffset="3px"
          >
            <RouterLink to={to!}>{words}</RouterLink>
          </Box>
        ))}
      </Box>
    </Part>
  );
}

function LessonLine({ run }: { run: RunSummary }) {
  const open = usePrepOpen(run);
  const words = !open
    ? 'looking at what is still to do …'
    : open.short + open.open === 0
      ? 'all on the bench'
      : [
          open.short > 0 ? `${counted(open.short, 'tool')} too few` : '',
          open.open > 0
            ? `${open.open} to do: ${open.first.join(', ')}${open.open > open.first.length ? ' …' : ''}`
            : '',
        ]
          .filter(Boolean)
          .join('; ');
  return (
    <Box py="1" borderBottomWidth="1px" borderColor="rule" lineHeight="1.35">
      <Box asChild fontWeight="semibold" textDecoration="underline" textUnderlineOffset="2px">
        <RouterLink to={`/runs/${run.id}/prep`}>
          {format(run.startsAt, 'EEE HH:mm')} {run.className}, {run.title}
        </RouterLink>
      </Box>
      <Box fontSize="sm" color={open && open.short + open.open > 0 ? 'amberInk' : 'soft'}>
        {words}
      </Box>
    </Box>
  );
}
