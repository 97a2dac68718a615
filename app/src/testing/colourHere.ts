import { createColourApi } from '../workers/colour/colourApi';

const desk = createColourApi();

/** The colour desk without its worker. Stands in for `colourClient` where there are no workers. */
export const getColourApi = () => ({
  recipes: (...args: Parameters<typeof desk.recipes>) => Promise.resolve(desk.recipes(...args)),
  correct: (...args: Parameters<typeof desk.correct>) => Promise.resolve(desk.correct(...args)),
  learn: (...args: Parameters<typeof desk.learn>) => Promise.resolve(desk.learn(...args)),
});
export const stopColourWorker = (): void => undefined;
