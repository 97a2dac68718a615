/** What speaks against beginning a rung, beside the button that begins it. Nothing is blocked: what is done all the same is logged so. */
export function StartWarnings({ lines }: { readonly lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <div role="note" aria-label="Speaks against it" className="border-oxide mt-4 border-l-4 pl-3">
      <p className="label text-oxide">Not yet, by what is known</p>
      {lines.map((line) => (
        <p key={line}>{line}</p>
      ))}
      <p className="text-dim text-sm">You may all the same; the log keeps that you did.</p>
    </div>
  );
}
