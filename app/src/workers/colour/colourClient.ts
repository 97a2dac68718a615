import type { Remote } from 'comlink';
import type { ColourApi } from './colourApi';
import { createClient } from '../createClient';

const client = createClient<ColourApi>(
  () => new Worker(new URL('./colour.worker.ts', import.meta.url), { type: 'module', name: 'colour' }),
);

/** The colour desk in its worker, started when first asked. */
export function getColourApi(): Remote<ColourApi> {
  return client.api;
}

/** Ends what the desk is at; the next call begins a new one. What was asked is never answered. */
export function stopColourWorker(): void {
  client.stop();
}
