/** `1 rung`, `12 rungs`. */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}

/** `a piece`, `3 pieces`; `A piece` where a sentence begins with it. */
export function aOrCounted(count: number, one: string, article: 'a' | 'A' = 'a'): string {
  return count === 1 ? `${article} ${one}` : counted(count, one);
}
