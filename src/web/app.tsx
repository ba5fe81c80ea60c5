import { ChakraProvider } from '@chakra-ui/react';
import { lazy, Suspense } from 'react';
import { QueryClientProvider } from '@tanstack/react-query';
import { BrowserRouter, Route, Routes } from 'react-router';
import { queryClient } from './api/queries';
import { GoAnywhere } from './frame/GoAnywhere';
import { Shelf } from './shelf/Shelf';
import { fullSystem } from './theme/full-system';
import { Waiting } from './ui/Notice';
import { Door } from './who/Door';
import { Lost } from './frame/Lost';

const TodayPage = lazy(() => import('./today/TodayPage').then((page) => ({ default: page.TodayPage })));
const PlanPage = lazy(() => import('./plan/PlanPage').then((page) => ({ default: page.PlanPage })));
const PastePage = lazy(() => import('./paste/PastePage').then((page) => ({ default: page.PastePage })));
const RiskPage = lazy(() => import('./risk/RiskPage').then((page) => ({ default: page.RiskPage })));
const SchoolPage = lazy(() => import('./school/SchoolPage').then((page) => ({ default: page.SchoolPage })));
const RoomPage = lazy(() => import('./rooms/RoomPage').then((page) => ({ default: page.RoomPage })));
const WeekPage = lazy(() => import('./week/WeekPage').then((page) => ({ default: page.WeekPage })));
const LibraryPage = lazy(() =>
  import('./library/LibraryPage').then((page) => ({ default: page.LibraryPage })),
);
const RevisionsPage = lazy(() =>
  import('./library/RevisionsPage').then((page) => ({ default: page.RevisionsPage })),
);
const HomePage = lazy(() => import('./home/HomePage').then((page) => ({ default: page.HomePage })));
const TrialPage = lazy(() => import('./trial/TrialPage').then((page) => ({ default: page.TrialPage })));
const RunsPage = lazy(() => import('./run/RunsPage').then((page) => ({ default: page.RunsPage })));
const BenchPage = lazy(() => import('./run/BenchPage').then((page) => ({ default: page.BenchPage })));
const ResultsPage = lazy(() =>
  import('./results/ResultsPage').then((page) => ({ default: page.ResultsPage })),
);
const RunWallPage = lazy(() => import('./wall/WallPage').then((page) => ({ default: page.RunWallPage })));
const PlanWallPage = lazy(() => import('./wall/WallPage').then((page) => ({ default: page.PlanWallPage })));
const ReportPage = lazy(() => import('./report/ReportPage').then((page) => ({ default: page.ReportPage })));
const PrepPage = lazy(() => import('./prep/PrepPage').then((page) => ({ default: page.PrepPage })));
const WeighOutPage = lazy(() =>
  import('./weighing/WeighOutPage').then((page) => ({ default: page.WeighOutPage })),
);
const OrderPage = lazy(() => import('./order/OrderPage').then((page) => ({ default: page.OrderPage })));
const ShoppingPage = lazy(() =>
  import('./order/ShoppingPage').then((page) => ({ default: page.ShoppingPage })),
);
const JobsPage = lazy(() => import('./ticks/JobsPage').then((page) => ({ default: page.JobsPage })));
const PacksPage = lazy(() => import('./pantry/PacksPage').then((page) => ({ default: page.PacksPage })));
const ThermometersPage = lazy(() =>
  import('./rooms/ThermometersPage').then((page) => ({ default: page.ThermometersPage })),
);

/** Every address of the teacher’s. Each page is fetched when it is first opened. */
export function App() {
  return (
    <ChakraProvider value={fullSystem}>
      <QueryClientProvider client={queryClient}>
        <BrowserRouter>
          <Door>
            <GoAnywhere>
              <Shelf>
                <Suspense fallback={<Waiting />}>
                  <Routes>
                    <Route path="/" element={<TodayPage />} />
                    <Route path="/paste" element={<PastePage />} />
                    <Route path="/school" element={<SchoolPage />} />
                    <Route path="/rooms/:roomId" element={<RoomPage />} />
                    <Route path="/week" element={<WeekPage />} />
                    <Route path="/library" element={<LibraryPage />} />
                    <Route path="/practicals/:practicalId/revisions" element={<RevisionsPage />} />
                    <Route path="/practicals/:practicalId/paste" element={<PastePage />} />
                    <Route path="/practicals/:practicalId/risk" element={<RiskPage />} />
                    <Route path="/practicals/:practicalId/home" element={<HomePage />} />
                    <Route path="/practicals/:practicalId/trial" element={<TrialPage />} />
                    <Route path="/practicals/:practicalId/plan" element={<PlanPage />} />
                    <Route path="/practicals/:practicalId/run" element={<RunsPage />} />
                    <Route path="/runs/:runId/prep" element={<PrepPage />} />
                    <Route path="/runs/:runId/weigh-out" element={<WeighOutPage />} />
                    <Route path="/order" element={<OrderPage />} />
                    <Route path="/shopping" element={<ShoppingPage />} />
                    <Route path="/jobs" element={<JobsPage />} />
                    <Route path="/school/packs" element={<PacksPage />} />
                    <Route path="/rooms/:roomId/thermometers" element={<ThermometersPage />} />
                    <Route path="/runs/:runId/bench" element={<BenchPage />} />
                    <Route path="/practicals/:practicalId/timetable" element={<PlanWallPage />} />
                    <Route path="/runs/:runId/timetable" element={<RunWallPage />} />
                    <Route path="/runs/:runId/results" element={<ResultsPage />} />
                    <Route path="/runs/:runId/report" element={<ReportPage />} />
                    <Route path="*" element={<Lost />} />
                  </Routes>
                </Suspense>
              </Shelf>
            </GoAnywhere>
          </Door>
        </BrowserRouter>
      </QueryClientProvider>
    </ChakraProvider>
  );
}
