import 'reflect-metadata';
import { exposeApi } from '../exposeApi';
import { readFilms } from './readFilms';
import { readShopFilms, readShopStarts } from './readShopFilms';

const films = { readFilms, readShopFilms, readShopStarts };

/** What the worker offers. */
export type FilmsApi = typeof films;

exposeApi(films);
