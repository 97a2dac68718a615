import 'reflect-metadata';
import './shell/theme.css';
import { QueryClient } from '@tanstack/react-query';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter } from 'react-router';
import { createShopClock } from './clock/shopClock';
import { ShopDatabase } from './data/database';
import { isDemoServer, loadDemo } from './data/demo';
import { watchTables } from './data/liveTables';
import { Store } from './data/store';
import { App } from './shell/App';
import { ROUTES } from './shell/routes';
import { applyTheme } from './shell/useTheme';

async function start(): Promise<void> {
  applyTheme();
  matchMedia('(prefers-color-scheme: dark)').addEventListener('change', applyTheme);
  const db = new ShopDatabase();
  const clock = createShopClock();
  const store = new Store(db, clock.now);
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false } } });
  const followClock = async (): Promise<void> => {
    const kept = (await db.meta.get('clockOffsetMs'))?.value;
    if (typeof kept === 'number' && kept !== clock.offsetMs()) clock.setOffset(kept);
  };
  try {
    await followClock();
    if ((await db.records('shop').count()) === 0 && (await isDemoServer())) await loadDemo(store, clock);
  } catch (error) {
    // The frame says what is wrong with the database; a demo that cannot be had is offered again there.
    console.warn(error);
  }
  // Another tab may turn the clock.
  watchTables(db, store.tables, client, (table) => {
    if (table === 'meta') void followClock();
  });
  const root = document.getElementById('root');
  if (root) createRoot(root).render(<App client={client} store={store} clock={clock} router={createBrowserRouter(ROUTES)} />);
  // Asked for so that the browser does not throw the shop away when space runs short; refusal changes nothing else.
  void navigator.storage?.persist?.();
}

void start();
