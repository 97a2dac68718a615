import { escapeXml } from '../svg/escapeXml';

/** A wire of a drawing, from one thing to the next. */
export interface DrawnWire {
  readonly from: string;
  readonly to: string;
  readonly millimetres: number;
}

/** What is drawn: groups in the order data runs, and the wires to cut. */
export interface Wiring {
  readonly title: string;
  /** what feeds it, in words: `3 × AA, 4.8 V fresh` */
  readonly supply: string;
  /** in the order data runs */
  readonly groups: readonly { readonly name: string; readonly words: string }[];
  readonly wires: readonly DrawnWire[];
}

/** Added to each wire for its solder joints and a bend, mm (common practice). */
export const WIRE_SPARE = 20;

const BOX = { width: 130, height: 54, gap: 78 } as const;
const MARGIN = 24;
const LINE = 20;
const ROWS_FROM = 190;

/** Length to cut a wire at: the way, and what is spare for both ends. */
export function cutMillimetres(wire: Pick<DrawnWire, 'millimetres'>): number {
  return Math.ceil(wire.millimetres + WIRE_SPARE);
}

/** A wiring drawing as SVG: controller and groups as boxes, data in at the left and out at the right, power and ground along below, and the cut list. */
export function drawWiring({ title, supply, groups, wires }: Wiring): string {
  const boxes = [{ name: 'Controller', words: supply }, ...groups];
  const width = Math.max(520, MARGIN * 2 + boxes.length * BOX.width + (boxes.length - 1) * BOX.gap);
  const height = ROWS_FROM + LINE * (wires.length + 3);
  const left = (at: number): number => MARGIN + at * (BOX.width + BOX.gap);
  const middle = 60 + BOX.height / 2;
  const rail = 60 + BOX.height + 26;
  const text = (x: number, y: number, words: string, size = 13, anchor = 'start'): string =>
    `<text x="${x}" y="${y}" font-size="${size}" text-anchor="${anchor}">${escapeXml(words)}</text>`;
  const drawn = boxes.flatMap(({ name, words }, at) => [
    `<rect x="${left(at)}" y="60" width="${BOX.width}" height="${BOX.height}" fill="#ffffff" stroke="#1d2427" stroke-width="1.5"/>`,
    text(left(at) + BOX.width / 2, 82, name, 14, 'middle'),
    text(left(at) + BOX.width / 2, 101, words, 11, 'middle'),
    `<path d="M${left(at) + BOX.width / 2} ${60 + BOX.height}V${rail + 14}" stroke="#1d2427" stroke-width="1"/>`,
  ]);
  const arrows = groups.flatMap((_, at) => {
    const from = left(at) + BOX.width;
    const to = left(at + 1);
    const wire = wires[at];
    return [
      `<path d="M${from} ${middle}H${to - 8}" stroke="#1d2427" stroke-width="2"/>`,
      `<path d="M${to} ${middle}l-10 -5v10z" fill="#1d2427"/>`,
      ...(wire ? [text((from + to) / 2, middle - 8, `${cutMillimetres(wire)} mm`, 11, 'middle')] : []),
    ];
  });
  const end = left(boxes.length - 1) + BOX.width / 2;
  const rails = [
    ['+', rail],
    ['–', rail + 14],
  ].flatMap(([sign, y]) => [
    `<path d="M${MARGIN} ${y}H${end}" stroke="#1d2427" stroke-width="1.5"${sign === '–' ? ' stroke-dasharray="6 4"' : ''}/>`,
    text(end + 8, Number(y) + 4, String(sign), 14),
  ]);
  const list = wires.map((wire, at) =>
    text(MARGIN, ROWS_FROM + LINE * (at + 1), `${at + 1}.  ${cutMillimetres(wire)} mm   ${wire.from} → ${wire.to}`),
  );
  const sum = wires.reduce((total, wire) => total + cutMillimetres(wire), 0);
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}" font-family="sans-serif" fill="#1d2427">`,
    `<title>${escapeXml(title)}</title>`,
    `<rect width="${width}" height="${height}" fill="#ffffff"/>`,
    text(MARGIN, 34, title, 18),
    ...drawn,
    ...arrows,
    ...rails,
    text(MARGIN, ROWS_FROM - 4, 'Data wires to cut, with 20 mm for both ends', 14),
    ...list,
    text(MARGIN, ROWS_FROM + LINE * (wires.length + 2), `All of them: ${sum} mm. Power and ground go along with each.`),
    '</svg>',
  ].join('\n');
}
