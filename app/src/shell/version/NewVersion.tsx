import { useEffect, useState } from 'react';
import { Button } from '../../ui/Button';

/** How a waiting version of the program is taken: it is put in place and the page reloads. */
export type TakeVersion = () => Promise<void>;

/** Says when a newer version of the program lies ready. */
export type WatchVersion = (onReady: (take: TakeVersion) => void) => void;

/** Offers a newer version of the program, taken by one press; until then the old one goes on. */
export function NewVersion({ watch }: { readonly watch: WatchVersion }) {
  const [take, setTake] = useState<{ readonly run: TakeVersion } | null>(null);
  useEffect(() => watch((run) => setTake({ run })), [watch]);
  if (!take) return null;
  return (
    <p role="status" className="bg-sheet border-lime no-print flex flex-wrap items-center gap-3 border-b border-l-4 px-4 py-1.5">
      A new version of Zinc Ladder lies ready.
      <Button onClick={() => void take.run()}>Take it now</Button>
    </p>
  );
}
