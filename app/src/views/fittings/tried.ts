/** What a sum came to, or why it refused what was typed. */
export type Tried<Value> = { readonly kind: 'value'; readonly value: Value } | { readonly kind: 'refused'; readonly reason: string };

/** Runs a sum whose figures were typed: what it refuses by a RangeError is said beside them. */
export function tried<Value>(sum: () => Value): Tried<Value> {
  try {
    return { kind: 'value', value: sum() };
  } catch (error) {
    if (error instanceof RangeError) return { kind: 'refused', reason: error.message };
    throw error;
  }
}
