import type { HTMLAttributes, ReactNode } from 'react';

/** A sheet of the page: white ground, hairline; `isActive` marks what is in hand or open with the accent along its top. */
export function Sheet({
  children,
  className = '',
  isActive = false,
  label,
  ...drop
}: {
  readonly children: ReactNode;
  readonly className?: string;
  readonly isActive?: boolean;
  readonly label?: string;
} & Pick<HTMLAttributes<HTMLElement>, 'onDragOver' | 'onDrop'>) {
  return (
    <section
      aria-label={label}
      {...drop}
      className={`bg-sheet border-line rounded-xs border ${isActive ? 'border-t-lime border-t-[6px]' : ''} ${className}`}
    >
      {children}
    </section>
  );
}
