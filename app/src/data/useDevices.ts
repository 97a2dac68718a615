import { useQuery } from '@tanstack/react-query';

/** What stands behind the device adapters: nothing, simulated devices, or (where the server does not say) perhaps real ones. */
export type Devices = 'none' | 'simulated' | 'unknown';

/** Asks the server once what devices it has; a server that is away leaves it unknown. */
export function useDevices(): Devices {
  const query = useQuery({
    queryKey: ['devices'],
    queryFn: async (): Promise<Devices> => {
      const response = await fetch('/api/health', { signal: AbortSignal.timeout(4000) });
      const { devices } = (await response.json()) as { readonly devices?: unknown };
      return devices === 'none' || devices === 'simulated' ? devices : 'unknown';
    },
    staleTime: Infinity,
    retry: false,
  });
  return query.data ?? 'unknown';
}
