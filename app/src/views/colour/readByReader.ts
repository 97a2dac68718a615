import type { Lab } from '@zinc-ladder/core/colour/lab';

/**
 * Asks the colour reader for readings of what lies under it. The simulated one has to be told; a real one leaves that aside (docs/devices.md).
 *
 * @throws Error when it cannot be reached or answers nonsense
 */
export async function readByReader(swatch: Lab, count: number, seed: number): Promise<Lab[]> {
  const query = `swatch=${swatch.map((value) => value.toFixed(3)).join(',')}&count=${count}&seed=${Math.trunc(seed)}`;
  const response = await fetch(`/api/reader?${query}`, { signal: AbortSignal.timeout(8000) }).catch(() => null);
  if (!response?.ok) throw new Error('the colour reader does not answer; type what it shows instead');
  const { readings } = (await response.json()) as { readings?: readonly { lab?: unknown }[] };
  const labs = (readings ?? []).flatMap(({ lab }) => (isLab(lab) ? [lab] : []));
  if (labs.length === 0) throw new Error('the colour reader answered nonsense');
  return labs;
}

function isLab(value: unknown): value is [number, number, number] {
  return Array.isArray(value) && value.length === 3 && value.every((entry) => typeof entry === 'number' && Math.abs(entry) <= 200);
}
