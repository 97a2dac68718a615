import { useState } from 'react';
import { missingWithoutTls } from '../../../base/missingWithoutTls';
import { Button } from '../../../ui/Button';

/** Asks, on a press and never by itself, whether the browser may call the finisher. */
export function CallPermission() {
  const [state, setState] = useState(() => ('Notification' in window ? Notification.permission : 'unsupported'));
  const missing = missingWithoutTls();
  if (missing) return <p className="text-dim mb-3 text-sm">{missing}</p>;
  if (state === 'granted' || state === 'unsupported') return null;
  if (state === 'denied')
    return <p className="text-dim mb-3 text-sm">The browser does not let Zinc Ladder call you; its site settings can change that.</p>;
  return (
    <Button isLarge className="mb-3 w-full" onClick={() => void Notification.requestPermission().then(setState)}>
      Call me when a window opens or is about to close
    </Button>
  );
}
