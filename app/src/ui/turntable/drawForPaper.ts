/**
 * Draws once more right before the page is printed: a browser throws a WebGL picture away once it was shown, and
 * would print an empty frame.
 *
 * @returns ends it
 */
export function drawForPaper(render: () => void): () => void {
  globalThis.addEventListener('beforeprint', render);
  return () => globalThis.removeEventListener('beforeprint', render);
}
