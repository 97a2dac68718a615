import { AlertDialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { Button } from '../../ui/Button';

/** Asks before something is lost; the only dialog there is. */
export function ConfirmLoss({
  trigger,
  title,
  detail,
  act,
  onConfirm,
}: {
  readonly trigger: ReactNode;
  readonly title: string;
  readonly detail: string;
  readonly act: string;
  readonly onConfirm: () => void;
}) {
  return (
    <AlertDialog.Root>
      <AlertDialog.Trigger asChild>{trigger}</AlertDialog.Trigger>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-[rgb(0_0_0/0.5)]" />
        <AlertDialog.Content className="bg-sheet border-ink border-t-oxide fixed top-1/2 left-1/2 z-50 w-[min(28rem,calc(100vw-2rem))] -translate-x-1/2 -translate-y-1/2 rounded-xs border border-t-[6px] p-6">
          <AlertDialog.Title className="font-label text-2xl font-semibold">{title}</AlertDialog.Title>
          <AlertDialog.Description className="text-dim mt-2 mb-6">{detail}</AlertDialog.Description>
          <div className="flex justify-end gap-3">
            <AlertDialog.Cancel asChild>
              <Button isLarge>Keep it</Button>
            </AlertDialog.Cancel>
            <AlertDialog.Action asChild>
              <Button isLarge look="danger" onClick={onConfirm}>
                {act}
              </Button>
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
