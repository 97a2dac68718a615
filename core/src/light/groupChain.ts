/** A place in the prop, mm. */
export type Spot = readonly [x: number, y: number, z: number];

/** A group of addressable LEDs: data goes in at one end and out at the other. */
export interface LedGroup {
  readonly id: string;
  /** what faults call it; its id where it is left out */
  readonly name?: string;
  readonly in: Spot;
  readonly out: Spot;
  /** false: its power or ground is not connected */
  readonly hasPower: boolean;
  readonly hasGround: boolean;
}

/** Where a data wire begins or ends: the controller, or an end of a group. */
export type ChainEnd = { readonly kind: 'controller' } | { readonly kind: 'in' | 'out'; readonly group: string };

/** A data wire. */
export interface ChainLink {
  readonly from: ChainEnd;
  readonly to: ChainEnd;
}

/** Something that keeps a chain from working. */
export interface ChainFault {
  readonly kind: 'backwards' | 'tooLong' | 'noPower' | 'noGround' | 'loop' | 'notReached' | 'fedTwice' | 'unknownGroup';
  readonly group: string;
  readonly words: string;
}

/** A chain looked through. */
export interface ChainReading {
  readonly faults: readonly ChainFault[];
  /** of the wires as they are; null: none is drawn yet */
  readonly wireMillimetres: number | null;
  /** groups in the order that needs least wire */
  readonly order: readonly string[];
  readonly leastMillimetres: number;
  /** whether it is proved least: up to twelve groups */
  readonly isExact: boolean;
  /** wires to cut for that order */
  readonly cuts: readonly { readonly from: string; readonly to: string; readonly millimetres: number }[];
}

/** A data line longer than this between two groups is not sure to be read (common practice for 5 V lines without a driver). */
export const MOST_DATA_MILLIMETRES = 1000;
const MOST_EXACT = 12;

const far = (a: Spot, b: Spot): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

/** Looks a chain of groups through, and finds the order that needs least wire. */
export function readChain(
  controller: Spot,
  groups: readonly LedGroup[],
  links: readonly ChainLink[],
  mostMillimetres = MOST_DATA_MILLIMETRES,
): ChainReading {
  const order = leastOrder(controller, groups);
  const cuts = order.map((group, at) => {
    const before = order[at - 1];
    return {
      from: before ? `${before.id}.out` : 'controller',
      to: `${group.id}.in`,
      millimetres: far(before?.out ?? controller, group.in),
    };
  });
  const spots = new Map(groups.map((group) => [group.id, group]));
  const placeOf = (end: ChainEnd): Spot | null => (end.kind === 'controller' ? controller : (spots.get(end.group)?.[end.kind] ?? null));
  const wires = links.flatMap(({ from, to }) => {
    const [a, b] = [placeOf(from), placeOf(to)];
    return a && b ? [far(a, b)] : [];
  });
  return {
    faults: findFaults(groups, links, placeOf, mostMillimetres),
    wireMillimetres: links.length === 0 ? null : wires.reduce((sum, wire) => sum + wire, 0),
    order: order.map(({ id }) => id),
    leastMillimetres: cuts.reduce((sum, { millimetres }) => sum + millimetres, 0),
    isExact: groups.length <= MOST_EXACT,
    cuts,
  };
}

