import { FileFaultsError } from '@zinc-ladder/model/file/faults';
import type { Fault } from '@zinc-ladder/model/file/faults';
import type { ShopErrorCode } from '../../data/edits/shopError';
import { ShopError } from '../../data/edits/shopError';
import { WorkerFault } from '../../workers/createClient';

/** What a failure says to the finisher: what happened, and how to mend it. */
export interface ErrorWords {
  readonly title: string;
  readonly detail: string;
  readonly faults: readonly NoticeLine[];
}

/** A line under a notice: where, and what. */
export type NoticeLine = Pick<Fault, 'path' | 'message'>;

const WORDS: Readonly<Record<ShopErrorCode, readonly [string, string]>> = {
  invalid: ['That cannot be kept', 'Nothing was changed. Mend the values named here and try again.'],
  conflict: [
    'Changed in another tab',
    'Someone changed this in another tab first. It now shows what was kept there; make your change again if it is still wanted.',
  ],
  stale: ['Two changes at once', 'The change before this one was still being kept. Both are shown now as they stand; make this one again.'],
  held: ['Still shown elsewhere', 'A card or an entry of the log shows it, so it stays. Take it out there first.'],
  nothingToDo: ['Nothing to do', 'It was done already, perhaps by a second press or in another tab.'],
  timerForgotten: [
    'A timer was forgotten',
    'A rung has been in hand for more than 100 hours. Say at the bench how long it really was, then go on.',
  ],
  clockWrong: [
    'The clock is wrong',
    'This machine or the shop’s clock stands outside the years 2000 to 2100, so nothing can be dated. Set the clock of the machine right, then do it again; nothing was changed.',
  ],
  missing: ['No longer there', 'It was taken away in the meantime, perhaps in another tab. Undo there brings it back.'],
  storageFull: [
    'The browser has no room left',
    'Nothing was lost, but this could not be kept. Save a file from Shop, then free space or take pictures out.',
  ],
  storageBlocked: ['The browser keeps no data', 'Private windows and some settings forbid it. Open Zinc Ladder in an ordinary window.'],
  nothingToUndo: ['Nothing to undo', ''],
  tooLate: ['Too late for rubber under the colour', 'The colour is on. Take this pass away and paint the chips on, with brush or sponge.'],
  unknown: ['That did not work', 'Nothing was changed. Try again; if it stays, save a file from Shop and reload.'],
};

/** Whether an act was asked for twice: no failure, only nothing left to do. */
export function isNothingToDo(error: unknown): boolean {
  return error instanceof ShopError && error.code === 'nothingToDo';
}

/** Words for any failure. */
export function wordError(error: unknown): ErrorWords {
  if (error instanceof FileFaultsError) {
    return { title: 'The file was not taken', detail: 'Nothing was changed. What is wrong with it:', faults: error.faults };
  }
  if (error instanceof ShopError) {
    const [title, detail] = WORDS[error.code];
    return { title, detail, faults: error.faults };
  }
  if (error instanceof WorkerFault)
    return {
      title: error.what === 'notStarted' ? 'A part of the program could not be started' : 'A computation has ended',
      detail: 'It is started anew when it is asked again. If it stays, reload: a newer version may have taken the place of this one.',
      faults: [],
    };
  const [title, detail] = WORDS.unknown;
  return { title, detail: `${detail} (${error instanceof Error ? error.message : String(error)})`, faults: [] };
}
