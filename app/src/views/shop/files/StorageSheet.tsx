import { useQuery } from '@tanstack/react-query';
import { Button } from '../../../ui/Button';
import { missingWithoutTls } from '../../../base/missingWithoutTls';
import { Sheet } from '../../../ui/Sheet';

/** The room the browser gives, and whether it has promised to keep the shop. */
export function StorageSheet() {
  const query = useQuery({
    queryKey: ['storage'],
    queryFn: async () => {
      const [estimate, isPersisted] = await Promise.all([navigator.storage.estimate(), navigator.storage.persisted()]);
      return { usage: estimate.usage ?? 0, quota: estimate.quota ?? 0, isPersisted };
    },
    enabled: window.isSecureContext !== false,
    networkMode: 'always',
  });
  const ask = async (): Promise<void> => {
    await navigator.storage.persist();
    await query.refetch();
  };
  const missing = missingWithoutTls();
  if (missing)
    return (
      <Sheet className="grid gap-2 p-4" label="Room">
        <h2 className="font-label text-xl font-semibold">What is missing here</h2>
        <p>{missing}</p>
      </Sheet>
    );
  if (!query.data) return null;
  const { usage, quota, isPersisted } = query.data;
  return (
    <Sheet className="grid gap-2 p-4" label="Room">
      <h2 className="font-label text-xl font-semibold">Room in this browser</h2>
      <p>
        <span className="figure">{(usage / 1024 / 1024).toFixed(1)} MB</span> of about{' '}
        <span className="figure">{Math.round(quota / 1024 / 1024)} MB</span> used.
      </p>
      <p className="text-dim">
        {isPersisted
          ? 'The browser has promised to keep it.'
          : 'The browser may clear it when the disk runs short; it has not promised to keep it.'}
      </p>
      {!isPersisted && (
        <Button className="justify-self-start" onClick={() => void ask()}>
          Ask it to keep the shop
        </Button>
      )}
    </Sheet>
  );
}
