import 'reflect-metadata';
import { exposeApi } from '../exposeApi';
import { readFilms } from './readFilms';
import { sightShopFilm } from './sightShopFilm';
import { readShopFilms, readShopStarts } from './readShopFilms';

const films = { readFilms, readShopFilms, readShopStarts, sightShopFilm };

/** What the worker offers. */
export type FilmsApi = typeof films;

exposeApi(films);
