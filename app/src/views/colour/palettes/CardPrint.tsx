import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import { cardSheets } from '@zinc-ladder/core/colour/palette/cardSheet';
import { PAPERS } from '@zinc-ladder/core/stencil/stencilSheets';
import { labOfCard } from '@zinc-ladder/model/gather/film/gatherPaints';
import { useTable } from '../../../data/queries';
import { Button } from '../../../ui/Button';
import { download } from '../../../base/download';
import { PrintSheets } from '../../../ui/print/PrintSheets';
import { SvgPage } from '../../../ui/print/SvgPage';
import { useUnits } from '../../../ui/fields/UnitsContext';
import { usualPaper } from '../../../ui/print/usualPaper';

/** Cards on paper: the swatch as printed, the mix, and room to paint the real one beside it. */
export function CardPrint() {
  const cards = useTable('mixCards').toSorted((a, b) => a.name.localeCompare(b.name));
  const paper = usualPaper(useUnits());
  const sheets = cardSheets(
    cards.map((card) => {
      const lab = labOfCard(card);
      return {
        name: card.name,
        purpose: card.purpose,
        hex: lab ? hexOfLab(lab) : null,
        mix: card.components.map((component) => `${component.amount} ${component.name}`),
        unit: card.unit,
      };
    }),
    PAPERS.find((entry) => entry.id === paper),
  );
  return (
    <section aria-label="Cards on paper">
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <h2 className="label">Cards on paper</h2>
        <PrintSheets sheets={sheets} paper={paper} />
        <Button
          disabled={cards.length === 0}
          onClick={() => sheets.forEach((sheet, at) => download(sheet, `cards-${at + 1}.svg`, 'image/svg+xml'))}
        >
          Save as SVG
        </Button>
        <span className="text-dim text-sm">A printer’s colours are not paint: the empty field is for the real thing.</span>
      </div>
      <div className="flex flex-wrap gap-4">
        {sheets.map((sheet, at) => (
          <SvgPage key={at} svg={sheet} name={`Cards, sheet ${at + 1}`} />
        ))}
      </div>
      {cards.length === 0 && <p className="text-dim">No card yet.</p>}
    </section>
  );
}
