import type { Fault } from '@zinc-ladder/model/file/faults';

/** What can go wrong on the way to the database; wording for people is in `shell/wording`. */
export type ShopErrorCode =
  | 'invalid'
  | 'conflict'
  | 'stale'
  | 'missing'
  | 'held'
  | 'nothingToDo'
  | 'timerForgotten'
  | 'clockWrong'
  | 'storageFull'
  | 'storageBlocked'
  | 'nothingToUndo'
  | 'tooLate'
  | 'unknown';

/** A failure with a stable code, and the faults behind it where there are any. */
export class ShopError extends Error {
  constructor(
    readonly code: ShopErrorCode,
    readonly faults: readonly Fault[] = [],
    options?: ErrorOptions,
  ) {
    super(code, options);
    this.name = 'ShopError';
  }
}

/** Turns what the database throws into a ShopError. */
export function toShopError(error: unknown): ShopError {
  if (error instanceof ShopError) return error;
  const names = collectNames(error);
  if (names.includes('QuotaExceededError')) return new ShopError('storageFull', [], { cause: error });
  if (
    names.some(
      (name) => name === 'OpenFailedError' || name === 'InvalidStateError' || name === 'MissingAPIError' || name === 'SecurityError',
    )
  ) {
    return new ShopError('storageBlocked', [], { cause: error });
  }
  return new ShopError('unknown', [], { cause: error });
}

function collectNames(error: unknown): string[] {
  const names: string[] = [];
  let current: unknown = error;
  for (let depth = 0; depth < 5 && typeof current === 'object' && current !== null; depth += 1) {
    const { name, inner, message } = current as { name?: unknown; inner?: unknown; message?: unknown };
    if (typeof name === 'string') names.push(name);
    // Some engines report a full disk as a plain abort that names the quota.
    if (typeof message === 'string' && /quota/iu.test(message)) names.push('QuotaExceededError');
    current = inner;
  }
  return names;
}
