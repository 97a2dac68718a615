import { buyPacks } from '@zinc-ladder/core/shelf/buyPacks';

/** Buying lists without a worker. Stands in for `shelfClient` where there are none. */
export const askShelf = (ask: (api: unknown) => Promise<unknown>): Promise<unknown> =>
  ask({ buyPacks: (...asked: Parameters<typeof buyPacks>) => Promise.resolve().then(() => buyPacks(...asked)) });
