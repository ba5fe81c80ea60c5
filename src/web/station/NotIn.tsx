import { Box, Flex } from '@chakra-ui/react';
import { Join } from './JoinPage';
import { stationAddress } from '../../contract/routes';

interface NotInProps {
  runId: string;
  station: string;
  /** Entries on this tablet that are not on the board. */
  waiting?: number;
  finished?: boolean;
  onIn(): void;
}

/** A tablet that is not in at its station, or no longer: what is on it stays, and a code lets it in. */
export function NotIn({ runId, station, waiting = 0, finished = false, onIn }: NotInProps) {
  return (
    <Flex as="main" direction="column" minH="100dvh" maxW="520px" mx="auto" bg="sheet" p="6" gap="4">
      <Join
        title={`Station ${station}`}
        onJoined={(joined) => {
          if (joined.runId === runId && String(joined.station) === station) onIn();
          else window.location.assign(stationAddress(joined.runId, joined.station));
        }}
      >
        {finished
          ? 'Your teacher has ended this lesson. To go on measuring, ask for a new code.'
          : 'This tablet is not in at this station. Type the code on the station’s label, or ask your teacher.'}
      </Join>
      {waiting > 0 && (
        <Box role="status" fontWeight="bold" color="amberInk">
          {waiting} {waiting === 1 ? 'entry is' : 'entries are'} saved on this tablet and not yet on the
          board.
          {' They go there when you are in again.'}
        </Box>
      )}
    </Flex>
  );
}
