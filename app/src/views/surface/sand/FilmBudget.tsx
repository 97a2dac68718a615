import { edgeRadius } from '@zinc-ladder/core/film/filmBudget';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useShopIndex } from '../../../data/useShopIndex';
import { useEdit } from '../../../features/edit/useEdit';
import { Figure, Figures } from '../../../ui/Figure';
import { InlineNumber } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { useFormats } from '../../../features/formats/useFormats';
import { engravingWords, ladderEngraving } from '../gathered/ladderEngraving';
import type { Surface } from '../gathered/useSurface';

/** All films of the ladder added up, and what they leave of engraving and edges. */
export function FilmBudget({ surface }: { readonly surface: Surface }) {
  const { part, engraving } = surface;
  const index = useShopIndex();
  const edit = useEdit();
  const formats = useFormats();
  const { stack, filmMicrometres: film, brushedMicrometres: brushed, cutMicrometres: cut, left } = ladderEngraving(surface, index);
  const patch = (fields: Partial<Part>): void =>
    void edit(`Change the engraving of ${part.name}`, (change) => change.patch('parts', part.id, fields, part));
  return (
    <Sheet className="p-4" label="Film budget">
      <h2 className="label mb-2">All films of this ladder on one face, colour and clear included</h2>
      <Figures columns={3}>
        <Figure
          label="Film"
          value={formats.film(film)}
          reason={{
            formula: 'Σ dry films that stay; a sanding leaves half of the film under it',
            inputs: stack.map((layer) => [layer.name, formats.film(layer.micrometres)] as const),
            source: 'films of the rungs; what sanding leaves is guessed',
          }}
        />
        <Figure
          label="Engraving left in the end"
          tone={left.verdict === 'buried' ? 'warn' : 'plain'}
          value={engravingWords(left)}
          reason={{
            formula: 'width − 2 × film; depth − half of what is brushed − what sanding cuts',
            inputs: [
              ['engraving', formats.lengths([engraving.value.widthMillimetres, engraving.value.depthMillimetres], 2)],
              ['left open', formats.lengths([left.widthMillimetres, left.depthMillimetres], 2)],
              ['brushed', formats.film(brushed)],
              ['cut', formats.film(cut)],
            ],
            source: 'geometry; pooling of brushed films and the limits of crisp and soft are guessed',
          }}
        />
        <Figure label="Edges rounded to" value={formats.film(edgeRadius(film, cut))} />
      </Figures>
      <div className="mt-3 grid grid-cols-2 gap-3">
        {(['widthMillimetres', 'depthMillimetres'] as const).map((side) => (
          <InlineNumber
            key={side}
            label={side === 'widthMillimetres' ? 'Finest engraving, wide' : 'Deep'}
            unit="mm"
            value={part.engraving?.[side] ?? null}
            min={0.01}
            max={100}
            mayBeEmpty
            onKeep={(value) => patch({ engraving: value === null ? null : { ...engraving.value, ...part.engraving, [side]: value } })}
          />
        ))}
      </div>
      <p className="text-dim mt-1 text-sm">
        Reckoned with {formats.lengths([engraving.value.widthMillimetres, engraving.value.depthMillimetres], 2)} ({engraving.origin}).
        {left.verdict === 'buried' && ' Mask the groove with masking rubber under the filler primer, or prime thin.'}
      </p>
    </Sheet>
  );
}
