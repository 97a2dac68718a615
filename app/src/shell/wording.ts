import { FileFaultsError } from '@zinc-ladder/model/file/faults';
import type { Fault } from '@zinc-ladder/model/file/faults';
import type { ShopErrorCode } from '../data/shopError';
import { ShopError } from '../data/shopError';

/** What a failure says to the finisher: what happened, and how to mend it. */
export interface ErrorWords {
  readonly title: string;
  readonly detail: string;
  readonly faults: readonly Fault[];
}

const WORDS: Readonly<Record<ShopErrorCode, readonly [string, string]>> = {
  invalid: ['That cannot be kept', 'Nothing was changed. Mend the values named here and try again.'],
  conflict: [
    'Changed in another tab',
    'Someone changed this in another tab first. It now shows what was kept there; make your change again if it is still wanted.',
  ],
  missing: ['No longer there', 'It was taken away in the meantime, perhaps in another tab. Undo there brings it back.'],
  storageFull: [
    'The browser has no room left',
    'Nothing was lost, but this could not be kept. Save a file from Shop, then free space or take pictures out.',
  ],
  storageBlocked: ['The browser keeps no data', 'Private windows and some settings forbid it. Open Zinc Ladder in an ordinary window.'],
  nothingToUndo: ['Nothing to undo', ''],
  unknown: ['That did not work', 'Nothing was changed. Try again; if it stays, save a file from Shop and reload.'],
};

/** Words for any failure. */
export function wordError(error: unknown): ErrorWords {
  if (error instanceof FileFaultsError) {
    return { title: 'The file was not taken', detail: 'Nothing was changed. What is wrong with it:', faults: error.faults };
  }
  if (error instanceof ShopError) {
    const [title, detail] = WORDS[error.code];
    return { title, detail, faults: error.faults };
  }
  const [title, detail] = WORDS.unknown;
  return { title, detail: `${detail} (${error instanceof Error ? error.message : String(error)})`, faults: [] };
}
