import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bitter';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { tabletPageAt } from './api/tablet-pages';
import { Boundary } from './offline/Boundary';
import { keepOffline } from './offline/keep-offline';
import './theme/print.css';

const App = lazy(() => import('./app').then((app) => ({ default: app.App })));
const StationApp = lazy(() => import('./station/StationApp').then((app) => ({ default: app.StationApp })));

/** A tablet at a station fetches the page of its station and nothing of the teacher’s. */
const page = tabletPageAt(window.location.pathname);

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <Boundary>
      <Suspense fallback={<p style={{ padding: '2rem' }}>One moment …</p>}>
        {page ? <StationApp page={page} /> : <App />}
      </Suspense>
    </Boundary>
  </StrictMode>,
);

if (page) keepOffline();
