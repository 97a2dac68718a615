import { PIGMENT_KINDS } from '@zinc-ladder/core/colour/pigment/pigmentKinds';
import { pigmentOf, rangeOf, scatterOf, strengthOf } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { PaintValue } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import { Button } from '../../../ui/Button';
import { InlineNumber, SelectField } from '../../../ui/fields/fields';
import { LabBox } from '../../../ui/fields/LabBox';
import { CheckField } from '../../../ui/fields/CheckField';

const EFFECTS = [
  ['none', 'plain'],
  ['metallic', 'metallic'],
  ['candy', 'candy, tint'],
  ['fluorescent', 'fluorescent'],
] as const;

/** What a product does as a colour: its reading, how strongly it tints, how much a coat hides. */
export function ColourFields({
  product,
  onPatch,
}: {
  readonly product: Product;
  readonly onPatch: (what: string, fields: Partial<Product>) => void;
}) {
  const scatter = scatterOf(product);
  const strength = strengthOf(product);
  const guessedKind = pigmentOf({ ...product, pigmentId: null });
  return (
    <section aria-label="As a colour" className="grid gap-3">
      <h3 className="label">As a colour</h3>
      <div className="grid items-start gap-3 sm:grid-cols-2">
        <SelectField
          label="Its film is"
          value={product.effect}
          options={EFFECTS}
          onChange={(id) => onPatch('the effect', { effect: EFFECTS.find(([entry]) => entry === id)?.[0] ?? 'none' })}
        />
        <SelectField
          label="Pigment"
          value={product.pigmentId ?? ''}
          options={[['', `by its colour: ${guessedKind.words}`], ...PIGMENT_KINDS.map((kind) => [kind.id, kind.words] as const)]}
          onChange={(id) => onPatch('the pigment', { pigmentId: PIGMENT_KINDS.find((kind) => kind.id === id)?.id ?? null })}
        />
        <InlineNumber
          label="Tints, white is 1"
          value={product.strength}
          min={0.01}
          max={100}
          mayBeEmpty
          onKeep={(entered) => onPatch('the strength', { strength: entered })}
        />
        <InlineNumber
          label="S·X of a coat"
          value={product.scatterPerCoat}
          min={0.01}
          max={100}
          mayBeEmpty
          onKeep={(scatterPerCoat) => onPatch('how it hides', { scatterPerCoat })}
        />
      </div>
      <p className="text-dim text-sm">
        {product.lab
          ? `Read: Lab ${product.lab.map((value) => value.toFixed(1)).join(', ')}. `
          : 'Not read: its colour is the chip above. '}
        {strength.isGuessed && `Tints ${tellRange(strength)} until cards teach it: usual for ${pigmentOf(product).words}, from memory. `}
        {scatter.isGuessed && `S·X ${tellRange(scatter)} is guessed from its thickness and pigment. `}
        {product.dryingShift
          ? `Dries by Lab ${product.dryingShift.map((value) => value.toFixed(1)).join(', ')}.`
          : 'How it shifts from wet to dry is not known.'}
      </p>
      <div className="grid gap-3 sm:grid-cols-2">
        <LabBox label="Its dry film reads" action="Keep" onTake={(lab) => onPatch('the reading', { lab: [...lab] })} />
        <LabBox
          label="Wet it read"
          action="Keep the shift"
          onTake={(wet) => {
            const [l = 50, a = 0, b = 0] = product.lab ?? [];
            if (product.lab) onPatch('the drying shift', { dryingShift: [l - wet[0], a - wet[1], b - wet[2]] });
          }}
        />
      </div>
      {product.lab === null && <p className="text-dim text-sm">The shift needs the dry reading first.</p>}
      <div className="flex flex-wrap items-center gap-4">
        <CheckField
          label="may be bought for a recipe"
          checked={product.mayBeBought}
          onChange={(mayBeBought) => onPatch('whether it may be bought', { mayBeBought })}
        />
        {product.lab !== null && (
          <Button onClick={() => onPatch('the reading', { lab: null, dryingShift: null })}>Forget the reading</Button>
        )}
      </div>
    </section>
  );
}

function tellRange(known: PaintValue): string {
  const [low, high] = rangeOf(known);
  return `${known.value.toFixed(2)} (${low.toFixed(2)}–${high.toFixed(2)})`;
}
