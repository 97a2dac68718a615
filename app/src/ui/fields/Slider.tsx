import { useId, useState } from 'react';

/** A share set by sliding, with its figure: told while it moves, kept when it is let go. */
export function Slider({
  label,
  value,
  least,
  most,
  step,
  words,
  onMove,
  onKeep,
}: {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly step: number;
  /** the figure as it is read: `35 %` */
  readonly words: (value: number) => string;
  readonly onMove?: (value: number) => void;
  readonly onKeep: (value: number) => void;
}) {
  const id = useId();
  const [moved, setMoved] = useState<{ readonly from: number; readonly to: number } | null>(null);
  // What was moved holds until the value it was moved from is another.
  const shown = moved?.from === value ? moved.to : value;
  const keep = (): void => {
    if (shown !== value) onKeep(shown);
  };
  return (
    <div className="min-w-0">
      <div className="flex items-baseline justify-between gap-2">
        <label htmlFor={id} className="label">
          {label}
        </label>
        <output htmlFor={id} className="figure">
          {words(shown)}
        </output>
      </div>
      <input
        id={id}
        type="range"
        className="accent-edge block h-6 w-full"
        min={least}
        max={most}
        step={step}
        value={shown}
        aria-valuetext={words(shown)}
        onChange={(event) => {
          const next = Number(event.target.value);
          setMoved({ from: value, to: next });
          onMove?.(next);
        }}
        onPointerUp={keep}
        onKeyUp={keep}
        onBlur={keep}
      />
    </div>
  );
}
