import { ChakraProvider } from '@chakra-ui/react';
import { lazy, Suspense } from 'react';
import { stationSystem } from '../theme/system';
import { Waiting } from '../ui/Notice';
import type { TabletPage } from '../api/tablet-pages';
import { StationPage } from './StationPage';

const JoinPage = lazy(() => import('./JoinPage').then((page) => ({ default: page.JoinPage })));

/** The program as a tablet at a station has it. */
export function StationApp({ page }: { page: TabletPage }) {
  return (
    <ChakraProvider value={stationSystem}>
      <Suspense fallback={<Waiting />}>
        {page.kind === 'join' ? <JoinPage /> : <StationPage runId={page.runId} station={page.station} />}
      </Suspense>
    </ChakraProvider>
  );
}
