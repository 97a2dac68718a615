import { useCallback } from 'react';
import { useStore } from '../../data/StoreContext';
import { useNotices } from '../notices/Notices';

/** Undo and redo, with a word of what was done. */
export function useTravel(): { readonly undo: () => Promise<void>; readonly redo: () => Promise<void> } {
  const store = useStore();
  const { tell, tellError } = useNotices();
  const undo = useCallback(async () => {
    try {
      tell(`Undone: ${await store.undo()}`);
    } catch (error) {
      tellError(error);
    }
  }, [store, tell, tellError]);
  const redo = useCallback(async () => {
    try {
      tell(`Done again: ${await store.redo()}`);
    } catch (error) {
      tellError(error);
    }
  }, [store, tell, tellError]);
  return { undo, redo };
}
