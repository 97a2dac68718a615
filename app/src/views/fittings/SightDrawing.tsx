import type { EyeOpening, Sight } from '@zinc-ladder/core/wearing/sight';

const WIDE = 320;
const HIGH = 170;
/** How long the rays are drawn. */
const REACH = 140;

/** What is seen, from above and from the side: the eye, the opening, and the rays past its edges. */
export function SightDrawing({ opening, sight }: { readonly opening: Required<EyeOpening>; readonly sight: Sight }) {
  const label = (one: number, other: number): string => `${Math.round(one)}° and ${Math.round(other)}°`;
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <Fan
        title="From above"
        words={`From above: ${label(sight.left, sight.right)}`}
        sides={[
          ['left', sight.left],
          ['right', sight.right],
        ]}
        distance={opening.distance}
        edges={[opening.aside - opening.width / 2, opening.aside + opening.width / 2]}
        isTurned={false}
      />
      <Fan
        title="From the side"
        words={`From the side: ${label(sight.up, sight.down)}`}
        sides={[
          ['up', sight.up],
          ['down', sight.down],
        ]}
        distance={opening.distance}
        edges={[-opening.above - opening.height / 2, -opening.above + opening.height / 2]}
        isTurned
      />
    </div>
  );
}

interface FanProps {
  readonly title: string;
  readonly words: string;
  /** what is seen to the one and the other side of straight ahead, degrees */
  readonly sides: readonly [readonly [string, number], readonly [string, number]];
  readonly distance: number;
  /** where the opening begins and ends across, mm from the eye's axis */
  readonly edges: readonly [number, number];
  /** ahead is to the right rather than up */
  readonly isTurned: boolean;
}

function Fan({ title, words, sides, distance, edges, isTurned }: FanProps) {
  const eye = isTurned ? { x: 24, y: HIGH / 2 } : { x: WIDE / 2, y: HIGH - 18 };
  // Ahead and across in mm, as a place on the drawing.
  const place = (ahead: number, across: number): string => {
    const [x, y] = isTurned ? [eye.x + ahead, eye.y + across] : [eye.x + across, eye.y - ahead];
    return `${x.toFixed(1)} ${y.toFixed(1)}`;
  };
  const ray = (degrees: number): readonly [number, number] => [
    REACH * Math.cos((degrees * Math.PI) / 180),
    REACH * Math.sin((degrees * Math.PI) / 180),
  ];
  const [first, second] = [ray(-sides[0][1]), ray(sides[1][1])];
  const scale = Math.min(1, 60 / distance, 150 / Math.max(Math.abs(edges[0]), Math.abs(edges[1]), 1));
  const at = distance * scale;
  const half = isTurned ? HIGH / 2 - 6 : WIDE / 2 - 6;
  return (
    <figure>
      <figcaption className="label">{title}</figcaption>
      <svg viewBox={`0 0 ${WIDE} ${HIGH}`} role="img" aria-label={words} className="w-full">
        <path
          d={`M${place(0, 0)} L${place(...first)} A${REACH} ${REACH} 0 0 1 ${place(...second)} Z`}
          className="fill-band stroke-ink"
          strokeWidth="1"
        />
        <path
          d={`M${place(at, -half)} L${place(at, edges[0] * scale)} M${place(at, edges[1] * scale)} L${place(at, half)}`}
          className="stroke-ink fill-none"
          strokeWidth="4"
        />
        <circle cx={eye.x} cy={eye.y} r="7" className="fill-sheet stroke-ink" strokeWidth="2" />
        <circle cx={eye.x} cy={eye.y} r="2.5" className="fill-ink" />
        {sides.map(([name, degrees], nth) => {
          const [ahead, across] = ray((nth === 0 ? -1 : 1) * Math.max(12, degrees / 2));
          const [x = '0', y = '0'] = place(ahead * 0.72, across * 0.72).split(' ');
          return (
            <text key={name} x={x} y={y} textAnchor="middle" className="fill-ink figure" fontSize="12">
              {Math.round(degrees)}° {name}
            </text>
          );
        })}
      </svg>
    </figure>
  );
}
