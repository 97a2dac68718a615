/** A joint between two pieces. */
export interface Joint {
  readonly first: string;
  readonly second: string;
  /** how far it may sit off, one standard deviation, mm */
  readonly errorMillimetres: number;
}

/** A piece joined onto what stands already. */
export interface JoinStep {
  readonly piece: string;
  readonly onto: string;
  /** how far it may be off from the piece all began with, one standard deviation, mm */
  readonly errorMillimetres: number;
}

/** The order in which pieces are joined. */
export interface JoinOrder {
  readonly first: string;
  readonly steps: readonly JoinStep[];
  /** the largest error of any piece, mm */
  readonly worstMillimetres: number;
  /** joints that close a ring: they take up what the ring has gathered, and want play, mm */
  readonly closing: readonly { readonly joint: Joint; readonly gapMillimetres: number }[];
  /** pieces that no joint leads to */
  readonly apart: readonly string[];
}

/**
 * The piece to begin with and the order of joining that keep error from adding up: one piece off a little pushes the next further off, so the
 * chains are kept short. Errors of joints are independent and add as squares; from each possible first piece the least error to each other is found
 * (Dijkstra), and the first piece with the least worst error wins. Outer pieces come last.
 */
export function orderJoins(pieces: readonly string[], joints: readonly Joint[]): JoinOrder {
  const reached = pieces.map((piece) => spread(piece, joints));
  let best: Reach | undefined;
  for (const reach of reached)
    if (!best || reach.steps.length > best.steps.length || (reach.steps.length === best.steps.length && reach.worst < best.worst - 1e-12))
      best = reach;
  if (!best) return { first: '', steps: [], worstMillimetres: 0, closing: [], apart: [] };
  const { first, steps, variance } = best;
  const used = new Set(steps.map((step) => pairKey(step.piece, step.onto)));
  const closing = joints
    .filter((joint) => variance.has(joint.first) && variance.has(joint.second) && !used.has(pairKey(joint.first, joint.second)))
    .map((joint) => ({ joint, gapMillimetres: Math.sqrt((variance.get(joint.first) ?? 0) + (variance.get(joint.second) ?? 0)) }));
  return { first, steps, worstMillimetres: Math.sqrt(best.worst), closing, apart: pieces.filter((piece) => !variance.has(piece)) };
}

interface Reach {
  readonly first: string;
  readonly steps: readonly JoinStep[];
  readonly variance: ReadonlyMap<string, number>;
  readonly worst: number;
}

function spread(first: string, joints: readonly Joint[]): Reach {
  const variance = new Map([[first, 0]]);
  const steps: JoinStep[] = [];
  for (;;) {
    let next: { piece: string; onto: string; variance: number } | null = null;
    for (const { first: a, second: b, errorMillimetres } of joints)
      for (const [onto, piece] of [
        [a, b],
        [b, a],
      ] as const) {
        const known = variance.get(onto);
        if (known === undefined || variance.has(piece)) continue;
        const found = known + errorMillimetres ** 2;
        if (!next || found < next.variance) next = { piece, onto, variance: found };
      }
    if (!next) break;
    variance.set(next.piece, next.variance);
    steps.push({ piece: next.piece, onto: next.onto, errorMillimetres: Math.sqrt(next.variance) });
  }
  return { first, steps, variance, worst: Math.max(0, ...variance.values()) };
}

function pairKey(a: string, b: string): string {
  return a < b ? `${a}|${b}` : `${b}|${a}`;
}
