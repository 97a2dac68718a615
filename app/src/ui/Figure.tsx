import type { ReactNode } from 'react';
import type { Reason } from './Why';
import { Why } from './Why';

/** A labelled figure in a grid of figures; with a reason it answers "why". */
export function Figure({
  label,
  value,
  reason,
  tone = 'plain',
  isWide = false,
}: {
  readonly label: string;
  readonly value: ReactNode;
  readonly reason?: Reason;
  readonly tone?: 'plain' | 'warn' | 'open';
  /** takes a whole row of the grid */
  readonly isWide?: boolean;
}) {
  const colour = tone === 'warn' ? 'text-oxide' : tone === 'open' ? 'text-limeink' : '';
  return (
    <div className={`border-line -mr-px -mb-px min-w-0 border-r border-b px-3 py-1.5 ${isWide ? 'col-span-full' : ''}`}>
      <div className="label">{label}</div>
      <div className={`figure text-lg leading-snug break-words ${colour}`}>
        {reason ? (
          <Why reason={reason} name={label.toLowerCase()}>
            {value}
          </Why>
        ) : (
          value
        )}
      </div>
    </div>
  );
}

/** A grid of figures with hairlines between. */
export function Figures({ children, columns = 3 }: { readonly children: ReactNode; readonly columns?: 2 | 3 | 4 }) {
  const grid = { 2: 'grid-cols-2', 3: 'grid-cols-2 sm:grid-cols-3', 4: 'grid-cols-2 sm:grid-cols-4' }[columns];
  return <div className={`border-line grid overflow-hidden border ${grid}`}>{children}</div>;
}
