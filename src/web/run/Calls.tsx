import { Aside } from '../ui/Aside';
import { Box, Heading } from '@chakra-ui/react';
import type { Call } from '../../core/run';
import { RemarkCard } from '../margin/RemarkCard';

const most = 6;

interface CallsProps {
  calls: readonly Call[];
  allFinished: boolean;
  onAct(line: string): void;
}

/** What needs the teacher now, in words, most urgent first. */
export function Calls({ calls, allFinished, onAct }: CallsProps) {
  return (
    <Aside name="Needs you now" px="5" py="4" overflowY="auto">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold">
        Needs you now
      </Heading>
      <Box aria-live="polite" aria-atomic="false">
        {calls.slice(0, most).map((call) => (
          <Box key={call.id} borderBottomWidth="1px" borderColor="rule" py="1">
            <RemarkCard
              said={call}
              action={call.action && { label: call.action.label, take: () => onAct(call.action!.line) }}
            />
          </Box>
        ))}
      </Box>
      {calls.length > most && (
        <Box color="soft" fontSize="sm" mt="2">
          and {calls.length - most} more
        </Box>
      )}
      {calls.length === 0 && (
        <Box color="soft" mt="2">
          {allFinished ? 'Nothing. All stations are finished.' : 'Nothing. All stations are on their way.'}
        </Box>
      )}
    </Aside>
  );
}
