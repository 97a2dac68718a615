import type { ReactNode } from 'react';

/** A yes or no with its words behind it. */
export function CheckField({
  label,
  checked,
  onChange,
  isLarge = false,
  className = '',
}: {
  readonly label: ReactNode;
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
  /** for a thumb: on screens that are used while working */
  readonly isLarge?: boolean;
  /** its place among its neighbours */
  readonly className?: string;
}) {
  return (
    <label className={`flex cursor-pointer items-center gap-2 ${isLarge ? 'min-h-11' : 'min-h-9'} ${className}`}>
      <input
        type="checkbox"
        className={`shrink-0 ${isLarge ? 'h-5 w-5' : 'h-4 w-4'}`}
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  );
}
