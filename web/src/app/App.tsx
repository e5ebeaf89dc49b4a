import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { ConfigProvider } from 'antd';
import { lazy, Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { Bench } from '../features/bench/Bench';
import { Waiting } from '../ui/ErrorNote';
import { keepUnit, keptUnit, UnitContext, type UnitKey } from '../units/unit';
import { Frame } from './Frame';
import { LampContext, useLampKept } from './lamp';
import { dress } from './theme';

const BookPlace = lazy(() => import('../features/book/BookPlace'));
const Sewing = lazy(() => import('../features/sewing/Sewing'));
const Templates = lazy(() => import('../features/templates/Templates'));
const Patterns = lazy(() => import('../features/patterns/Patterns'));
const Shopping = lazy(() => import('../features/shopping/Shopping'));
const Drawers = lazy(() => import('../features/drawers/Drawers'));

const client = new QueryClient({
  defaultOptions: {
    queries: {
      retry: false,
      // What could not be had is asked for again until it is there; the screen says so meanwhile.
      refetchInterval: (query) => (query.state.status === 'error' ? 2000 : false),
      refetchOnWindowFocus: false,
      refetchOnReconnect: false,
      networkMode: 'always',
    },
    mutations: { networkMode: 'always' },
  },
});

const wait = <Waiting what="Fetching the book" />;

const router = createBrowserRouter([
  {
    path: '/books/:id/sewing',
    element: (
      <Suspense fallback={wait}>
        <Sewing />
      </Suspense>
    ),
  },
  {
    path: '/books/:id/rehearsal',
    element: (
      <Suspense fallback={wait}>
        <Sewing rehearse />
      </Suspense>
    ),
  },
  {
    element: <Frame />,
    children: [
      { path: '/', element: <Bench /> },
      { path: '/drawers', element: <Navigate to="papers" replace relative="path" /> },
      {
        path: '/drawers/:drawer',
        element: (
          <Suspense fallback={<Waiting what="Opening the drawer" />}>
            <Drawers />
          </Suspense>
        ),
      },
      {
        path: '/shopping',
        element: (
          <Suspense fallback={<Waiting what="Going through the drawers" />}>
            <Shopping />
          </Suspense>
        ),
      },
      {
        path: '/patterns',
        element: (
          <Suspense fallback={<Waiting what="Fetching the patterns" />}>
            <Patterns />
          </Suspense>
        ),
      },
      {
        path: '/templates',
        element: (
          <Suspense fallback={<Waiting what="Fetching the templates" />}>
            <Templates />
          </Suspense>
        ),
      },
      { path: '/books/:id', element: <Navigate to="purpose" replace relative="path" /> },
      {
        path: '/books/:id/:stage',
        element: (
          <Suspense fallback={wait}>
            <BookPlace />
          </Suspense>
        ),
      },
      { path: '*', element: <Navigate to="/" replace /> },
    ],
  },
]);

export function App() {
  const [unit, setShownUnit] = useState<UnitKey>(keptUnit);
  const setUnit = useCallback((chosen: UnitKey) => {
    keepUnit(chosen);
    setShownUnit(chosen);
  }, []);
  const units = useMemo(() => ({ unit, setUnit }), [unit, setUnit]);
  const lamp = useLampKept();
  useEffect(() => {
    document.documentElement.dataset.theme = lamp.evening ? 'dark' : 'light';
  }, [lamp.evening]);
  return (
    <QueryClientProvider client={client}>
      <UnitContext.Provider value={units}>
        <LampContext.Provider value={lamp}>
          <ConfigProvider theme={dress(lamp.evening)} button={{ autoInsertSpace: false }}>
            <RouterProvider router={router} />
          </ConfigProvider>
        </LampContext.Provider>
      </UnitContext.Provider>
    </QueryClientProvider>
  );
}
