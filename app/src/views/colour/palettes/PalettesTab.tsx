import { hexOfLab, labOfHex } from '@zinc-ladder/core/colour/lab';
import { readGpl, writeGpl } from '@zinc-ladder/core/colour/palette/gpl';
import type { Palette } from '@zinc-ladder/core/colour/palette/palette';
import type { PaletteRow } from '@zinc-ladder/core/colour/palette/paletteCsv';
import { readPaletteCsv, writePaletteCsv } from '@zinc-ladder/core/colour/palette/paletteCsv';
import { labOfCard, labOfProduct, toLab } from '@zinc-ladder/model/gather/film/gatherPaints';
import { useState } from 'react';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { useNotices } from '../../../features/notices/Notices';
import { useTitle } from '../../../features/title/pageTitle';
import { Button } from '../../../ui/Button';
import { FilePick } from '../../../ui/fields/FilePick';
import { SelectField } from '../../../ui/fields/fields';
import { Swatch } from '../../../ui/swatch/Swatch';
import { download } from '../../../base/download';
import { typedTarget } from '../mix/NewTarget';
import { CardPrint } from './CardPrint';

const WHAT = [
  ['cards', 'the cards'],
  ['products', 'the paints'],
  ['targets', 'the targets'],
] as const;
const MOST_BYTES = 4 * 1024 * 1024;

/** Colours in and out, and cards on paper. */
export function PalettesTab() {
  useTitle('Palettes');
  const edit = useEdit();
  const { tell, tellError } = useNotices();
  const cards = useTable('mixCards');
  const products = useTable('products');
  const targets = useTable('targets');
  const [what, setWhat] = useState<(typeof WHAT)[number][0]>('cards');
  const [read, setRead] = useState<Palette | null>(null);
  const rows: PaletteRow[] =
    what === 'cards'
      ? cards.flatMap((card) => {
          const lab = labOfCard(card);
          const mix = card.components.map((component) => `${component.amount} ${component.name}`).join(' + ');
          return lab ? [{ name: card.name, lab, hex: hexOfLab(lab), mix: `${mix} (${card.unit})` }] : [];
        })
      : what === 'targets'
        ? targets.map((target) => ({ name: target.name, lab: toLab(target.lab), hex: hexOfLab(toLab(target.lab)), mix: '' }))
        : products.flatMap((product) => {
            const lab = labOfProduct(product);
            return lab ? [{ name: product.name, lab, hex: hexOfLab(lab), mix: '' }] : [];
          });
  const take = async (file: File): Promise<void> => {
    try {
      if (file.size > MOST_BYTES) throw new Error('a palette of more than 4 MB is not read');
      const text = await file.text();
      const palette = /\.csv$/iu.test(file.name) ? readPaletteCsv(text) : readGpl(text);
      setRead({ ...palette, name: palette.name || file.name });
    } catch (error) {
      tellError(new Error(`${file.name} was not read: ${error instanceof Error ? error.message : String(error)}`));
    }
  };
  const keep = (palette: Palette): void =>
    void edit(`Keep ${palette.entries.length} targets`, async (change) => {
      for (const entry of palette.entries) await change.put('targets', typedTarget(newId(), entry.name, labOfHex(entry.hex)));
    }).then((isDone) => {
      if (!isDone) return;
      tell(`${palette.entries.length} targets kept`);
      setRead(null);
    });
  return (
    <div className="grid gap-5">
      <div className="grid items-start gap-5 md:grid-cols-2">
        <section aria-label="Out">
          <h2 className="label mb-2">Out</h2>
          <div className="flex flex-wrap items-end gap-3">
            <div className="w-48">
              <SelectField
                label="Colours of"
                value={what}
                options={WHAT}
                onChange={(id) => setWhat(WHAT.find(([entry]) => entry === id)?.[0] ?? 'cards')}
              />
            </div>
            <Button
              disabled={rows.length === 0}
              onClick={() => download(writeGpl(`Zinc Ladder, ${what}`, rows), `zinc-ladder-${what}.gpl`, 'text/plain')}
            >
              As GIMP palette
            </Button>
            <Button disabled={rows.length === 0} onClick={() => download(writePaletteCsv(rows), `zinc-ladder-${what}.csv`, 'text/csv')}>
              As table (CSV)
            </Button>
          </div>
          <p className="text-dim mt-2 text-sm">
            {rows.length} colours. A palette holds what a screen can show; the table holds Lab and the mix too.
          </p>
        </section>
        <section aria-label="In">
          <h2 className="label mb-2">In</h2>
          <FilePick accept=".gpl,.csv" onPick={(file) => void take(file)}>
            Read a palette
          </FilePick>
          {read && (
            <div className="mt-3 grid gap-2">
              <p>
                {read.entries.length} colours in {read.name}
                {read.skipped > 0 && `; ${read.skipped} lines left aside`}. They become targets.
              </p>
              <ul className="grid max-h-64 grid-cols-2 gap-1 overflow-auto">
                {read.entries.slice(0, 200).map((entry, at) => (
                  <li key={at} className="flex items-center gap-2 text-sm">
                    <Swatch colourHex={entry.hex} /> <span className="truncate">{entry.name}</span>
                  </li>
                ))}
              </ul>
              <div className="flex gap-2">
                <Button look="primary" onClick={() => keep(read)}>
                  Keep them
                </Button>
                <Button onClick={() => setRead(null)}>Leave them</Button>
              </div>
            </div>
          )}
        </section>
      </div>
      <CardPrint />
    </div>
  );
}
