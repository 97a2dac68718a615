import type { CoatRow } from '@zinc-ladder/core/colour/coats/coatsOver';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';

/** Swatches of 0, 1, 2 … coats, and the full colour, edge to edge. */
export function CoatRowStrip({ row, underName }: { readonly row: CoatRow; readonly underName: string }) {
  const shown = row.steps;
  const cells = [
    ...shown.map((step) => ({ hex: hexOfLab(step.lab), label: labelOf(step.coats, row, underName) })),
    { hex: hexOfLab(row.full), label: 'full' },
  ];
  return (
    <figure aria-label={`Coats over ${underName}`}>
      <div className="border-edge flex h-14 border" role="img" aria-label={cells.map((cell) => `${cell.label} ${cell.hex}`).join(', ')}>
        {cells.map((cell, at) => (
          <svg key={at} className="h-full min-w-0 flex-1" aria-hidden="true">
            <rect width="101%" height="100%" fill={cell.hex} />
          </svg>
        ))}
      </div>
      <figcaption className="figure flex text-sm">
        {cells.map((cell, at) => (
          <span key={at} className="min-w-0 flex-1 truncate" title={cell.label}>
            {cell.label}
          </span>
        ))}
      </figcaption>
    </figure>
  );
}

function labelOf(coats: number, row: CoatRow, underName: string): string {
  if (coats === 0) return underName;
  if (coats === row.toFullColour) return `${coats} covers`;
  return coats === 1 ? '1 coat' : String(coats);
}

/** `2 to 4 coats`, `3 coats`, `more than 12`. */
export function coatRange([least, most]: readonly [number | null, number | null]): string {
  if (least === null) return 'more than 12';
  if (most === null) return `${least} or more`;
  return least === most ? String(least) : `${least}–${most}`;
}
