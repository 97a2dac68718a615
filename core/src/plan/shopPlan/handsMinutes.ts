import type { Interval } from '../../time/interval';

/** Hands minutes of planned rungs: their stretches added up. Stretches are epoch ms. */
export function handsMinutes(times: readonly { readonly chunks: readonly Interval[] }[]): number {
  let ms = 0;
  for (const { chunks } of times) for (const chunk of chunks) ms += chunk.end - chunk.start;
  return ms / 60_000;
}
