import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import { counted } from '../../../base/counted';
import { dryingKind } from '@zinc-ladder/core/cure/dryingKind';
import { findProductClass, PRODUCT_CLASSES } from '@zinc-ladder/core/cure/productClasses';
import { isOptional, productValue } from '@zinc-ladder/model/products/productDrying';
import type { OverridableField, Product, ProductValue } from '@zinc-ladder/model/records/shop/product';
import { changeProduct } from '../../../data/changes/shelf/productChanges';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { shownText, shownUnit } from '../../../ui/fields/shownUnit';
import { useUnits } from '../../../ui/fields/UnitsContext';
import { Button } from '../../../ui/Button';
import { Cautions } from '../../../ui/Cautions';
import { ConfirmLoss } from '../../../features/edit/ConfirmLoss';
import { InlineField, InlineNumber, InlineText, Labelled, SelectField } from '../../../ui/fields/fields';
import { Why } from '../../../ui/Why';
import { ColourFields } from './ColourFields';
import { CansList } from './CansList';
import { CureNow } from './CureNow';
import { ShelfFields } from './ShelfFields';
import { LearnedDrying } from './LearnedDrying';
import type { ValueField } from './valueFields';
import { VALUE_FIELDS } from './valueFields';

const SHEENS = ['none', 'matte', 'eggshell', 'satin', 'semi', 'gloss'].map((sheen) => [sheen, sheen] as const);
const ORIGINS = [
  ['label', 'label'],
  ['entered', 'entered'],
  ['observed', 'observed here'],
] as const;

/** A product: what it is, how it dries with the origin of every value, and what stands on the shelf. */
export function ProductSheet({ product }: { readonly product: Product }) {
  const edit = useEdit();
  const degrees = shownUnit('°C', useUnits());
  const rungs = useTable('rungs');
  const cards = useTable('mixCards');
  const cans = useTable('cans').filter((can) => can.productId === product.id);
  const entry = findProductClass(product.classId);
  const patch = (what: string, fields: Partial<Product>): void =>
    void edit(`Change ${what} of ${product.name}`, (change) => changeProduct(change, product, fields));
  const setValue = (field: OverridableField, next: ProductValue | null): void =>
    patch('a value', { values: [...product.values.filter((value) => value.field !== field), ...(next ? [next] : [])] });
  const usedBy = rungs.filter((rung) => rung.productId === product.id);
  const inCards = cards.filter((card) => card.components.some((component) => component.productId === product.id));
  const remove = (): void => void edit(`Take ${product.name} away`, (change) => change.remove('products', product.id));
  return (
    <div className="grid gap-4">
      <h2 className="sr-only">{product.name}</h2>
      <div className="grid items-start gap-3 sm:grid-cols-[2fr_2fr_1fr_auto]">
        <InlineField
          label="Name"
          value={product.name}
          maxLength={200}
          check={(text) => (text.trim() === '' ? 'A name is needed.' : null)}
          onKeep={(name) => patch('the name', { name: name.trim() })}
        />
        <SelectField
          label="Class"
          value={product.classId}
          options={PRODUCT_CLASSES.map(({ id, name }) => [id, name] as const)}
          onChange={(classId) => patch('the class', { classId })}
        />
        <SelectField
          label="Sheen"
          value={product.sheen}
          options={SHEENS}
          onChange={(sheen) => patch('the sheen', { sheen: sheen as Product['sheen'] })}
        />
        <Labelled label="Colour" {...(product.lab === null ? {} : { hint: 'as read' })}>
          {({ id, describedBy }) => (
            <input
              id={id}
              aria-describedby={describedBy}
              disabled={product.lab !== null}
              type="color"
              className="border-edge h-9 w-16 border"
              value={hexOfProduct(product) ?? '#808080'}
              onChange={(event) => patch('the colour', { colourHex: event.target.value.toLowerCase() })}
            />
          )}
        </Labelled>
      </div>
      <CureNow product={product} />
      <LearnedDrying product={product} />
      <div>
        <h3 className="label">
          How it dries:{' '}
          <Why name="its drying" reason={{ formula: dryingKind(entry.drying.kind).formula, source: dryingKind(entry.drying.kind).source }}>
            {dryingKind(entry.drying.kind).name}
          </Why>
        </h3>
        <p className="text-dim text-sm">
          For one coat at {shownText(degrees, 23)} {degrees.unit} and 50 % humidity, as labels tell it. Empty: this product has no such
          time. {entry.note}
        </p>
        <table className="mt-2 w-full">
          <thead>
            <tr className="label text-left">
              <th>Value</th>
              <th className="w-32">In use</th>
              <th className="w-40">Origin</th>
              <td className="w-24" />
            </tr>
          </thead>
          <tbody>
            {VALUE_FIELDS.map((field) => (
              <ValueRow key={field.field} field={field} product={product} onSet={setValue} />
            ))}
          </tbody>
        </table>
      </div>
      <ColourFields product={product} onPatch={patch} />
      <CansList product={product} cans={cans} />
      <ShelfFields product={product} onPatch={patch} />
      <InlineText label="Note" value={product.note} onKeep={(note) => patch('the note', { note })} />
      <Cautions ids={entry.cautions} />
      <div>
        <ConfirmLoss
          trigger={<Button look="danger">Take the product away</Button>}
          title={`Take ${product.name} away?`}
          detail={`${counted(usedBy.length, 'rung')} and ${counted(inCards.length, 'card')} name it; they stay, without it. Undo brings it back.`}
          act="Take it away"
          onConfirm={remove}
        />
      </div>
    </div>
  );
}

function ValueRow({
  field,
  product,
  onSet,
}: {
  readonly field: ValueField;
  readonly product: Product;
  readonly onSet: (field: OverridableField, value: ProductValue | null) => void;
}) {
  const current = productValue(product, field.field);
  const own = product.values.find((value) => value.field === field.field);
  const usual = findProductClass(product.classId);
  const shown = shownUnit(field.unit, useUnits());
  const usualValue = productValue({ classId: usual.id, values: [] }, field.field).value;
  return (
    <tr className="border-line border-t align-top">
      <td className="py-2">
        {field.unit ? `${field.name}, ${shown.unit}` : field.name}
        {own && <span className="text-dim block text-sm">class default {usualValue === null ? 'none' : shownText(shown, usualValue)}</span>}
      </td>
      <td className="py-1 [&_label]:sr-only">
        <InlineNumber
          label={field.name}
          unit={field.unit}
          value={current.value}
          min={field.min}
          max={field.max}
          mayBeEmpty={isOptional(field.field)}
          onKeep={(value) => onSet(field.field, { field: field.field, value, origin: own?.origin ?? 'label', note: own?.note ?? '' })}
        />
      </td>
      <td className="px-2 py-1 [&_label]:sr-only">
        {own ? (
          <SelectField
            label={`Origin of ${field.name}`}
            value={own.origin}
            options={ORIGINS}
            onChange={(origin) => onSet(field.field, { ...own, origin: origin as ProductValue['origin'] })}
          />
        ) : (
          <span className="text-dim inline-block pt-1.5">class default</span>
        )}
      </td>
      <td className="py-1">
        {own && (
          <Button look="quiet" onClick={() => onSet(field.field, null)} aria-label={`Default of the class: ${field.name}`}>
            Default
          </Button>
        )}
      </td>
    </tr>
  );
}
