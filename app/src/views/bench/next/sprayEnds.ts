import type { PlannedShop } from '../../../features/plan/planned';

/** When spraying ends, in words: of cans and of an airbrush that stays inside, or of both where they end together. */
export function sprayEnds({
  sprayWindows,
  airbrushWindows,
}: Pick<PlannedShop, 'sprayWindows' | 'airbrushWindows'>): { readonly atMs: number; readonly text: string }[] {
  const cans = new Set(sprayWindows.map(({ end }) => end));
  const airbrush = new Set((airbrushWindows ?? sprayWindows).map(({ end }) => end));
  return [...new Set([...cans, ...airbrush])].map((atMs) => ({
    atMs,
    text: !airbrush.has(atMs) ? 'no more cans' : !cans.has(atMs) ? 'no more airbrush' : 'spraying ends',
  }));
}
