import type { QueryClient } from '@tanstack/react-query';
import { QueryClientProvider } from '@tanstack/react-query';
import { RouterProvider } from 'react-router';
import type { createBrowserRouter } from 'react-router';
import { ClockProvider } from '../clock/ClockContext';
import type { ShopClock } from '../clock/shopClock';
import type { Store } from '../data/store';
import { StoreProvider } from '../data/StoreContext';
import { NoticesProvider } from './Notices';
import { TitleProvider } from './pageTitle';

/** The application, over an opened store, a set clock and a router for its addresses. */
export function App({
  client,
  store,
  clock,
  router,
}: {
  readonly client: QueryClient;
  readonly store: Store;
  readonly clock: ShopClock;
  readonly router: ReturnType<typeof createBrowserRouter>;
}) {
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
