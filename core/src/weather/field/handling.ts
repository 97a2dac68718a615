import type { NearPoints } from '../places/nearPoints';
import type { SamplePoints } from '../places/samplePoints';
import type { Vector } from '../../surface/mesh/vector';

/**
 * Way along the surface from the nearest of some pins to every point, mm, by Dijkstra over neighbouring points: 1–2 % long on flats with neighbours
 * within 2.5 spacings. Infinity where no way leads.
 *
 * @param pins places the finisher pointed at: each counts from the sample point nearest to it
 * @param mostMillimetres further is not asked; such points stay Infinity
 */
export function wayFromPins(points: SamplePoints, near: NearPoints, pins: readonly Vector[], mostMillimetres = Infinity): Float64Array {
  // Doubles in the heap and in the list alike: singles in one of them would strand the search on rounded ties.
  const way = new Float64Array(points.count).fill(Infinity);
  const heap = new WayHeap(points.count);
  for (const pin of pins) {
    const nearest = nearestPoint(points, pin);
    const from = nearest.millimetres;
    if (from < (way[nearest.point] as number)) {
      way[nearest.point] = from;
      heap.push(nearest.point, from);
    }
  }
  for (let top = heap.pop(); top !== null; top = heap.pop()) {
    const { point, millimetres } = top;
    if (millimetres > (way[point] as number)) continue;
    const end = near.starts[point + 1] as number;
    for (let place = near.starts[point] as number; place < end; place += 1) {
      const other = near.neighbours[place] as number;
      const next = millimetres + (near.distances[place] as number);
      if (next >= (way[other] as number) || next > mostMillimetres) continue;
      way[other] = next;
      heap.push(other, next);
    }
  }
  return way;
}

/** The sample point nearest to a place, and how far it is off. */
export function nearestPoint(
  { positions, count }: SamplePoints,
  [x, y, z]: Vector,
): { readonly point: number; readonly millimetres: number } {
  let best = 0;
  let least = Infinity;
  for (let point = 0; point < count; point += 1) {
    const dx = (positions[point * 3] as number) - x;
    const dy = (positions[point * 3 + 1] as number) - y;
    const dz = (positions[point * 3 + 2] as number) - z;
    const square = dx * dx + dy * dy + dz * dz;
    if (square < least) {
      least = square;
      best = point;
    }
  }
  return { point: best, millimetres: Math.sqrt(least) };
}

/** A binary heap of points by their way; a point may lie in it more than once, the shorter counts. */
class WayHeap {
  private keys: Float64Array;
  private items: Uint32Array;
  private size = 0;

  constructor(capacity: number) {
    this.keys = new Float64Array(Math.max(16, capacity));
    this.items = new Uint32Array(this.keys.length);
  }

  push(item: number, key: number): void {
    if (this.size === this.keys.length) this.grow();
    let at = this.size;
    this.size += 1;
    while (at > 0) {
      const parent = (at - 1) >> 1;
      if ((this.keys[parent] as number) <= key) break;
      this.keys[at] = this.keys[parent] as number;
      this.items[at] = this.items[parent] as number;
      at = parent;
    }
    this.keys[at] = key;
    this.items[at] = item;
  }

  pop(): { readonly point: number; readonly millimetres: number } | null {
    if (this.size === 0) return null;
    const point = this.items[0] as number;
    const millimetres = this.keys[0] as number;
    this.size -= 1;
    const key = this.keys[this.size] as number;
    const item = this.items[this.size] as number;
    let at = 0;
    for (;;) {
      let child = 2 * at + 1;
      if (child >= this.size) break;
      if (child + 1 < this.size && (this.keys[child + 1] as number) < (this.keys[child] as number)) child += 1;
      if ((this.keys[child] as number) >= key) break;
      this.keys[at] = this.keys[child] as number;
      this.items[at] = this.items[child] as number;
      at = child;
    }
    this.keys[at] = key;
    this.items[at] = item;
    return { point, millimetres };
  }

  private grow(): void {
    const keys = new Float64Array(this.keys.length * 2);
    keys.set(this.keys);
    const items = new Uint32Array(keys.length);
    items.set(this.items);
    this.keys = keys;
    this.items = items;
  }
}
