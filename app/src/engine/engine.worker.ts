import { planShop } from '@zinc-ladder/core/plan/planShop';
import { expose } from 'comlink';
import { readFilms } from './readFilms';

const engine = { planShop, readFilms };

/** What the worker offers. */
export type Engine = typeof engine;

expose(engine);
