/** A fresh id. Random ids keep two shops' files mergeable. */
export function newId(): string {
  // Over a plain network address browsers give random bytes, but not ready ids.
  if ('randomUUID' in crypto) return crypto.randomUUID();
  return Array.from((crypto as Crypto).getRandomValues(new Uint8Array(16)), (byte) => byte.toString(16).padStart(2, '0')).join('');
}
