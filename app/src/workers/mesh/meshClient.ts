import type { Remote } from 'comlink';
import { proxy } from 'comlink';
import { createClient } from '../createClient';
import type { MeshAsk, MeshApi, OpenOutcome } from './meshApi';

/** The mesh desk as its worker offers it: files come as blobs, which are handed over without being copied. */
export type MeshWorkerApi = Omit<MeshApi, 'open'> & { readonly open: (ask: MeshAsk, file: Blob) => Promise<OpenOutcome> };

const client = createClient<MeshWorkerApi>(
  () => new Worker(new URL('./mesh.worker.ts', import.meta.url), { type: 'module', name: 'mesh' }),
);

/** The mesh desk in its worker, started when first asked. */
export function getMeshApi(): Remote<MeshWorkerApi> {
  return client.api;
}

/** Ends what the desk is at, and the desk with it; the next call begins a new one. What was asked is never answered. */
export function stopMeshWorker(): void {
  client.stop();
}

/** A function the worker may call. */
export function tellFromWorker(tell: (share: number) => void): (share: number) => void {
  return proxy(tell);
}
