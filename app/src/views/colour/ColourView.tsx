import { CARD_ADDED_IN_4 } from '@zinc-ladder/model/file/migrations';
import type { MixCard } from '@zinc-ladder/model/records/mixCard';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useClock, useNow } from '../../clock/ClockContext';
import { newId } from '../../data/newId';
import { useTable } from '../../data/queries';
import { useShopIndex } from '../../data/useShopIndex';
import { useTitle } from '../../shell/pageTitle';
import { UndoBar } from '../../shell/UndoBar';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { Swatch } from '../../ui/Swatch';
import { useFormats } from '../../ui/useFormats';
import { CardForm } from './CardForm';
import { CardSheet } from './CardSheet';

type Writing = { readonly card: MixCard; readonly isNew: boolean } | null;

/** What did I mix? For now a record of cards; nothing here is predicted. */
export function ColourView() {
  const { cardId } = useParams();
  const clock = useClock();
  const navigate = useNavigate();
  const index = useShopIndex();
  const now = useNow(60_000);
  const formats = useFormats();
  const cards = useTable('mixCards').toSorted((a, b) => b.madeAtMs - a.madeAtMs);
  const [writing, setWriting] = useState<Writing>(null);
  const card = cards.find((entry) => entry.id === cardId) ?? cards[0];
  useTitle(card && !writing ? card.name : 'Colour');
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
    if (id) void navigate(`/colour/${id}`);
  };
  return (
    <div className="grid items-start gap-4 md:grid-cols-[18rem_minmax(0,1fr)]">
      <section aria-label="Cards">
        <div className="mb-2 flex items-center justify-between">
          <h2 className="label">{cards.length} cards</h2>
          <UndoBar />
        </div>
        <Button look="primary" isLarge className="mb-3 w-full" onClick={() => setWriting(blank(null))}>
          Write a card
        </Button>
        <ul>
          {cards.map((entry) => (
            <li key={entry.id}>
              <Link
                to={`/colour/${entry.id}`}
                onClick={() => setWriting(null)}
                aria-current={entry.id === card?.id ? 'page' : undefined}
                className={`border-line flex min-h-12 items-center gap-3 border-t px-2 py-1.5 ${entry.id === card?.id && !writing ? 'bg-sheet' : ''}`}
              >
                <Swatch colourHex={entry.swatchHex} className="h-9 w-9" />
                <span className="min-w-0">
                  <span className="block truncate font-semibold">{entry.name}</span>
                  <span className="text-dim block truncate text-sm">
                    {entry.purpose || 'no purpose written'} · {formats.moment(entry.madeAtMs, now)}
                  </span>
                </span>
              </Link>
            </li>
          ))}
        </ul>
        <p className="text-dim mt-4 text-sm">
          Cards are a record of what you mixed and how it dried. Zinc Ladder does not yet measure colour or work out mixes; metallics,
          fluorescents and wet paint look different from any swatch on a screen.
        </p>
      </section>
      <Sheet className="p-5" isActive={writing !== null} label={writing ? 'Write a card' : 'Card'}>
        {writing && (
          <CardForm key={writing.card.id + String(writing.card.revision)} card={writing.card} isNew={writing.isNew} onDone={done} />
        )}
        {!writing && card && (
          <CardSheet
            key={card.id}
            card={card}
            index={index}
            onEdit={() => setWriting({ card, isNew: false })}
            onCorrect={() => setWriting(blank(card))}
          />
        )}
        {!writing && !card && (
          <p className="text-dim">No card yet. Write down what you mix while you mix it: the second piece will have to match.</p>
        )}
      </Sheet>
    </div>
  );
}
