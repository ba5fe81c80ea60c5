import { Box, Flex, Heading } from '@chakra-ui/react';
import { format } from 'date-fns';
import { Link as RouterLink, useParams } from 'react-router';
import type { RunSummary } from '../../contract/practicals';
import { usePractical } from '../api/queries';
import { PracticalFrame } from '../frame/PracticalFrame';
import { Waiting } from '../ui/Notice';
import { NewRunForm } from './NewRunForm';

const statusWords = { planned: 'planned', running: 'going on', finished: 'done' };

/** All runs of a practical, and the form for the next. */
export function RunsPage() {
  const { practicalId } = useParams();
  const { data: practical, error } = usePractical(practicalId);
  if (!practical) return <Waiting error={error} />;
  return (
    <PracticalFrame practical={practical} at="Run">
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }} px={{ base: '4', md: '7' }} py="6" gap="10">
        <Box flex="1" maxW="34rem">
          <NewRunForm practical={practical} />
        </Box>
        <Box flex="1">
          <Heading as="h2" fontFamily="heading" fontSize="xl" fontWeight="semibold" mb="2">
            Runs of this practical
          </Heading>
          {practical.runs.length === 0 && <Box color="soft">None yet.</Box>}
          {practical.runs.map((run) => (
            <RunLine key={run.id} run={run} />
          ))}
        </Box>
      </Flex>
    </PracticalFrame>
  );
}

function RunLine({ run }: { run: RunSummary }) {
  return (
    <Flex
      asChild
      py="2.5"
      gap="4"
      borderBottomWidth="1px"
      borderColor="rule"
      align="baseline"
      _hover={{ bg: 'tawnyWash' }}
    >
      <RouterLink to={`/runs/${run.id}/${run.status === 'finished' ? 'results' : 'bench'}`}>
        <Box w="9rem" fontWeight="bold">
          {format(run.startsAt, 'EEE d MMM HH:mm')}
        </Box>
        <Box flex="1">
          {run.className}, {run.roomName}
        </Box>
        <Box color="soft">{statusWords[run.status]}</Box>
      </RouterLink>
    </Flex>
  );
}
