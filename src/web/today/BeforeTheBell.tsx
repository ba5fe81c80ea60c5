import { Box, Flex, Heading } from '@chakra-ui/react';
import { format, isSameDay } from 'date-fns';
import type { ReactNode } from 'react';
import { Link as RouterLink } from 'react-router';
import type { Run } from '../../contract/runs';
import { formatTemperature } from '../../core/format';
import { boilingIn, stepMinutes, type Plan } from '../../core/practical';
import type { Rank } from '../../core/remark';
import { useRunOnce, useRunRemarks } from '../api/queries';
import { RankMark, rankColours, rankWords } from '../ui/RankMark';

/** Jobs with their clock times, and what the plan still lacks. */
export function BeforeTheBell({ runId, now }: { runId: string; now: number }) {
  const { data } = useRunOnce(runId);
  if (!data) return null;
  const { run } = data;
  const jobs = jobsBefore(run.plan, run.startsAt);
  return (
    <>
      {jobs.length > 0 && run.status === 'planned' && (
        <Part name="Before the bell">
          {jobs.map(({ at, text }) => (
            <Flex
              key={text}
              gap="3"
              py="1.5"
              borderBottomWidth="1px"
              borderColor="rule"
              color={at < now ? 'soft' : 'ink'}
            >
              <Box fontWeight="bold" flexShrink={0} w="3.2rem">
                {format(at, isSameDay(at, run.startsAt) ? 'HH:mm' : 'EEE HH:mm')}
              </Box>
              <Box>{text}</Box>
            </Flex>
          ))}
        </Part>
      )}
      <Part name="Still missing">
        <StillMissing run={run} />
      </Part>
    </>
  );
}

/** What the margin of the plan still says, and whether water’s boiling point was measured where syrup is boiled. */
function StillMissing({ run }: { run: Run }) {
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

function Part({ name, children }: { name: string; children: ReactNode }) {
  return (
    <Box as="section" aria-label={name} mt="7">
      <Heading as="h3" fontFamily="heading" fontSize="md" fontWeight="semibold" color="tawny" mb="1.5">
        {name}
      </Heading>
      {children}
    </Box>
  );
}

/** Steps that happen before the lesson, each at the time it must begin to be ready for the bell. */
function jobsBefore(plan: Plan, bell: number): { at: number; text: string }[] {
  return plan.steps
    .filter((step) => step.when === 'before')
    .map((step) => ({
      at: bell + step.day * 86_400_000 - (stepMinutes(step)?.most ?? 0) * 60_000,
      text: step.text,
    }))
    .sort((a, b) => a.at - b.at);
}
