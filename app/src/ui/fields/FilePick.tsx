import type { ReactNode } from 'react';

/** A button that opens the machine's file dialog. The same file may be picked twice running. */
export function FilePick({
  children,
  accept,
  onPick,
  isLarge = false,
  capture,
  disabled = false,
}: {
  readonly children: ReactNode;
  /** endings or media types, as an input takes them */
  readonly accept: string;
  readonly onPick: (file: File) => void;
  readonly isLarge?: boolean;
  /** a phone opens its camera */
  readonly capture?: 'environment';
  readonly disabled?: boolean;
}) {
  const size = isLarge ? 'min-h-12 px-5 text-lg' : 'min-h-9 px-3';
  return (
    <label
      className={`no-print font-label border-edge bg-sheet focus-within:outline-ink inline-flex cursor-pointer items-center rounded-xs border font-semibold focus-within:outline-2 ${size}`}
    >
      {children}
      <input
        type="file"
        accept={accept}
        {...(capture ? { capture } : {})}
        className="sr-only"
        disabled={disabled}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) onPick(file);
          event.target.value = '';
        }}
      />
    </label>
  );
}
