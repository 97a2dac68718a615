import type { WeatherWorkerApi } from '../workers/weather/weatherClient';
import { createWeatherApi } from '../workers/weather/weatherApi';

/** Few points: tests ask what is told, not to the last percent. */
const POINTS = 3000;
const desk = createWeatherApi(POINTS);
const bytesOf = async (file: Blob | null): Promise<Uint8Array | null> => file && new Uint8Array(await file.arrayBuffer());

/** The weather desk in the page, for tests without workers; photographs are no canvas here and are left to the browser tests. */
export function getWeatherApi(): WeatherWorkerApi {
  return {
    open: async (ask, file, onProgress) => desk.open(ask, await bytesOf(file), onProgress),
    rehearse: (...given) => desk.rehearse(...given),
    box: async (ask, file) => desk.box(ask, await bytesOf(file)),
    standing: async (ask, file, ...given) => desk.standing(ask, await bytesOf(file), ...given),
    photograph: () => Promise.reject(new Error('no canvas here')),
  };
}

/** Nothing to end. */
export function stopWeatherWorker(): void {
  // The desk lives in the page here.
}
