import { useEffect, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useSettled } from '../../ui/fields/useSettled';
import type { LogFilter } from './logFilter';
import { NO_FILTER } from './logFilter';

const SETTLES_AFTER_MS = 300;
const KEYS = [
  ['prop', 'propId'],
  ['part', 'partId'],
  ['product', 'productId'],
  ['kind', 'kind'],
  ['words', 'text'],
] as const satisfies readonly (readonly [string, keyof LogFilter])[];

function readFilter(search: URLSearchParams): LogFilter {
  return { ...NO_FILTER, ...Object.fromEntries(KEYS.map(([name, key]) => [key, search.get(name) ?? ''])) };
}

function writeFilter(filter: LogFilter): Record<string, string> {
  return Object.fromEntries(KEYS.flatMap(([name, key]) => (filter[key] === '' ? [] : [[name, filter[key]]])));
}

/** A filter of the log that stands in the address, so that it can be kept and passed on. Typing stays ahead: the address follows when the keys rest. */
export function useFilterInAddress(): readonly [LogFilter, (filter: LogFilter) => void] {
  const [search, setSearch] = useSearchParams();
  const [filter, setFilter] = useState(() => readFilter(search));
  const settled = useSettled(filter, SETTLES_AFTER_MS);
  const written = useRef(search.toString());
  useEffect(() => {
    const next = new URLSearchParams(writeFilter(settled)).toString();
    if (next === written.current) return;
    written.current = next;
    setSearch(writeFilter(settled), { replace: true });
  }, [settled, setSearch]);
  useEffect(() => {
    // The address was changed by somebody else: back, forward, a link.
    const now = search.toString();
    if (now === written.current) return;
    written.current = now;
    setFilter(readFilter(search));
  }, [search]);
  return [filter, setFilter];
}
