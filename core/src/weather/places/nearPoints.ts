import type { SamplePoints } from './samplePoints';

/** Which points lie near each other: a list of numbers for each point, one after the other. */
export interface NearPoints {
  /** where the list of a point begins; length count + 1 */
  readonly starts: Uint32Array;
  readonly neighbours: Uint32Array;
  /** mm, beside `neighbours` */
  readonly distances: Float32Array;
  readonly radiusMillimetres: number;
}

/** Points in cells of a grid, kept in a table so that a long thin part needs no more memory than a ball. */
export interface PointGrid {
  /** calls for every point whose cell touches the ball round a place; distances are not checked */
  readonly eachNear: (x: number, y: number, z: number, tell: (point: number) => void) => void;
  readonly cellMillimetres: number;
}

function cellHash(x: number, y: number, z: number): number {
  return (Math.imul(x, 0x9e3779b1) ^ Math.imul(y, 0x85ebca6b) ^ Math.imul(z, 0xc2b2ae35)) >>> 0;
}

/** Files points under cells as wide as the radius that will be asked for. */
export function buildPointGrid(positions: Float32Array, cellMillimetres: number): PointGrid {
  const count = positions.length / 3;
  const slots = 2 ** Math.max(4, Math.ceil(Math.log2(count + 1)));
  const cells = new Int32Array(count * 3);
  const slotOf = new Uint32Array(count);
  const starts = new Uint32Array(slots + 1);
  for (let point = 0; point < count; point += 1) {
    for (let axis = 0; axis < 3; axis += 1) cells[point * 3 + axis] = Math.floor((positions[point * 3 + axis] as number) / cellMillimetres);
    const slot = cellHash(cells[point * 3] as number, cells[point * 3 + 1] as number, cells[point * 3 + 2] as number) & (slots - 1);
    slotOf[point] = slot;
    starts[slot + 1] = (starts[slot + 1] as number) + 1;
  }
  for (let slot = 0; slot < slots; slot += 1) starts[slot + 1] = (starts[slot + 1] as number) + (starts[slot] as number);
  const places = starts.slice(0, slots);
  const filed = new Uint32Array(count);
  for (let point = 0; point < count; point += 1) {
    const slot = slotOf[point] as number;
    filed[places[slot] as number] = point;
    places[slot] = (places[slot] as number) + 1;
  }
  return {
    cellMillimetres,
    eachNear: (x, y, z, tell) => {
      const cx = Math.floor(x / cellMillimetres);
      const cy = Math.floor(y / cellMillimetres);
      const cz = Math.floor(z / cellMillimetres);
      for (let dx = -1; dx <= 1; dx += 1)
        for (let dy = -1; dy <= 1; dy += 1)
          for (let dz = -1; dz <= 1; dz += 1) {
            const slot = cellHash(cx + dx, cy + dy, cz + dz) & (slots - 1);
            const end = starts[slot + 1] as number;
            for (let place = starts[slot] as number; place < end; place += 1) {
              const point = filed[place] as number;
              // Two cells may share a slot: each point is told of for its own cell only.
              if (cells[point * 3] === cx + dx && cells[point * 3 + 1] === cy + dy && cells[point * 3 + 2] === cz + dz) tell(point);
            }
          }
    },
  };
}

/** All pairs of points within a radius. */
export function findNearPoints({ positions, count }: SamplePoints, radiusMillimetres: number): NearPoints {
  const grid = buildPointGrid(positions, radiusMillimetres);
  const starts = new Uint32Array(count + 1);
  let neighbours = new Uint32Array(count * 24);
  let distances = new Float32Array(count * 24);
  let length = 0;
  const most = radiusMillimetres * radiusMillimetres;
  for (let point = 0; point < count; point += 1) {
    const x = positions[point * 3] as number;
    const y = positions[point * 3 + 1] as number;
    const z = positions[point * 3 + 2] as number;
    grid.eachNear(x, y, z, (other) => {
      if (other === point) return;
      const dx = (positions[other * 3] as number) - x;
      const dy = (positions[other * 3 + 1] as number) - y;
      const dz = (positions[other * 3 + 2] as number) - z;
      const square = dx * dx + dy * dy + dz * dz;
      if (square > most) return;
      if (length === neighbours.length) {
        neighbours = longer(neighbours, new Uint32Array(length * 2));
        distances = longer(distances, new Float32Array(length * 2));
      }
      neighbours[length] = other;
      distances[length] = Math.sqrt(square);
      length += 1;
    });
    starts[point + 1] = length;
  }
  return { starts, neighbours: neighbours.slice(0, length), distances: distances.slice(0, length), radiusMillimetres };
}

function longer<T extends Uint32Array | Float32Array>(list: T, next: T): T {
  next.set(list);
  return next;
}
