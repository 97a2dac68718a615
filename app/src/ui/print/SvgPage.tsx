import { useEffect, useMemo } from 'react';

/** Paper is white in the evening too. */
const PAPER = { background: '#ffffff' } as const;

/** An address for a drawing made by the core; as an image no script of it runs. */
export function useSvgUrl(svg: string): string {
  const url = useMemo(() => URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' })), [svg]);
  useEffect(() => () => URL.revokeObjectURL(url), [url]);
  return url;
}

/** A drawn sheet, as it will be on paper. */
export function SvgPage({ svg, name }: { readonly svg: string; readonly name: string }) {
  return <img src={useSvgUrl(svg)} alt={name} style={PAPER} className="border-line max-h-[70vh] max-w-full border" />;
}
