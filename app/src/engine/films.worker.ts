import { exposeApi } from './exposeApi';
import { readFilms } from './readFilms';

const films = { readFilms };

/** What the worker offers. */
export type FilmsApi = typeof films;

exposeApi(films);
