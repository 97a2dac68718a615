import { Dialog } from 'radix-ui';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../ui/Button';
import { RAIL } from './rungs';
import { useTravel } from './useTravel';

const LISTED: readonly (readonly [string, string])[] = [
  ...RAIL.map((rung) => [`g ${rung.key}`, `go to ${rung.name}`] as const),
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
  ['Space, then arrows, on a rung’s grip', 'move the rung'],
  ['+ and −, on the plan', 'nearer, further'],
  ['arrows, on the plan', 'earlier, later'],
  ['n, on the plan', 'back to now'],
  ['?', 'this list'],
];

/** Listens for the shop's shortcuts, and lists them at `?`. */
export function Shortcuts() {
  const [isOpen, setIsOpen] = useState(false);
  const navigate = useNavigate();
  const { undo, redo } = useTravel();
  const awaitsView = useRef(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !isTyping(event)) {
        event.preventDefault();
        void (event.shiftKey ? redo() : undo());
        return;
      }
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event)) return;
      if (awaitsView.current) {
        awaitsView.current = false;
        const rung = RAIL.find((entry) => entry.key === event.key);
        if (rung) void navigate(rung.path);
        return;
      }
      if (event.key === 'g') awaitsView.current = true;
      if (event.key === '?') setIsOpen(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [navigate, undo, redo]);
  return (
    <Dialog.Root open={isOpen} onOpenChange={setIsOpen}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-[rgb(0_0_0/0.4)]" />
        <Dialog.Content
          aria-describedby={undefined}
          className="bg-sheet border-ink fixed top-16 right-4 z-50 w-[min(26rem,calc(100vw-2rem))] rounded-xs border p-5"
        >
          <Dialog.Title className="font-label mb-3 text-2xl font-semibold">Keys</Dialog.Title>
          <dl className="mb-4">
            {LISTED.map(([keys, what]) => (
              <div key={keys} className="border-line flex justify-between gap-4 border-t py-1.5">
                <dt className="figure text-sm">{keys}</dt>
                <dd className="text-right">{what}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close asChild>
            <Button isLarge>Close</Button>
          </Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function isTyping(event: KeyboardEvent): boolean {
  const target = event.target;
  return target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));
}
