import { Box, Flex } from '@chakra-ui/react';
import { addDays, format } from 'date-fns';
import { Link as RouterLink } from 'react-router';
import type { Run } from '../../contract/runs';
import { formatTemperature } from '../../core/format';
import { boilingIn } from '../../core/practical';
import type { Rank } from '../../core/remark';
import { useJobs, useRunOnce, useRunRemarks, useRunTimetable } from '../api/queries';
import { JobLines } from './JobLines';
import { Part } from './Part';
import { RankMark, rankColours, rankWords } from '../ui/RankMark';

/** A run’s jobs on their days, and what its plan still lacks. */
export function BeforeTheBell({ runId, now }: { runId: string; now: number }) {
  const { data: told } = useRunTimetable(runId);
  return (
    <>
      {told && told.jobs.length > 0 && (
        <Part name="Jobs around it">
          <JobLines jobs={told.jobs} now={now} />
          {told.clashes.map((clash) => (
            <ClashLine key={clash.words} {...clash} />
          ))}
        </Part>
      )}
      <StillMissing runId={runId} />
    </>
  );
}

/** Jobs of all lessons in the days to come, soonest first. */
export function JobsAhead({ now }: { now: number }) {
  const today = new Date(now).setHours(0, 0, 0, 0);
  const { data, error } = useJobs(today, addDays(today, 8).getTime());
  const jobs = data?.jobs ?? [];
  return (
    <Part name="Jobs">
      {error && <Box color="soft">The jobs could not be read.</Box>}
      {data && jobs.length === 0 && (
        <Box color="soft">None in the next seven days: no lesson has a step before or after it.</Box>
      )}
      <JobLines jobs={jobs} now={now} named />
      {data?.clashes.map((clash) => (
        <ClashLine key={`${clash.runId} ${clash.words}`} {...clash} />
      ))}
    </Part>
  );
}

/** What cannot hold, and the days on which it would. */
function ClashLine({ words, daysThatHold }: { words: string; daysThatHold: number[] }) {
  return (
    <Missing rank="stop">
      {words +
        (daysThatHold.length > 0
          ? ` A lesson on ${daysThatHold.map((day) => format(day, 'EEE d MMM')).join(' or ')} would hold.`
          : '')}
    </Missing>
  );
}

/** What is still missing of a run. */
export function StillMissing({ runId }: { runId: string }) {
  const { data } = useRunOnce(runId);
  if (!data) return null;
  return (
    <Part name="Still missing">
      <MissingOf run={data.run} />
    </Part>
  );
}

/** What the margin of the plan still says, and whether water’s boiling point was measured where syrup is boiled. */
function MissingOf({ run }: { run: Run }) {
  const { plan, place } = run;
  const remarks = useRunRemarks(run.id);
  const open = remarks.data?.open.filter((remark) => remark.rank !== 'note') ?? [];
  const boiling = boilingIn(place);
  const inSyrup = plan.thermometers.some((one) => one.in === 'syrup');
  return (
    <>
      {open.map((remark) => (
        <Missing key={remark.id} rank={remark.rank}>
          {remark.what}
        </Missing>
      ))}
      {inSyrup && boiling.basis !== 'measured' && (
        <Missing rank="note">
          {`No boiling point measured in ${place.name}: targets rest on ${formatTemperature(boiling.boilingC)}.`}
        </Missing>
      )}
      {remarks.error && <Box color="soft">The margin of the plan could not be read.</Box>}
      {remarks.data && open.length === 0 && !inSyrup && <Box color="soft">Nothing. The plan is ready.</Box>}
      {(open.length > 0 || inSyrup) && (
        <Box
          asChild
          mt="1"
          fontSize="sm"
          color="tawnyDeep"
          fontWeight="semibold"
          textDecoration="underline"
          textUnderlineOffset="3px"
          display="inline-block"
        >
          <RouterLink to={`/practicals/${run.practicalId}/plan?run=${run.id}`}>open the plan</RouterLink>
        </Box>
      )}
    </>
  );
}

function Missing({ rank, children }: { rank: Rank; children: string }) {
  return (
    <Flex gap="3" py="1.5">
      <RankMark rank={rank} />
      <Box lineHeight="1.35">
        <Box as="span" fontWeight="bold" fontSize="sm" color={rankColours[rank]}>
          {rankWords[rank]}
        </Box>{' '}
        {children}
      </Box>
    </Flex>
  );
}
