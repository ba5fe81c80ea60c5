import { lazy, Suspense } from 'react';
import { BrowserRouter, Route, Routes } from 'react-router';
import { Waiting } from './ui/Notice';
import { Lost } from './ui/Lost';

const TodayPage = lazy(() => import('./today/TodayPage').then((page) => ({ default: page.TodayPage })));
const PlanPage = lazy(() => import('./plan/PlanPage').then((page) => ({ default: page.PlanPage })));

/** Every address of the program. Each page is fetched when it is first opened. */
export function App() {
  return (
    <BrowserRouter>
      <Suspense fallback={<Waiting />}>
        <Routes>
          <Route path="/" element={<TodayPage />} />
          <Route path="/practicals/:practicalId/plan" element={<PlanPage />} />
          <Route path="*" element={<Lost />} />
        </Routes>
      </Suspense>
    </BrowserRouter>
  );
}
