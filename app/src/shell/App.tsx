import type { QueryClient } from '@tanstack/react-query';
import { QueryClientProvider } from '@tanstack/react-query';
import { lazy } from 'react';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { ClockProvider } from '../clock/ClockContext';
import type { ShopClock } from '../clock/shopClock';
import type { Store } from '../data/store';
import { StoreProvider } from '../data/StoreContext';
import { BenchView } from '../views/bench/BenchView';
import { Frame } from './Frame';
import { NoticesProvider } from './Notices';
import { TitleProvider } from './pageTitle';
import { ViewFault } from './ViewFault';

const LaddersView = lazy(async () => ({ default: (await import('../views/ladders/LaddersView')).LaddersView }));
const LadderView = lazy(async () => ({ default: (await import('../views/ladders/LadderView')).LadderView }));
const PlanView = lazy(async () => ({ default: (await import('../views/plan/PlanView')).PlanView }));
const ColourView = lazy(async () => ({ default: (await import('../views/colour/ColourView')).ColourView }));
const LogView = lazy(async () => ({ default: (await import('../views/log/LogView')).LogView }));
const ShopView = lazy(async () => ({ default: (await import('../views/shop/ShopView')).ShopView }));

const router = createBrowserRouter([
  {
    element: (
      <ViewFault>
        <Frame />
      </ViewFault>
    ),
    children: [
      { index: true, element: <Navigate to="/bench" replace /> },
      { path: 'bench', element: <BenchView /> },
      { path: 'ladders', element: <LaddersView /> },
      { path: 'ladders/:propId', element: <LaddersView /> },
      { path: 'ladders/:propId/:partId', element: <LadderView /> },
      { path: 'plan', element: <PlanView /> },
      { path: 'colour', element: <ColourView /> },
      { path: 'colour/:cardId', element: <ColourView /> },
      { path: 'log', element: <LogView /> },
      { path: 'shop', element: <ShopView /> },
      { path: 'shop/:section', element: <ShopView /> },
      { path: '*', element: <Navigate to="/bench" replace /> },
    ],
  },
]);

/** The application, over an opened store and a set clock. */
export function App({ client, store, clock }: { readonly client: QueryClient; readonly store: Store; readonly clock: ShopClock }) {
  return (
    <QueryClientProvider client={client}>
      <ClockProvider clock={clock}>
        <StoreProvider store={store}>
          <NoticesProvider>
            <TitleProvider>
              <RouterProvider router={router} />
            </TitleProvider>
          </NoticesProvider>
        </StoreProvider>
      </ClockProvider>
    </QueryClientProvider>
  );
}
