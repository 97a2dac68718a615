import { CARD_ADDED_IN_4 } from '@zinc-ladder/model/file/migrations';
import { labOfCard } from '@zinc-ladder/model/gather/film/gatherPaints';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import type { MixCard } from '@zinc-ladder/model/records/colour/mixCard';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { useClock, useNow } from '../../../clock/ClockContext';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { useShopIndex } from '../../../data/useShopIndex';
import { useTitle } from '../../../features/title/pageTitle';
import { Button } from '../../../ui/Button';
import { Sheet } from '../../../ui/Sheet';
import { Swatch } from '../../../ui/swatch/Swatch';
import { useFormats } from '../../../features/formats/useFormats';
import { CardForm } from './CardForm';
import { CardSheet } from './CardSheet';
import { StrengthsPanel } from './StrengthsPanel';

type Writing = { readonly card: MixCard; readonly isNew: boolean } | null;
const TEACH = 'teach';

/** Cards: what was mixed, how it dried, what to add, and what they teach together. */
export function CardsTab({ cardId }: { readonly cardId: string | null }) {
  const clock = useClock();
  const navigate = useNavigate();
  const index = useShopIndex();
  const now = useNow(60_000);
  const formats = useFormats();
  const [search] = useSearchParams();
  const targetId = search.get('target');
  const cards = useTable('mixCards').toSorted((a, b) => b.madeAtMs - a.madeAtMs);
  const [writing, setWriting] = useState<Writing>(null);
  const isTeaching = cardId === TEACH;
  const card = isTeaching
    ? undefined
    : (cards.find((entry) => entry.id === cardId) ?? cards.find((entry) => entry.targetId === targetId) ?? cards[0]);
  useTitle(isTeaching ? 'What the cards teach' : card && !writing ? card.name : 'Cards');
  const blank = (from: MixCard | null): Writing => ({
    isNew: true,
    card: from
      ? {
          ...from,
          id: newId(),
          revision: 0,
          name: `${from.name}, corrected`.slice(0, 200),
          correctsId: from.id,
          madeAtMs: Math.round(clock.now()),
          pictureId: null,
          swatchHex: null,
          reading: null,
        }
      : {
          id: newId(),
          revision: 0,
          name: '',
          purpose: '',
          unit: 'drops',
          components: [{ productId: null, name: '', amount: 1 }],
          dilution: '',
          swatchHex: null,
          pictureId: null,
          correctsId: null,
          ...CARD_ADDED_IN_4,
          madeAtMs: Math.round(clock.now()),
          note: '',
        },
  });
  const done = (id: string | null): void => {
    setWriting(null);
    if (id) void navigate(`/colour/cards/${id}`);
  };
  return (
    <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-[18rem_minmax(0,1fr)]">
      <section aria-label="Cards">
        <h2 className="label mb-2">{cards.length} cards</h2>
        <Button look="primary" isLarge className="mb-2 w-full" onClick={() => setWriting(blank(null))}>
          Write a card
        </Button>
        <Link
          to={`/colour/cards/${TEACH}`}
          onClick={() => setWriting(null)}
          aria-current={isTeaching ? 'page' : undefined}
          className={`mb-3 block min-h-9 px-2 py-1.5 underline underline-offset-4 ${isTeaching ? 'bg-sheet' : ''}`}
        >
          What the cards teach
        </Link>
        <ul>
          {cards.map((entry) => {
            const lab = labOfCard(entry);
            return (
              <li key={entry.id}>
                <Link
                  to={`/colour/cards/${entry.id}`}
                  onClick={() => setWriting(null)}
                  aria-current={entry.id === card?.id ? 'page' : undefined}
                  className={`border-line flex min-h-12 items-center gap-3 border-t px-2 py-1.5 ${entry.id === card?.id && !writing ? 'bg-sheet' : ''}`}
                >
                  <Swatch colourHex={lab ? hexOfLab(lab) : null} className="h-9 w-9" />
                  <span className="min-w-0">
                    <span className="block truncate font-semibold">{entry.name}</span>
                    <span className="text-dim block truncate text-sm">
                      {entry.purpose || 'no purpose written'} · {formats.moment(entry.madeAtMs, now)}
                    </span>
                  </span>
                </Link>
              </li>
            );
          })}
        </ul>
        <p className="text-dim mt-4 text-sm">
          A card holds what you mixed and how it dried. Metallics, fluorescents and wet paint look different from any swatch on a screen.
        </p>
      </section>
      <Sheet
        className="min-w-0 p-5"
        isActive={writing !== null}
        label={writing ? 'Write a card' : isTeaching ? 'What the cards teach' : 'Card'}
      >
        {writing && <CardForm key={writing.card.id} card={writing.card} isNew={writing.isNew} onDone={done} />}
        {!writing && isTeaching && <StrengthsPanel />}
        {!writing && card && (
          <CardSheet
            key={card.id}
            card={card}
            index={index}
            onEdit={() => setWriting({ card, isNew: false })}
            onCorrect={() => setWriting(blank(card))}
          />
        )}
        {!writing && !card && !isTeaching && (
          <p className="text-dim">No card yet. Write down what you mix while you mix it: the second piece will have to match.</p>
        )}
      </Sheet>
    </div>
  );
}
