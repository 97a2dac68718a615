/** Two colours edge to edge on neutral ground, the only way a small difference is seen. */
export function SplitSwatch({
  left,
  right,
  leftName,
  rightName,
  className = 'h-9 w-9',
}: {
  readonly left: string;
  /** null: not there yet */
  readonly right: string | null;
  readonly leftName?: string;
  readonly rightName?: string;
  readonly className?: string;
}) {
  const label = leftName ? `${leftName} beside ${rightName ?? ''}` : undefined;
  return (
    <svg
      className={`border-edge shrink-0 border ${className}`}
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
    >
      <rect width="50%" height="100%" fill={left} />
      <rect x="50%" width="50%" height="100%" fill={right ?? 'url(#hatch)'} />
    </svg>
  );
}
