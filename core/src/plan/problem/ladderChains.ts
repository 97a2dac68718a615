import type { PreparedProblem } from './preparedProblem';

/** Which tasks hang together by order alone, as a number for each task: the rungs of one ladder. */
export function ladderChains({ tasks, arcs }: PreparedProblem): number[] {
  const parent = tasks.map((_, index) => index);
  const root = (index: number): number => {
    let at = index;
    for (let next = parent[at]; next !== undefined && next !== at; next = parent[at]) at = next;
    parent[index] = at;
    return at;
  };
  for (const { from, to, arc } of arcs) if (arc.reason.kind === 'order') parent[root(from)] = root(to);
  return tasks.map((_, index) => root(index));
}
