import { useEffect, useMemo } from 'react';

/** A drawing made by the core, shown as an image: whatever is in it, no script of it runs. On paper it has its true size. */
export function SvgPage({ svg, name }: { readonly svg: string; readonly name: string }) {
  const url = useMemo(() => URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' })), [svg]);
  useEffect(() => () => URL.revokeObjectURL(url), [url]);
  return (
    <img
      src={url}
      alt={name}
      className="border-line max-h-[70vh] max-w-full border bg-white print:block print:max-h-none print:max-w-none print:break-after-page print:border-0"
    />
  );
}
