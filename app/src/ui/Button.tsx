import type { ButtonHTMLAttributes } from 'react';

const LOOKS = {
  primary: 'bg-lime text-onlime border border-lime',
  plain: 'bg-sheet text-ink border border-edge',
  danger: 'bg-sheet text-oxide border border-oxide',
  quiet: 'bg-transparent text-ink border border-transparent hover:border-line',
} as const;

/** A button with room for a gloved hand when `isLarge`; `shortcut` is a letter that presses it while its view is open. On paper there is none. */
export function Button({
  look = 'plain',
  isLarge = false,
  className = '',
  shortcut,
  children,
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & {
  readonly look?: keyof typeof LOOKS;
  readonly isLarge?: boolean;
  readonly shortcut?: string;
}) {
  const size = isLarge ? 'min-h-12 px-5 text-lg' : 'min-h-9 px-3 text-base';
  return (
    <button
      type="button"
      {...(shortcut === undefined ? {} : { 'aria-keyshortcuts': shortcut })}
      {...rest}
      className={`no-print font-label cursor-pointer rounded-xs font-semibold disabled:cursor-not-allowed disabled:opacity-50 ${LOOKS[look]} ${size} ${className}`}
    >
      {children}
      {shortcut !== undefined && (
        <span aria-hidden="true" className="figure ml-2 hidden text-sm opacity-75 md:inline">
          {shortcut}
        </span>
      )}
    </button>
  );
}
