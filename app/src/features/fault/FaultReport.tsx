import { useEffect, useState } from 'react';
import { VERSION } from '../../base/version';
import { useClock } from '../../clock/ClockContext';
import { useStore } from '../../data/StoreContext';
import { Button } from '../../ui/Button';
import { lastActs } from './lastActs';
import { writeFaultReport } from './writeFaultReport';

/** A fault as text that can be read before it is copied and passed on. */
export function FaultReport({ error }: { readonly error: unknown }) {
  const store = useStore();
  const clock = useClock();
  const [text, setText] = useState('');
  const [isCopied, setIsCopied] = useState(false);
  useEffect(() => {
    const write = (acts: Parameters<typeof writeFaultReport>[0]['acts']): void =>
      setText(
        writeFaultReport({ version: VERSION, browser: navigator.userAgent, path: location.pathname, error, acts, nowMs: clock.now() }),
      );
    // The database may be what is broken: the report comes without its edits then.
    lastActs(store.db).then(write, () => write([]));
  }, [store, clock, error]);
  // Browsers give the clipboard to secure pages only; elsewhere the text is marked and copied by hand.
  const canCopy = window.isSecureContext !== false;
  return (
    <details className="mt-4">
      <summary className="cursor-pointer">Report</summary>
      <p className="text-dim my-2">
        Version, browser, where it happened and which tables the last edits touched. No names, notes or pictures.
      </p>
      <textarea readOnly aria-label="Report" rows={12} value={text} className="border-edge figure w-full border p-2 text-sm" />
      {canCopy && (
        <Button className="mt-2" onClick={() => void navigator.clipboard.writeText(text).then(() => setIsCopied(true))}>
          {isCopied ? 'Copied' : 'Copy the report'}
        </Button>
      )}
    </details>
  );
}
