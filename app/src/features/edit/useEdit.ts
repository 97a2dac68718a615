import { useMutation } from '@tanstack/react-query';
import { useNotices } from '../notices/Notices';
import type { Edit } from '../../data/edits/edit';
import { useStore } from '../../data/StoreContext';

/** An edit as views ask for it: runs in one transaction, tells failures to the finisher, resolves to whether it was done. */
export type RunEdit = (label: string, work: (edit: Edit) => Promise<void>) => Promise<boolean>;

/** Edits through the store, with failures told. */
export function useEdit(): RunEdit {
  const store = useStore();
  const { tellError, settle } = useNotices();
  const mutation = useMutation({
    mutationFn: ({ label, work }: { label: string; work: (edit: Edit) => Promise<void> }) => store.edit(label, work),
    networkMode: 'always',
  });
  return async (label, work) => {
    try {
      await mutation.mutateAsync({ label, work });
      settle();
      return true;
    } catch (error) {
      tellError(error);
      return false;
    }
  };
}
