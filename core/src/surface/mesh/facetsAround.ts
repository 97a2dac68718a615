import type { Mesh } from './mesh';

/** The facets round each vertex: those of vertex v are `facets[starts[v]]` up to before `facets[starts[v + 1]]`. */
export interface FacetsAround {
  readonly starts: Uint32Array;
  readonly facets: Uint32Array;
}

/** Files every facet under its three vertices. */
export function facetsAround({ positions, indices }: Mesh): FacetsAround {
  const starts = new Uint32Array(positions.length / 3 + 1);
  for (const vertex of indices) starts[vertex + 1] = (starts[vertex + 1] as number) + 1;
  for (let vertex = 0; vertex + 1 < starts.length; vertex += 1)
    starts[vertex + 1] = (starts[vertex + 1] as number) + (starts[vertex] as number);
  const places = starts.slice();
  const facets = new Uint32Array(indices.length);
  for (let corner = 0; corner < indices.length; corner += 1) {
    const vertex = indices[corner] as number;
    facets[places[vertex] as number] = (corner - (corner % 3)) / 3;
    places[vertex] = (places[vertex] as number) + 1;
  }
  return { starts, facets };
}
