import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { ConfigProvider } from 'antd';
import { type ComponentType, useCallback, useEffect, useMemo, useState } from 'react';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { Bench } from '../features/bench/Bench';
import { Waiting } from '../ui/ErrorNote';
import { keepUnit, keptUnit, UnitContext, type UnitKey } from '../units/unit';
import { Frame } from './Frame';
import { LampContext, useLampKept } from './lamp';
import { dress } from './theme';

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

/**
 * A place that is fetched when it is first gone to. The router waits for it, and not React: React holds back for a third of a second
 * whatever comes after a waiting word.
 */
function fetched(place: () => Promise<ComponentType>, what: string) {
  return { lazy: { Component: place }, HydrateFallback: () => <Waiting what={what} /> };
}

const book = 'Fetching the book';

const router = createBrowserRouter([
  {
    path: '/books/:id/sewing',
    ...fetched(async () => (await import('../features/sewing/Sewing')).default, book),
  },
  {
    path: '/books/:id/rehearsal',
    ...fetched(async () => (await import('../features/sewing/Sewing')).Rehearsed, book),
  },
  {
    path: '/classes/:id/front',
    ...fetched(async () => (await import('../features/classes/AtFront')).default, 'Fetching the sewing'),
  },
  {
    element: <Frame />,
    children: [
      { path: '/', element: <Bench /> },
      { path: '/drawers', element: <Navigate to="papers" replace relative="path" /> },
      {
        path: '/drawers/:drawer',
        ...fetched(async () => (await import('../features/drawers/Drawers')).default, 'Opening the drawer'),
      },
      {
        path: '/shopping',
        ...fetched(async () => (await import('../features/shopping/Shopping')).default, 'Going through the drawers'),
      },
      {
        path: '/days',
        ...fetched(async () => (await import('../features/days/Days')).default, 'Laying out the days'),
      },
      {
        path: '/classes',
        ...fetched(async () => (await import('../features/classes/Classes')).default, 'Fetching the classes'),
      },
      {
        path: '/classes/:id',
        ...fetched(async () => (await import('../features/classes/ClassPlace')).default, 'Fetching the class'),
      },
      {
        path: '/notebook',
        ...fetched(async () => (await import('../features/notebook/Notebook')).default, 'Opening the notebook'),
      },
      {
        path: '/learned',
        ...fetched(async () => (await import('../features/notebook/Learned')).default, 'Reading the notebook'),
      },
      {
        path: '/notebook/:id',
        ...fetched(async () => (await import('../features/notebook/Page')).default, 'Opening the notebook'),
      },
      {
        path: '/patterns',
        ...fetched(async () => (await import('../features/patterns/Patterns')).default, 'Fetching the patterns'),
      },
      {
        path: '/templates',
        ...fetched(async () => (await import('../features/templates/Templates')).default, 'Fetching the templates'),
      },
      { path: '/books/:id', element: <Navigate to="purpose" replace relative="path" /> },
      {
        path: '/books/:id/:stage',
        ...fetched(async () => (await import('../features/book/BookPlace')).default, book),
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
