import type { QueryClient } from '@tanstack/react-query';
import { QueryClientProvider } from '@tanstack/react-query';
import { RouterProvider } from 'react-router';
import type { createBrowserRouter } from 'react-router';
import { ClockProvider } from '../clock/ClockContext';
import type { ShopClock } from '../clock/shopClock';
import type { Store } from '../data/edits/store';
import { BackupProvider } from '../features/backups/BackupContext';
import { StoreProvider } from '../data/StoreContext';
import { PlanAhead } from '../features/plan/usePlan';
import type { WatchVersion } from './version/NewVersion';
import { NewVersion } from './version/NewVersion';
import { NoticesProvider } from '../features/notices/Notices';
import { StartFault } from './start/StartFault';
import { TitleProvider } from '../features/title/pageTitle';

/** The application, over an opened store, a set clock and a router for its addresses. */
export function App({
  client,
  store,
  clock,
  router,
  watchVersion,
  startFault = null,
}: {
  readonly client: QueryClient;
  readonly store: Store;
  readonly clock: ShopClock;
  readonly router: ReturnType<typeof createBrowserRouter>;
  /** tells of a newer version of the program; left out where there is no service worker */
  readonly watchVersion?: WatchVersion;
  /** what went wrong before anything could be shown; null: nothing */
  readonly startFault?: unknown;
}) {
  return (
    <QueryClientProvider client={client}>
      <ClockProvider clock={clock}>
        <StoreProvider store={store}>
          <PlanAhead />
          <NoticesProvider>
            <TitleProvider>
              <BackupProvider>
                {startFault !== null && <StartFault error={startFault} />}
                {watchVersion && <NewVersion watch={watchVersion} />}
                <RouterProvider router={router} />
              </BackupProvider>
            </TitleProvider>
          </NoticesProvider>
        </StoreProvider>
      </ClockProvider>
    </QueryClientProvider>
  );
}
