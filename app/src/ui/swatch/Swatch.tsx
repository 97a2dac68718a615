/** A chip of real colour on neutral ground; hatched where there is no colour to show. */
export function Swatch({ colourHex, className = 'h-6 w-6' }: { readonly colourHex: string | null; readonly className?: string }) {
  return (
    <svg className={`border-edge shrink-0 border ${className}`} aria-hidden="true">
      <rect width="100%" height="100%" fill={colourHex ?? 'url(#hatch)'} />
    </svg>
  );
}
