import type { Remote } from 'comlink';
import type { ColourDesk } from './colourDesk';
import { createClient } from './createClient';

const client = createClient<ColourDesk>(
  () => new Worker(new URL('./colour.worker.ts', import.meta.url), { type: 'module', name: 'colour' }),
);

/** The colour desk in its worker, started when first asked. */
export function getColourDesk(): Remote<ColourDesk> {
  return client.api;
}

/** Ends what the desk is at; the next call begins a new one. What was asked is never answered. */
export function stopColourDesk(): void {
  client.stop();
}
