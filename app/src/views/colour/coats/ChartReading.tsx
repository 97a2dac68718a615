import { scatterFromReadings } from '@zinc-ladder/core/colour/coats/coatsOver';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import { mixPaintOf, scatterOf } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import { useState } from 'react';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { LabBox } from '../../../ui/fields/LabBox';
import { NumberBox, readTrial } from '../../../ui/fields/NumberBox';
import { Sheet } from '../../../ui/Sheet';
import { SplitSwatch } from '../../../ui/swatch/SplitSwatch';

/** Black and white of a test card, Lab; what a hiding chart is printed with. */
const CARD_BLACK: Lab = [10, 0, 0];
const CARD_WHITE: Lab = [92, 0, 0];

/** Readings of a paint over black and over white: from them how much one coat hides. */
export function ChartReading({ product, mirrored }: { readonly product: Product; readonly mirrored: number }) {
  const edit = useEdit();
  const [coats, setCoats] = useState('1');
  const [black, setBlack] = useState<Lab | null>(null);
  const [white, setWhite] = useState<Lab | null>(null);
  const count = readTrial(coats, 1, 10, true);
  const paint = mixPaintOf(product, mirrored);
  const current = scatterOf(product);
  const found =
    paint && count !== null && (black || white)
      ? scatterFromReadings(
          paint,
          count,
          black && { backing: CARD_BLACK, lab: black },
          white && { backing: CARD_WHITE, lab: white },
          mirrored,
        )
      : null;
  const keep = (scatterPerCoat: number | null): void =>
    void edit(`Keep how ${product.name} hides`, (change) => change.patch('products', product.id, { scatterPerCoat }, product));
  return (
    <Sheet className="grid gap-3 p-4" label="A card over black and white">
      <h2 className="label">A card over black and white</h2>
      <p className="text-dim text-sm">
        Paint it over a black and a white stripe, let it dry, read both. One of them will do, both are surer. Now in use: S·X{' '}
        <span className="figure">{current.value.toFixed(2)}</span> a coat, {current.isGuessed ? 'guessed' : 'from a card'}.
      </p>
      <NumberBox label="Coats laid" trial={{ text: coats, set: setCoats }} min={1} max={10} isWhole />
      <LabBox label={black ? `Over black: ${hexOfLab(black)}` : 'Read over black'} action="Take" onTake={setBlack} />
      <LabBox label={white ? `Over white: ${hexOfLab(white)}` : 'Read over white'} action="Take" onTake={setWhite} />
      {(black ?? white) && (
        <SplitSwatch
          left={hexOfLab(black ?? CARD_BLACK)}
          right={hexOfLab(white ?? CARD_WHITE)}
          leftName="over black"
          rightName="over white"
          className="h-12 w-full"
        />
      )}
      {found !== null && (
        <>
          <p role="status">
            One coat scatters S·X <span className="figure font-semibold">{found.toFixed(2)}</span>.
          </p>
          <Button look="primary" onClick={() => keep(Math.round(found * 1000) / 1000)}>
            Reckon with it
          </Button>
        </>
      )}
      {product.scatterPerCoat !== null && <Button onClick={() => keep(null)}>Back to the guess</Button>}
    </Sheet>
  );
}
