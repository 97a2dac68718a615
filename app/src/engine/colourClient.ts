import type { Remote } from 'comlink';
import { wrap } from 'comlink';
import type { ColourDesk } from './colourDesk';

let worker: Worker | null = null;
let desk: Remote<ColourDesk> | null = null;

/** The colour desk in its worker, started when first asked for. */
export function getColourDesk(): Remote<ColourDesk> {
  if (!desk) {
    worker = new Worker(new URL('./colour.worker.ts', import.meta.url), { type: 'module', name: 'colour' });
    desk = wrap<ColourDesk>(worker);
  }
  return desk;
}

/** Ends what the desk is at; the next call begins a new one. What was asked is never answered. */
export function stopColourDesk(): void {
  worker?.terminate();
  worker = null;
  desk = null;
}
