import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';
import { useId } from 'react';

/** Where a figure comes from: formula, inputs, source. */
export interface Reason {
  readonly formula: string;
  readonly inputs?: readonly (readonly [string, string])[];
  readonly source: string;
}

/** A figure's "why": one press shows the formula, what went in and where it is from. */
export function Why({ reason, children, name }: { readonly reason: Reason; readonly children: ReactNode; readonly name: string }) {
  const figure = useId();
  const why = useId();
  return (
    <Popover.Root>
      <Popover.Trigger
        id={figure}
        className="in-text cursor-help [text-align:inherit] underline decoration-dotted decoration-1 underline-offset-4"
        // The figure itself is heard first: a name that stood for it would hide it from whoever does not see it.
        aria-labelledby={`${figure} ${why}`}
      >
        {children}
      </Popover.Trigger>
      {/* Its words are a label, not text: whoever copies or reads the line gets the figure alone. */}
      <span id={why} hidden aria-label={`why ${name}`} />
      <Popover.Portal>
        <Popover.Content sideOffset={6} collisionPadding={12} className="bg-sheet border-ink z-40 max-w-96 rounded-xs border p-4 text-sm">
          <p className="label">Formula</p>
          <p className="figure mb-3">{reason.formula}</p>
          {reason.inputs && reason.inputs.length > 0 && (
            <>
              <p className="label">From</p>
              <dl className="mb-3 grid grid-cols-[auto_1fr] gap-x-4">
                {reason.inputs.map(([label, value]) => (
                  <div key={label} className="contents">
                    <dt className="text-dim">{label}</dt>
                    <dd className="figure text-right">{value}</dd>
                  </div>
                ))}
              </dl>
            </>
          )}
          <p className="label">Source</p>
          <p>{reason.source}</p>
          <Popover.Arrow className="fill-ink" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
