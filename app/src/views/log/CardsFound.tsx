import { useMemo } from 'react';
import { Link } from 'react-router';
import { useTable } from '../../data/queries';

const SHOWN = 6;

/** Cards and flaws that hold the words that are looked for. */
export function CardsFound({ text }: { readonly text: string }) {
  const mixes = useTable('mixCards');
  const techniques = useTable('techniqueCards');
  const flaws = useTable('flaws');
  const parts = useTable('parts');
  const wanted = text.trim().toLowerCase();
  const found = useMemo(() => {
    if (wanted === '') return [];
    const holds = (...words: readonly string[]): boolean => words.some((word) => word.toLowerCase().includes(wanted));
    return [
      ...mixes
        .filter((card) => holds(card.name, card.purpose, card.note, ...card.components.map(({ name }) => name)))
        .map(({ id, name }) => ({ id, to: `/colour/cards/${id}`, words: name })),
      ...techniques.filter((card) => holds(card.name, card.note)).map(({ id, name }) => ({ id, to: '/weather', words: name })),
      ...flaws
        .filter((flaw) => holds(flaw.note))
        .map(({ id, partId, note }) => ({
          id,
          to: `/surface/${partId}/inspect`,
          words: `${parts.find((part) => part.id === partId)?.name ?? ''}: ${note}`,
        })),
    ];
  }, [wanted, mixes, techniques, flaws, parts]);
  if (found.length === 0) return null;
  return (
    <p className="border-line border-b px-4 py-2 text-sm">
      Cards and flaws that say so:{' '}
      {found.slice(0, SHOWN).map(({ id, to, words }, at) => (
        <span key={id}>
          {at > 0 && ', '}
          <Link className="in-text underline" to={to}>
            {words}
          </Link>
        </span>
      ))}
      {found.length > SHOWN && ` and ${found.length - SHOWN} more`}
    </p>
  );
}
