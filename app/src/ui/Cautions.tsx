import { CAUTIONS, DEFERENCE } from '@zinc-ladder/core/caution/cautions';

/** The cautions of a rung or of a mix (`of`), with whom they defer to. Unknown ids, from newer files, are passed over. */
export function Cautions({ ids, of }: { readonly ids: readonly string[]; readonly of?: string }) {
  const found = CAUTIONS.filter((caution) => ids.includes(caution.id));
  if (found.length === 0) return null;
  return (
    <aside
      aria-label={of === undefined ? 'Cautions' : `Cautions, ${of}`}
      className="bg-oxidewash border-oxide border-l-4 px-4 py-3 text-sm"
    >
      {found.map((caution) => (
        <div key={caution.id} className="mb-2">
          <p className="label text-oxide">{caution.title}</p>
          <p>{caution.text}</p>
        </div>
      ))}
      <p className="text-dim">{DEFERENCE}</p>
    </aside>
  );
}
