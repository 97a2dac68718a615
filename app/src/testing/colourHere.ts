import { createColourDesk } from '../engine/colourDesk';

const desk = createColourDesk();

/** The colour desk without its worker. Stands in for `colourClient` where there are no workers. */
export const getColourDesk = () => ({
  recipes: (...args: Parameters<typeof desk.recipes>) => Promise.resolve(desk.recipes(...args)),
  correct: (...args: Parameters<typeof desk.correct>) => Promise.resolve(desk.correct(...args)),
  learn: (...args: Parameters<typeof desk.learn>) => Promise.resolve(desk.learn(...args)),
});
export const stopColourDesk = (): void => undefined;
