import 'reflect-metadata';
import './shell/theme.css';
import { QueryClient } from '@tanstack/react-query';
import type { Root } from 'react-dom/client';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter } from 'react-router';
import { whenIdle } from './base/whenIdle';
import { createShopClock } from './clock/shopClock';
import { backUpBeforeUpgrade } from './features/backups/backUpBeforeUpgrade';
import { browserPlace } from './features/backups/folderPlace';
import { DATABASE_VERSION, databaseVersion, SHOP_DATABASE, ShopDatabase } from './data/tables/database';
import { startOnDemo } from './features/transfer/demo';
import { prepareLog } from './data/prepareLog';
import { watchTables } from './data/tables/liveTables';
import { Store } from './data/edits/store';
import { travelElsewhere } from './workers/files/largeEdits';
import { App } from './shell/App';
import { ROUTES } from './shell/routes';
import { StartWait } from './shell/start/StartWait';
import { ClearedShop } from './shell/cleared/ClearedShop';
import { watchDatabase } from './shell/cleared/watchDatabase';
import { UpgradeWait } from './shell/version/UpgradeWait';
import { applyTheme } from './features/theme/useTheme';
import { watchVersion } from './shell/version/watchVersion';

async function start(root: Root): Promise<void> {
  applyTheme();
  matchMedia('(prefers-color-scheme: dark)').addEventListener('change', applyTheme);
  const version = await databaseVersion(SHOP_DATABASE).catch(() => null);
  const isUpToDate = version === 0 || version === DATABASE_VERSION;
  if (!isUpToDate) await keepBeforeUpgrade();
  const db = new ShopDatabase(SHOP_DATABASE, isUpToDate);
  db.on('blocked', () => root.render(<UpgradeWait why="blocked" />));
  const clock = createShopClock();
  const store = new Store(db, clock.now, (direction) => travelElsewhere(db.name, direction, Math.round(clock.now())));
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false } } });
  store.tables.prepare('logEntries', (entries) => prepareLog(store.tables, entries));
  store.tables.begin();
  watchDatabase(
    store,
    clock,
    () => root.render(<UpgradeWait why="overtaken" />),
    (held) => root.render(<ClearedShop held={held} store={store} clockOffsetMs={clock.offsetMs()} onOver={() => location.reload()} />),
  );
  let startFault: unknown = null;
  const followClock = async (): Promise<void> => {
    const kept = (await db.meta.get('clockOffsetMs'))?.value;
    if (typeof kept === 'number' && kept !== clock.offsetMs()) clock.setOffset(kept);
  };
  // Another tab may turn the clock, and may load the demo while this one begins.
  watchTables(db, store.tables, client, (table) => {
    if (table === 'meta') void followClock();
  });
  try {
    await followClock();
    await startOnDemo(store, clock, (words) => root.render(<StartWait>{words}</StartWait>));
    // Another tab may have loaded it.
    await followClock();
  } catch (error) {
    // What is wrong with the database the frame says; a demo that cannot be had is offered again there.
    startFault = error;
    console.warn(error);
  }
  root.render(
    <App
      client={client}
      store={store}
      clock={clock}
      router={createBrowserRouter(ROUTES)}
      watchVersion={watchVersion}
      startFault={startFault}
    />,
  );
  // Asked for so that the browser does not throw the shop away when space runs short; refusal changes nothing else.
  void navigator.storage?.persist?.();
  // The first press must not wait until the rules that check it are loaded.
  void whenIdle().then(() => import('@zinc-ladder/model/file/validateRecord'));
}

/** An older shop is kept as it is before this version lifts it. That it could not be kept is no reason not to start. */
async function keepBeforeUpgrade(): Promise<void> {
  try {
    const place = await browserPlace();
    if (place) await backUpBeforeUpgrade(SHOP_DATABASE, place, Date.now());
  } catch (error) {
    console.warn(error);
  }
}

const element = document.getElementById('root');
if (element) void start(createRoot(element));
