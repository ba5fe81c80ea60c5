import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bitter';
import { ChakraProvider } from '@chakra-ui/react';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { stationIn } from './station/station-address';
import './theme/print.css';
import { system } from './theme/system';
import { Waiting } from './ui/Notice';

const App = lazy(() => import('./app').then((app) => ({ default: app.App })));
const StationPage = lazy(() =>
  import('./station/StationPage').then((page) => ({ default: page.StationPage })),
);

/** A tablet at a station fetches the page of its station and nothing of the teacher’s. */
const station = stationIn(window.location.pathname);

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <ChakraProvider value={system}>
      <Suspense fallback={<Waiting />}>{station ? <StationPage {...station} /> : <App />}</Suspense>
    </ChakraProvider>
  </StrictMode>,
);
