import type { PictureSize } from '@zinc-ladder/model/gather/reference/gatherMeasured';
import { useQueries } from '@tanstack/react-query';
import { useStore } from '../../data/StoreContext';

/** Sizes of kept pictures by id, as they are read; null for one whose bytes are no picture. Bytes never change under their id. */
export function usePictureSizes(ids: readonly string[]): ReadonlyMap<string, PictureSize | null> {
  const { db } = useStore();
  const answers = useQueries({
    queries: ids.map((id) => ({
      queryKey: ['picture size', id],
      staleTime: Infinity,
      networkMode: 'always' as const,
      retry: false,
      queryFn: async (): Promise<PictureSize> => {
        const kept = await db.attachments.get(id);
        if (!kept) throw new Error('its bytes are not here');
        const bitmap = await createImageBitmap(kept.blob);
        const { width, height } = bitmap;
        bitmap.close();
        return { width, height };
      },
    })),
  });
  const sizes = new Map<string, PictureSize | null>();
  for (const [at, id] of ids.entries()) {
    const { data, isError } = answers[at] ?? {};
    if (data) sizes.set(id, data);
    else if (isError) sizes.set(id, null);
  }
  return sizes;
}

/** Size of one kept picture; undefined until it is read, null where its bytes are no picture. */
export function usePictureSize(id: string): PictureSize | null | undefined {
  return usePictureSizes([id]).get(id);
}
