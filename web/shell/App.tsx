import { lazy, Suspense } from 'react';
import { BrowserRouter, Navigate, Outlet, Route, Routes, useLocation } from 'react-router';
import { SWRConfig } from 'swr';
import { useMe } from '@/web/api/use-me';
import { JobsPage } from '@/web/jobs/JobsPage';
import { ErrorBoundary } from './ErrorBoundary';
import { SignInPage } from './SignInPage';
import { Waiting } from './Waiting';

const NewJobPage = lazy(() => import('@/web/jobs/NewJobPage'));
const JobPage = lazy(() => import('@/web/phases/JobPage'));
const LibraryPage = lazy(() => import('@/web/library/LibraryPage'));
const CylindersPage = lazy(() => import('@/web/cylinders/CylindersPage'));
const SettingsPage = lazy(() => import('@/web/settings/SettingsPage'));
const FormulasPage = lazy(() => import('@/web/formulas/FormulasPage'));

export function App() {
  return (
    <ErrorBoundary>
      <SWRConfig value={{ dedupingInterval: 500, errorRetryInterval: 3000 }}>
        <BrowserRouter>
          <Suspense fallback={<Waiting />}>
            <Routes>
              <Route path="/sign-in" element={<SignInPage />} />
              <Route element={<SignedIn />}>
                <Route path="/jobs" element={<JobsPage />} />
                <Route path="/jobs/new" element={<NewJobPage />} />
                <Route path="/jobs/:jobId/:phase?/:part?" element={<JobPage />} />
                <Route path="/library" element={<LibraryPage />} />
                <Route path="/cylinders" element={<CylindersPage />} />
                <Route path="/settings" element={<SettingsPage />} />
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
  if (signedOut) return <Navigate to="/sign-in" replace state={{ from: pathname }} />;
  if (!me) {
    return isLoading ? (
      <Waiting />
    ) : (
      <main className="mx-auto max-w-[560px] p-8">
        <h1 className="text-[24px]">The server does not answer</h1>
        <p className="mt-2">
          {trouble?.message ?? 'Check that Mill Bridge is running.'} This page tries again by itself.
        </p>
      </main>
    );
  }
  return <Outlet />;
}
