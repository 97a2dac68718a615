import { registerSW } from 'virtual:pwa-register';
import type { WatchVersion } from './NewVersion';

/** A page that is told to reload has done so by then. */
const RELOAD_AFTER_MS = 3000;

/** Registers the service worker, looks for a new version each hour, and tells when one waits. */
export const watchVersion: WatchVersion = (onReady) => {
  const take = registerSW({
    onNeedRefresh: () =>
      onReady(async () => {
        await take(true);
        // On the first visit no worker has charge of the page yet, and none tells it to reload when the new one takes over.
        setTimeout(() => location.reload(), RELOAD_AFTER_MS);
      }),
    onRegisteredSW: (_, registration) => {
      if (registration) setInterval(() => void registration.update().catch(() => undefined), 3_600_000);
    },
  });
};
