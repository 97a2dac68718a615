import { transfer } from 'comlink';
import { exposeApi } from '../exposeApi';
import type { WeatherWorkerApi } from './weatherClient';
import { createWeatherApi } from './weatherApi';
import { readPhotograph } from '../pictures/readPhotograph';

const desk = createWeatherApi();

const api: WeatherWorkerApi = {
  open: async (ask, file, onProgress) => {
    const bytes = file && new Uint8Array(await file.arrayBuffer());
    const outcome = desk.open(ask, bytes, onProgress);
    if (outcome.kind !== 'opened') return outcome;
    const { positions, normals, fields, wet } = outcome.drawing;
    return transfer(outcome, [positions.buffer, normals.buffer, fields.buffer, wet.buffer]);
  },
  rehearse: (...given) => desk.rehearse(...given),
  box: async (ask, file) => desk.box(ask, file && new Uint8Array(await file.arrayBuffer())),
  standing: async (ask, file, ...given) => desk.standing(ask, file && new Uint8Array(await file.arrayBuffer()), ...given),
  photograph: readPhotograph,
};

exposeApi(api);
