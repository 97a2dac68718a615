import { buyPacks } from '@zinc-ladder/core/shelf/buyPacks';
import { exposeApi } from '../exposeApi';

const shelf = { buyPacks: (...asked: Parameters<typeof buyPacks>) => buyPacks(...asked) };

/** What the worker offers. */
export type ShelfApi = typeof shelf;

exposeApi(shelf);
