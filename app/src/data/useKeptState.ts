import { useQuery, useQueryClient } from '@tanstack/react-query';

/**
 * A state that stays while the page is open, though what shows it is left and come back to: work of many presses that is not a record yet. A key names
 * it; another key begins anew.
 */
export function useKeptState<Value>(key: readonly unknown[], initial: Value): readonly [Value, (next: (now: Value) => Value) => void] {
  const client = useQueryClient();
  const queryKey = ['keptState', ...key];
  const { data } = useQuery<Value>({
    queryKey,
    queryFn: () => client.getQueryData<Value>(queryKey) ?? initial,
    enabled: false,
    staleTime: Infinity,
    gcTime: Infinity,
  });
  return [data ?? initial, (next) => void client.setQueryData<Value>(queryKey, (now) => next(now ?? initial))];
}