function findFaults(
  groups: readonly LedGroup[],
  links: readonly ChainLink[],
  placeOf: (end: ChainEnd) => Spot | null,
  mostMillimetres: number,
): ChainFault[] {
  const faults: ChainFault[] = [];
  const names = new Map(groups.map(({ id, name }) => [id, name ?? id]));
  const called = (id: string): string => names.get(id) ?? id;
  const tell = (kind: ChainFault['kind'], group: string, words: string): void => void faults.push({ kind, group, words });
  for (const { id, hasPower, hasGround } of groups) {
    if (!hasPower) tell('noPower', id, `${called(id)} has no power`);
    if (!hasGround) tell('noGround', id, `${called(id)} has no ground: its data is not read either`);
  }
  if (links.length === 0) return faults;
  const next = new Map<string, string>();
  const fed = new Map<string, number>();
  for (const { from, to } of links) {
    const name = to.kind === 'controller' ? 'the controller' : to.group;
    for (const end of [from, to])
      if (end.kind !== 'controller' && placeOf(end) === null) tell('unknownGroup', end.group, `there is no group ${end.group}`);
    if (from.kind === 'in')
      tell('backwards', from.group, `the wire leaves ${called(from.group)} at its data in: turn the group round, or take its out`);
    if (to.kind === 'out') tell('backwards', to.group, `the wire comes to ${called(to.group)} at its data out: it faces backwards`);
    if (to.kind === 'controller')
      tell('backwards', from.kind === 'controller' ? '' : from.group, 'data does not go back to the controller');
    const [a, b] = [placeOf(from), placeOf(to)];
    if (a && b && far(a, b) > mostMillimetres)
      tell(
        'tooLong',
        name,
        `the data line to ${called(name)} is ${Math.round(far(a, b))} mm: over ${mostMillimetres} mm it needs a driver, or a shorter way`,
      );
    if (to.kind !== 'controller') {
      fed.set(to.group, (fed.get(to.group) ?? 0) + 1);
      next.set(from.kind === 'controller' ? '' : from.group, to.group);
    }
  }
  for (const [group, count] of fed) if (count > 1) tell('fedTwice', group, `${called(group)} gets data from ${count} wires`);
  const reached = new Set<string>();
  for (let at = next.get(''); at !== undefined; at = next.get(at)) {
    if (reached.has(at)) {
      tell('loop', at, `the chain comes back to ${called(at)}`);
      break;
    }
    reached.add(at);
  }
  for (const { id } of groups) if (!reached.has(id)) tell('notReached', id, `no data reaches ${called(id)}`);
  return faults;
}

/** The order of groups that needs least wire from the controller through all: exact by dynamic programming over sets up to twelve (Held and Karp 1962), beyond by the nearest next and moving single groups. */
function leastOrder(controller: Spot, groups: readonly LedGroup[]): readonly LedGroup[] {
  return groups.length <= MOST_EXACT ? exactOrder(controller, groups) : improvedOrder(controller, groups);
}

function exactOrder(controller: Spot, groups: readonly LedGroup[]): readonly LedGroup[] {
  const count = groups.length;
  if (count === 0) return [];
  const cost = new Float64Array((1 << count) * count).fill(Infinity);
  const before = new Int8Array((1 << count) * count).fill(-1);
  for (const [at, group] of groups.entries()) cost[(1 << at) * count + at] = far(controller, group.in);
  for (let set = 1; set < 1 << count; set += 1)
    for (let last = 0; last < count; last += 1) {
      const here = cost[set * count + last] as number;
      if (!Number.isFinite(here)) continue;
      for (let next = 0; next < count; next += 1) {
        if ((set >> next) & 1) continue;
        const there = (set | (1 << next)) * count + next;
        const length = here + far((groups[last] as LedGroup).out, (groups[next] as LedGroup).in);
        if (length >= (cost[there] as number)) continue;
        cost[there] = length;
        before[there] = last;
      }
    }
  let set = (1 << count) - 1;
  let last = groups
    .map((_, at) => at)
    .reduce((best, at) => ((cost[set * count + at] as number) < (cost[set * count + best] as number) ? at : best));
  const order: LedGroup[] = [];
  while (last >= 0) {
    order.unshift(groups[last] as LedGroup);
    const came = before[set * count + last] as number;
    set &= ~(1 << last);
    last = came;
  }
  return order;
}

function improvedOrder(controller: Spot, groups: readonly LedGroup[]): readonly LedGroup[] {
  const left = [...groups];
  let order: LedGroup[] = [];
  for (let from = controller; left.length > 0; from = (order.at(-1) as LedGroup).out) {
    const nearest = left.reduce((best, group) => (far(from, group.in) < far(from, best.in) ? group : best));
    order.push(nearest);
    left.splice(left.indexOf(nearest), 1);
  }
  const lengthOf = (list: readonly LedGroup[]): number =>
    list.reduce((sum, group, at) => sum + far(list[at - 1]?.out ?? controller, group.in), 0);
  for (let improved = true; improved;) {
    improved = false;
    for (let at = 0; at < order.length && !improved; at += 1)
      for (let to = 0; to < order.length; to += 1) {
        const without = order.filter((_, nth) => nth !== at);
        const moved = [...without.slice(0, to), order[at] as LedGroup, ...without.slice(to)];
        if (lengthOf(moved) < lengthOf(order) - 1e-9) {
          order = moved;
          improved = true;
          break;
        }
      }
  }
  return order;
}
