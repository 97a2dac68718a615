import { registerSW } from 'virtual:pwa-register';
import type { WatchVersion } from './NewVersion';

/** Registers the service worker, looks for a new version each hour, and tells when one waits. */
export const watchVersion: WatchVersion = (onReady) => {
  const take = registerSW({
    onNeedRefresh: () => onReady(() => take(true)),
    onRegisteredSW: (_, registration) => {
      if (registration) setInterval(() => void registration.update().catch(() => undefined), 3_600_000);
    },
  });
};
