import type { Remote } from 'comlink';
import { createClient } from '../createClient';
import type { CoverageReading } from '@zinc-ladder/core/weather/photograph/readCoverage';
import type { PartBox } from '@zinc-ladder/core/weather/seat/seat';
import type { PhotographAsk } from '../pictures/readPhotograph';
import type { AgeAnswer, AgeAsk, OpenedOutcome, WeatherApi } from './weatherApi';
import type { WeatherAsk } from './weatherAsk';

/** The weather desk as its worker offers it. */
export interface WeatherWorkerApi extends Pick<WeatherApi, 'rehearse'> {
  readonly open: (ask: WeatherAsk, file: Blob | null, onProgress: (share: number) => void) => Promise<OpenedOutcome>;
  readonly box: (ask: WeatherAsk, file: Blob | null) => Promise<PartBox | null>;
  readonly standing: (ask: WeatherAsk, file: Blob | null, passes: AgeAsk, target: number | null) => Promise<AgeAnswer>;
  readonly photograph: (ask: PhotographAsk) => Promise<CoverageReading>;
}

const client = createClient<WeatherWorkerApi>(
  () => new Worker(new URL('./weather.worker.ts', import.meta.url), { type: 'module', name: 'weather' }),
);

/** The weather desk in its worker, started when first asked. */
export function getWeatherApi(): Remote<WeatherWorkerApi> {
  return client.api;
}

/** Ends what the desk is at, and the desk with it. */
export function stopWeatherWorker(): void {
  client.stop();
}
