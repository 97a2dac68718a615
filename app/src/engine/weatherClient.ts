import type { Remote } from 'comlink';
import { createClient } from './createClient';
import type { CoverageReading } from '@zinc-ladder/core/weather/photograph/readCoverage';
import type { PhotographAsk } from './readPhotograph';
import type { AgeAnswer, AgeAsk, OpenedOutcome, WeatherAsk, WeatherDesk } from './weatherDesk';

/** The weather desk as its worker offers it. */
export interface WeatherDeskApi extends Pick<WeatherDesk, 'rehearse'> {
  readonly open: (ask: WeatherAsk, file: Blob | null, onProgress: (share: number) => void) => Promise<OpenedOutcome>;
  readonly standing: (ask: WeatherAsk, file: Blob | null, passes: AgeAsk, target: number | null) => Promise<AgeAnswer>;
  readonly photograph: (ask: PhotographAsk) => Promise<CoverageReading>;
}

const client = createClient<WeatherDeskApi>(
  () => new Worker(new URL('./weather.worker.ts', import.meta.url), { type: 'module', name: 'weather' }),
);

/** The weather desk in its worker, started when first asked. */
export function getWeatherDesk(): Remote<WeatherDeskApi> {
  return client.api;
}

/** Ends what the desk is at, and the desk with it. */
export function stopWeatherDesk(): void {
  client.stop();
}
