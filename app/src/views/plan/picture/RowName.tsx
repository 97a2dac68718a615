/** More letters than this do not fit beside a row of the picture. */
const MOST_LETTERS = 14;

/** The name of a row of the plan's picture. */
export function RowName({ y, name }: { readonly y: number; readonly name: string }) {
  return (
    <text x={8} y={y} className="font-label fill-ink font-semibold" fontSize={15}>
      {shorten(name)}
    </text>
  );
}

/** A name cut to what fits beside a row. */
export function shorten(name: string): string {
  return name.length > MOST_LETTERS ? `${name.slice(0, MOST_LETTERS - 1)}…` : name;
}
