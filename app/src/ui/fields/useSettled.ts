import { useEffect, useState } from 'react';

/** A value as it was when it last stayed the same for a while: for what is too much to draw anew at every key. */
export function useSettled<Value>(value: Value, afterMs: number): Value {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), afterMs);
    return () => clearTimeout(timer);
  }, [value, afterMs]);
  return settled;
}
