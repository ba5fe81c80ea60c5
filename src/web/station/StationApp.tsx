import { ChakraProvider } from '@chakra-ui/react';
import { stationSystem } from '../theme/system';
import { StationPage } from './StationPage';

/** The program as a tablet at a station has it. */
export function StationApp(place: { runId: string; station: string }) {
  return (
    <ChakraProvider value={stationSystem}>
      <StationPage {...place} />
    </ChakraProvider>
  );
}
