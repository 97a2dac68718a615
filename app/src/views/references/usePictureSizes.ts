import type { PictureSize } from '@zinc-ladder/model/gather/reference/gatherMeasured';
import { useQueries } from '@tanstack/react-query';
import { useStore } from '../../data/StoreContext';

/** Sizes of kept pictures, by id, as they are read; bytes never change under their id. */
export function usePictureSizes(ids: readonly string[]): ReadonlyMap<string, PictureSize> {
  const { db } = useStore();
  const answers = useQueries({
    queries: ids.map((id) => ({
      queryKey: ['picture size', id],
      staleTime: Infinity,
      networkMode: 'always' as const,
      queryFn: async (): Promise<PictureSize | null> => {
        const kept = await db.attachments.get(id);
        if (!kept) return null;
        const bitmap = await createImageBitmap(kept.blob);
        const { width, height } = bitmap;
        bitmap.close();
        return { width, height };
      },
    })),
  });
  return new Map(ids.flatMap((id, at) => (answers[at]?.data ? [[id, answers[at].data] as const] : [])));
}
