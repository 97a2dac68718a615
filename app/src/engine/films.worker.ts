import 'reflect-metadata';
import { exposeApi } from './exposeApi';
import { readFilms } from './readFilms';
import { readShopFilms } from './readShopFilms';

const films = { readFilms, readShopFilms };

/** What the worker offers. */
export type FilmsApi = typeof films;

exposeApi(films);
