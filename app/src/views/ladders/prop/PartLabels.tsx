import { labelSheets } from '@zinc-ladder/core/label/labelSheets';
import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import { PAPERS } from '@zinc-ladder/core/stencil/stencilSheets';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import { useState } from 'react';
import { download } from '../../../base/download';
import { useTable } from '../../../data/queries';
import { Button } from '../../../ui/Button';
import { Labelled } from '../../../ui/fields/fields';
import { useUnits } from '../../../ui/fields/UnitsContext';
import { PrintSheets } from '../../../ui/print/PrintSheets';
import { usualPaper } from '../../../ui/print/usualPaper';
import { codeOf } from './codeOf';

/** Addresses that lead a phone to itself. */
const OWN_MACHINE = /^https?:\/\/(?:localhost|127\.|\[::1\])/u;
const ADDRESS = /^https?:\/\/[^\s/?#]{1,120}$/u;

/** Labels to cut out and lay beside the parts; their code opens the part's next rung on the bench. */
export function PartLabels({ prop }: { readonly prop: Prop }) {
  const [typed, setTyped] = useState(location.origin);
  const parts = useTable('parts')
    .filter(({ propId }) => propId === prop.id)
    .toSorted((a, b) => a.position - b.position);
  const paper = usualPaper(useUnits());
  const address = typed.trim().replace(/\/+$/u, '');
  const isFine = ADDRESS.test(address);
  const sheets =
    isFine && parts.length > 0
      ? labelSheets(
          parts.map((part) => ({
            title: partLabel(part),
            lines: [prop.name, findMaterial(part.materialId).name],
            modules: codeOf(`${address}/bench?part=${encodeURIComponent(part.id)}`),
          })),
          PAPERS.find(({ id }) => id === paper) ?? { width: 210, height: 297 },
        )
      : [];
  return (
    <section aria-label="Part labels" className="border-line mt-5 border-t pt-4">
      <h3 className="label mb-2">Part labels</h3>
      <p className="text-dim mb-2 text-sm">
        To cut out and lay beside the parts. A phone that reads the code opens that part’s rung on the bench.
      </p>
      <Labelled
        label="Address of this program"
        error={isFine ? undefined : 'An address such as http://192.168.1.20:4310 is needed.'}
        hint={OWN_MACHINE.test(address) ? 'A phone reaches this machine by its name or number in the network, not by this.' : undefined}
      >
        {({ id, describedBy }) => (
          <input
            id={id}
            aria-describedby={describedBy}
            className="field"
            maxLength={140}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
        )}
      </Labelled>
      <div className="mt-2 flex flex-wrap gap-2">
        <PrintSheets sheets={sheets} paper={paper} />
        <Button
          disabled={sheets.length === 0}
          onClick={() => sheets.forEach((sheet, at) => download(sheet, `labels-${at + 1}.svg`, 'image/svg+xml'))}
        >
          Save as SVG
        </Button>
      </div>
    </section>
  );
}
