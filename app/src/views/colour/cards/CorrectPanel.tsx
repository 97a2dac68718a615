import { tellDifference } from '@zinc-ladder/core/colour/differenceWords';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import { mixMass } from '@zinc-ladder/core/colour/paint';
import type { MixPart } from '@zinc-ladder/core/colour/paint';
import type { Addition } from '@zinc-ladder/core/colour/cards/correctMix';
import { withAddition } from '@zinc-ladder/core/colour/cards/correctMix';
import { isMixable } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { MixCard } from '@zinc-ladder/model/records/colour/mixCard';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useClock } from '../../../clock/ClockContext';
import { newId } from '../../../base/newId';
import { useEdit } from '../../../features/edit/useEdit';
import { getColourApi } from '../../../workers/colour/colourClient';
import { Button } from '../../../ui/Button';
import { NumberBox, readTrial } from '../../../ui/fields/NumberBox';
import { SplitSwatch } from '../../../ui/swatch/SplitSwatch';
import { Why } from '../../../ui/Why';
import { usePaints } from '../usePaints';

/** What to add to a batch that came out wrong, and the card of it. */
export function CorrectPanel({
  card,
  mix,
  read,
  target,
}: {
  readonly card: MixCard;
  readonly mix: readonly MixPart[];
  readonly read: Lab;
  readonly target: Lab;
}) {
  const edit = useEdit();
  const clock = useClock();
  const navigate = useNavigate();
  const paints = usePaints(false);
  const parts = mix.reduce((sum, part) => sum + part.parts, 0);
  const [left, setLeft] = useState(String(Math.round(parts * 10) / 10));
  const batchParts = readTrial(left, 0.5, 100_000);
  const told = tellDifference(read, target);
  const query = useQuery({
    queryKey: ['correction', paints.shelf, read, target, batchParts, mixMass(mix) / parts],
    enabled: batchParts !== null,
    staleTime: Infinity,
    retry: false,
    networkMode: 'always',
    queryFn: () =>
      getColourApi().correct(
        paints.shelf,
        { lab: read, parts: batchParts ?? parts, mass: (mixMass(mix) / parts) * (batchParts ?? parts) },
        target,
        16,
      ),
  });
  const additions = query.data ?? [];
  const keep = async (addition: Addition): Promise<void> => {
    const id = newId();
    const components = withAddition(
      card.components,
      (batchParts ?? parts) / parts,
      addition,
      (paintId) => paints.byId.get(paintId)?.name ?? paintId,
    );
    const next: MixCard = {
      ...card,
      id,
      revision: 0,
      name: `${card.name}, corrected`.slice(0, 200),
      components,
      correctsId: card.id,
      swatchHex: null,
      reading: null,
      pictureId: null,
      madeAtMs: Math.round(clock.now()),
      note: `Added ${wordsOf(addition, paints.byId)}: ΔE ${addition.difference.toFixed(1)} predicted.`,
    };
    if (await edit(`Correct ${card.name}`, (change) => change.put('mixCards', next))) void navigate(`/colour/cards/${id}`);
  };
  return (
    <section aria-label="Correction">
      <h3 className="label">It came out {told.words || 'right'}</h3>
      <p className="flex items-center gap-3">
        <SplitSwatch left={hexOfLab(target)} right={hexOfLab(read)} leftName="target" rightName="as it dried" className="h-12 w-24" />
        <span>
          <span className="font-label text-3xl font-semibold">ΔE {told.difference.toFixed(1)}</span>{' '}
          <span className="text-dim">{told.bandWords}</span>
        </span>
      </p>
      {card.unit === 'grams' ? (
        <p className="text-dim mt-2">By weight, an addition is worked out for drops: write the card in drops or parts.</p>
      ) : (
        <div className="mt-2 grid gap-2">
          <div className="w-48">
            <NumberBox label={`Paint left in the pot, ${card.unit}`} trial={{ text: left, set: setLeft }} min={0.5} max={100_000} />
          </div>
          {additions.map((addition) => (
            <div key={wordsOf(addition, paints.byId)} className="border-line flex flex-wrap items-center gap-3 border-t pt-2">
              <SplitSwatch left={hexOfLab(target)} right={hexOfLab(addition.lab)} className="h-9 w-16" />
              <span className="min-w-40 flex-1">
                Add <strong>{wordsOf(addition, paints.byId)}</strong>
                <span className="text-dim block text-sm">then {Math.round(addition.totalParts * 10) / 10} in all</span>
              </span>
              <span className="figure">
                <Why
                  name="this addition"
                  reason={{
                    formula:
                      'the batch counts as one paint of the colour that was read, strength Σ parts · strength; added paints mix into it by Kubelka–Munk',
                    inputs: [['batch', `${left} ${card.unit}`]],
                    source:
                      'own study of synthetic paints: so the error of the first prediction does not enter, and the second card comes out half as wrong',
                  }}
                >
                  ΔE {addition.difference.toFixed(1)}
                </Why>
              </span>
              <Button onClick={() => void keep(addition)}>Make the card of it</Button>
            </div>
          ))}
          {query.isSuccess && additions.length === 0 && (
            <p>
              {told.difference < 1
                ? 'It matches: nothing to add.'
                : `No addition of ${paints.mixable.filter(isMixable).length} paints on the shelf brings it nearer. Nothing can be taken out: begin anew.`}
            </p>
          )}
        </div>
      )}
    </section>
  );
}

function wordsOf(addition: Addition, byId: ReadonlyMap<string, { readonly name: string }>): string {
  return addition.parts
    .map(({ paintId, parts }) => `${parts} of ${(byId.get(paintId)?.name ?? paintId).split(',')[0]?.toLowerCase()}`)
    .join(', ');
}
