import { type ComponentType, lazy, Suspense } from 'react';
import { BrowserRouter, Navigate, Outlet, Route, Routes, useLocation } from 'react-router';
import { SWRConfig } from 'swr';
import { useMe } from '@/web/api/use-me';
import { coreWords } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { ErrorBoundary } from './ErrorBoundary';
import { PageBoundary } from './PageBoundary';
import { isFramed, isPlace } from './places';
import { SignInPage } from './SignInPage';
import { Waiting } from './Waiting';

/** A page is made when its words are there: some of them are said as its modules load. */
const page = <T extends ComponentType>(load: () => Promise<{ default: T }>) => lazy(() => coreWords().then(load));

// It names what waits by the words of the trade, which the sign-in page does without.
const NavBar = lazy(() => coreWords().then(() => import('./NavBar')));
const WaitsLine = lazy(() => coreWords().then(() => import('./WaitsLine')));
const JobsPage = page(() => import('@/web/jobs/JobsPage'));
const NewJobPage = page(() => import('@/web/jobs/NewJobPage'));
const JobPage = page(() => import('@/web/phases/JobPage'));
const LibraryPage = page(() => import('@/web/library/LibraryPage'));
const CylindersPage = page(() => import('@/web/cylinders/CylindersPage'));
const MemoryPage = page(() => import('@/web/memory/MemoryPage'));
const WeekPage = page(() => import('@/web/week/WeekPage'));
const SettingsPage = page(() => import('@/web/settings/SettingsPage'));
const PeoplePage = page(() => import('@/web/company/PeoplePage'));
const InstrumentsPage = page(() => import('@/web/company/InstrumentsPage'));
const TrailPage = page(() => import('@/web/trail/TrailPage'));
const SetupPage = page(() => import('@/web/company/SetupPage'));
const InvitationPage = page(() => import('@/web/company/InvitationPage'));
const PracticePage = page(() => import('@/web/practice/PracticePage'));
const RoundPage = page(() => import('@/web/practice/RoundPage'));
const FormulasPage = page(() => import('@/web/formulas/FormulasPage'));

export function App() {
  return (
    <ErrorBoundary>
      <SWRConfig value={{ dedupingInterval: 500, errorRetryInterval: 3000 }}>
        <BrowserRouter>
          <Suspense fallback={<Waiting />}>
            <Routes>
              <Route path="/sign-in" element={<SignInPage />} />
              <Route path="/setup" element={<SetupPage />} />
              <Route path="/invitation/:token" element={<InvitationPage />} />
              <Route element={<SignedIn />}>
                <Route path="/jobs" element={<JobsPage />} />
                <Route path="/jobs/new" element={<NewJobPage />} />
                <Route path="/jobs/:jobId/:phase?/:part?" element={<JobPage />} />
                <Route path="/jobs/:jobId/circuits/:circuitId/:phase?/:part?" element={<JobPage />} />
                <Route path="/week" element={<WeekPage />} />
                <Route path="/houses" element={<MemoryPage />} />
                <Route path="/library" element={<LibraryPage />} />
                <Route path="/cylinders" element={<CylindersPage />} />
                <Route path="/settings" element={<SettingsPage />} />
                <Route path="/settings/people" element={<PeoplePage />} />
                <Route path="/settings/instruments" element={<InstrumentsPage />} />
                <Route path="/settings/trail" element={<TrailPage />} />
                <Route path="/practice" element={<PracticePage />} />
                <Route path="/practice/:level" element={<RoundPage />} />
                <Route path="/formulas" element={<FormulasPage />} />
              </Route>
              <Route path="*" element={<Navigate to="/jobs" replace />} />
            </Routes>
          </Suspense>
        </BrowserRouter>
      </SWRConfig>
    </ErrorBoundary>
  );
}

function SignedIn() {
  const { me, signedOut, trouble, isLoading } = useMe();
  const { pathname } = useLocation();
  // The frame of a job or of a practice round has a main part of its own, beside its rail and its log.
  const Room = isFramed(pathname) ? 'div' : 'main';
  if (signedOut) return <Navigate to="/sign-in" replace state={{ from: pathname }} />;
  if (!me) {
    return isLoading ? (
      <Waiting />
    ) : (
      <main className="mx-auto max-w-[560px] p-8">
        <h1 className="text-[24px]">{t('web.server-does-not-answer')}</h1>
        <p className="mt-2">
          {t('web.this-page-tries-again-by-itself', {
            message: trouble?.message ?? t('web.check-that-mill-bridge-is-running'),
          })}
        </p>
      </main>
    );
  }
  return (
    <>
      <Suspense fallback={null}>
        <WaitsLine me={me} />
      </Suspense>
      <Suspense fallback={<div className="hidden h-[52px] bg-bar lg:block" />}>
        <NavBar bottom={isPlace(pathname)} />
      </Suspense>
      <Room className={isPlace(pathname) ? 'max-lg:pb-[66px]' : undefined}>
        <PageBoundary of={pathname}>
          <Outlet />
        </PageBoundary>
      </Room>
    </>
  );
}
