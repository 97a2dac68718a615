import { Dialog } from 'radix-ui';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../ui/Button';
import { RAIL } from './rail/rungs';
import { useTravel } from '../features/edit/useTravel';

const LISTED: readonly (readonly [string, string])[] = [
  ...RAIL.map((rung) => [rung.key, `to ${rung.name}`] as const),
  ['t, on the bench', 'take what is next in hand'],
  ['d, on the bench', 'done: log what is in hand'],
  ['s, on the bench', 'set it down'],
  ['n, on the bench', 'note'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
  ['Space, then arrows, on a rung’s grip', 'move the rung'],
  ['+ and −, on the plan', 'nearer, further'],
  ['arrows, on the plan', 'earlier, later'],
  ['n, on the plan', 'back to now'],
  ['?', 'this list'],
];

/** Where this browser keeps that letters and numbers alone do nothing; who speaks to the machine needs that. */
const QUIET_KEY = 'zinc-ladder-quiet-keys';

function areKeysQuiet(): boolean {
  return localStorage.getItem(QUIET_KEY) === 'yes';
}

/** Listens for the shop's shortcuts, and lists them at `?`. */
export function Shortcuts({ isOpen, onOpen }: { readonly isOpen: boolean; readonly onOpen: (isOpen: boolean) => void }) {
  const navigate = useNavigate();
  const { undo, redo } = useTravel();
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !isTyping(event)) {
        event.preventDefault();
        void (event.shiftKey ? redo() : undo());
        return;
      }
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat || isTyping(event)) return;
      // Keys act on what is seen: an open dialog covers it.
      if (document.querySelector('[role="dialog"], [role="alertdialog"], [role="menu"]')) return;
      if (event.key === '?') return onOpen(true);
      if (areKeysQuiet()) return;
      const rung = RAIL.find((entry) => entry.key === event.key);
      if (rung) return void navigate(rung.path);
      if (!/^[a-z]$/u.test(event.key)) return;
      const button = document.querySelector<HTMLButtonElement>(`main button[aria-keyshortcuts="${event.key}"]`);
      if (!button || button.disabled) return;
      event.preventDefault();
      button.focus();
      button.click();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [navigate, undo, redo, onOpen]);
  return (
    <Dialog.Root open={isOpen} onOpenChange={onOpen}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-[rgb(0_0_0/0.4)]" />
        <Dialog.Content
          aria-describedby={undefined}
          className="bg-sheet border-ink fixed top-4 right-4 z-50 max-h-[calc(100dvh-2rem)] overflow-auto w-[min(26rem,calc(100vw-2rem))] rounded-xs border p-5"
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
          <label className="mb-4 flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="h-5 w-5"
              defaultChecked={!areKeysQuiet()}
              onChange={(event) => localStorage.setItem(QUIET_KEY, event.target.checked ? 'no' : 'yes')}
            />
            Letters and numbers act by themselves
          </label>
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
