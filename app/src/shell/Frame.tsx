import { Suspense, useState } from 'react';
import { Outlet } from 'react-router';
import { useIsShopRead, useTableQuery } from '../data/queries';
import { UnitsProvider } from '../ui/fields/UnitsContext';
import { Stipples } from '../ui/swatch/Stipples';
import { Callers } from './Callers';
import { FirstRun } from './start/FirstRun';
import { FocusKeeper } from './FocusKeeper';
import { LadderRail } from './rail/LadderRail';
import { SensorFeed } from '../features/air/SensorFeed';
import { ShopStrip } from './ShopStrip';
import { StartCheck } from './start/StartCheck';
import { Shortcuts } from './Shortcuts';
import { ViewFault } from './ViewFault';

/** The frame round every view: rail, strip, and what listens in the background. */
export function Frame() {
  const shop = useTableQuery('shop');
  const isRead = useIsShopRead();
  const [isKeysOpen, setKeysOpen] = useState(false);
  if (shop.isError) throw shop.error;
  // A view that shows before its records are read would say for a moment that there are none.
  if (!shop.isSuccess || !isRead) return <p className="p-6">Opening the shop…</p>;
  if (!shop.data || shop.data.length === 0) return <FirstRun />;
  return (
    <UnitsProvider value={shop.data[0]?.units ?? 'metric'}>
      <SensorFeed>
        <a href="#view" className="bg-lime text-onlime sr-only z-50 p-3 focus:not-sr-only focus:absolute">
          Skip to the view
        </a>
        <Stipples />
        <div className="grid min-h-dvh grid-cols-1 grid-rows-[auto_1fr] pb-12 md:h-dvh md:grid-cols-[auto_1fr] md:pb-0 print:block">
          <LadderRail onKeys={() => setKeysOpen(true)} />
          <ShopStrip />
          <main id="view" tabIndex={-1} className="relative min-h-0 min-w-0 p-3 outline-none md:overflow-auto md:p-4.5">
            <ViewFault>
              <Suspense fallback={<p className="text-dim">One moment…</p>}>
                <Outlet />
              </Suspense>
            </ViewFault>
          </main>
        </div>
        <FocusKeeper />
        <Shortcuts isOpen={isKeysOpen} onOpen={setKeysOpen} />
        <Callers />
        <StartCheck />
      </SensorFeed>
    </UnitsProvider>
  );
}
