import type { Outline } from '@zinc-ladder/core/stencil/outline';
import { spanOf } from '@zinc-ladder/core/stencil/outline';
import { parsePathData, pathDataOf } from '@zinc-ladder/core/stencil/pathData';
import { readSvg } from '@zinc-ladder/core/stencil/readSvg';
import { PAPERS, scaleFromLength, stencilSheets, stencilSvg } from '@zinc-ladder/core/stencil/stencilSheets';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Stencil } from '@zinc-ladder/model/records/ladder/stencil';
import { useMemo, useState } from 'react';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { getPictureApi } from '../../../workers/pictures/pictureClient';
import { useNotices } from '../../../features/notices/Notices';
import { useMeasured } from '../../../features/pictures/useMeasured';
import { Button } from '../../../ui/Button';
import { download } from '../../../base/download';
import { FilePick } from '../../../ui/fields/FilePick';
import { SelectField } from '../../../ui/fields/fields';
import { usualPaper } from '../../../ui/print/usualPaper';
import { useUnits } from '../../../ui/fields/UnitsContext';
import { NumberBox, readTrial } from '../../../ui/fields/NumberBox';
import { PrintSheets } from '../../../ui/print/PrintSheets';
import { SvgPage } from '../../../ui/print/SvgPage';
import { useFormats } from '../../../features/formats/useFormats';

const THRESHOLD = 128;

/** Stencils of a part: an outline brought in, sized by one known length, printed at true size. */
export function StencilPanel({ part }: { readonly part: Part }) {
  const edit = useEdit();
  const { tell, tellError } = useNotices();
  const stencils = useTable('stencils').filter((stencil) => stencil.partId === part.id);
  const [openId, setOpenId] = useState<string | null>(null);
  const open = stencils.find((stencil) => stencil.id === openId) ?? stencils[0];
  const take = async (file: File): Promise<void> => {
    try {
      const outline: Outline = /\.svg$/iu.test(file.name) ? readSvg(await file.text()) : await getPictureApi().trace(file, THRESHOLD);
      const id = newId();
      const perUnit = outline.millimetresPerUnit ?? scaleFromLength(100, Math.max(spanOf(outline).width, spanOf(outline).height));
      const kept = await edit(`Keep stencil ${file.name}`, (change) =>
        change.put('stencils', {
          id,
          revision: 0,
          partId: part.id,
          name: file.name.replace(/\.[^.]+$/u, '').slice(0, 200) || 'stencil',
          outline: pathDataOf(outline),
          millimetresPerUnit: perUnit,
        }),
      );
      if (!kept) return;
      setOpenId(id);
      if (outline.notices.length > 0) tell('Only its lines were taken', outline.notices.join('; '));
    } catch (error) {
      tellError(new Error(`${file.name} gives no stencil: ${error instanceof Error ? error.message : String(error)}`));
    }
  };
  return (
    <section aria-label="Stencils">
      <h3 className="label mb-1">Stencils</h3>
      <div className="flex flex-wrap items-center gap-2">
        {stencils.map((stencil) => (
          <Button
            key={stencil.id}
            aria-pressed={stencil.id === open?.id}
            look={stencil.id === open?.id ? 'primary' : 'plain'}
            onClick={() => setOpenId(stencil.id)}
          >
            {stencil.name}
          </Button>
        ))}
        <FilePick accept=".svg,.png,image/svg+xml,image/png" onPick={(file) => void take(file)}>
          Bring in an outline
        </FilePick>
      </div>
      <p className="text-dim mt-1 text-sm">SVG lines and shapes, or a PNG whose dark parts are the stencil.</p>
      {open && <OpenStencil key={`${open.id}-${open.revision}`} stencil={open} propId={part.propId} />}
    </section>
  );
}

function OpenStencil({ stencil, propId }: { readonly stencil: Stencil; readonly propId: string }) {
  const { dimensions, lengths } = useMeasured(propId, null);
  const measured = dimensions.flatMap(({ id, name }) => {
    const combined = lengths.get(id)?.combined;
    return combined ? [{ id, name, millimetres: combined.millimetres }] : [];
  });
  const formats = useFormats();
  const edit = useEdit();
  const outline = useMemo(() => parsePathData(stencil.outline), [stencil.outline]);
  const { width, height } = spanOf(outline);
  const [side, setSide] = useState<'width' | 'height'>('width');
  const [paperId, setPaperId] = useState<string>(usualPaper(useUnits()));
  const [known, setKnown] = useState(String(Math.round(width * stencil.millimetresPerUnit * 10) / 10));
  const length = readTrial(known, 0.5, 20_000);
  const paper = PAPERS.find((entry) => entry.id === paperId) ?? PAPERS[0];
  const sheets = useMemo(() => {
    if (!paper) return null;
    try {
      return stencilSheets(outline, stencil.millimetresPerUnit, paper);
    } catch (error) {
      return error instanceof Error ? error.message : String(error);
    }
  }, [outline, stencil.millimetresPerUnit, paper]);
  return (
    <div className="mt-3 grid gap-3">
      {measured.length > 0 && (
        <SelectField
          label="As measured on the pictures"
          value=""
          options={[
            ['', 'choose a dimension'],
            ...measured.map(({ id, name, millimetres }) => [id, `${name}, ${formats.length(millimetres)}`] as const),
          ]}
          onChange={(id) => {
            const chosen = measured.find((one) => one.id === id);
            if (chosen) setKnown(String(Math.round(chosen.millimetres * 10) / 10));
          }}
        />
      )}
      <div className="grid items-end gap-3 sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_auto_6rem]">
        <SelectField
          label="Known on the part"
          value={side}
          options={[
            ['width', 'its width'],
            ['height', 'its height'],
          ]}
          onChange={(id) => {
            setSide(id === 'height' ? 'height' : 'width');
            setKnown(String(Math.round((id === 'height' ? height : width) * stencil.millimetresPerUnit * 10) / 10));
          }}
        />
        <NumberBox label="It measures, mm" trial={{ text: known, set: setKnown }} min={0.5} max={20_000} />
        <div>
          <Button
            className="whitespace-nowrap"
            disabled={length === null || (side === 'width' ? width : height) <= 0}
            onClick={() =>
              length !== null &&
              void edit(`Size stencil ${stencil.name}`, (change) =>
                change.patch(
                  'stencils',
                  stencil.id,
                  { millimetresPerUnit: scaleFromLength(length, side === 'width' ? width : height) },
                  stencil,
                ),
              )
            }
          >
            Size it
          </Button>
        </div>
        <SelectField label="Paper" value={paperId} options={PAPERS.map((entry) => [entry.id, entry.name] as const)} onChange={setPaperId} />
      </div>
      <p className="figure">
        {formats.lengths([width * stencil.millimetresPerUnit, height * stencil.millimetresPerUnit], 1)}
        {sheets !== null && typeof sheets !== 'string' && `, ${sheets.sheets.length} sheet${sheets.sheets.length === 1 ? '' : 's'}`}
      </p>
      {typeof sheets === 'string' && (
        <p role="alert" className="text-oxide">
          {sheets}
        </p>
      )}
      {sheets !== null && typeof sheets !== 'string' && (
        <>
          <div className="flex flex-wrap gap-3">
            <PrintSheets sheets={sheets.sheets.map((sheet) => sheet.svg)} paper={paper?.id ?? 'a4'} />
            {sheets.sheets.map((sheet) => (
              <Button
                key={`${sheet.column}-${sheet.row}`}
                onClick={() => download(sheet.svg, `${fileBase(stencil.name)}-${sheet.row + 1}-${sheet.column + 1}.svg`, 'image/svg+xml')}
              >
                Save sheet {sheet.row + 1}/{sheet.column + 1}
              </Button>
            ))}
            <Button
              onClick={() => download(stencilSvg(outline, stencil.millimetresPerUnit), `${fileBase(stencil.name)}.svg`, 'image/svg+xml')}
            >
              Save as SVG, true size
            </Button>
            <Button
              look="danger"
              onClick={() => void edit(`Take stencil ${stencil.name} away`, (change) => change.remove('stencils', stencil.id))}
            >
              Take away
            </Button>
          </div>
          <p className="text-dim text-sm">Print sheets at 100 %, not “fit to page”: the ruler on each must measure 100 mm.</p>
          <div className="flex flex-wrap gap-3">
            {sheets.sheets.slice(0, 4).map((sheet) => (
              <div key={`${sheet.column}-${sheet.row}`} className="w-40">
                <SvgPage svg={sheet.svg} name={`Stencil sheet ${sheet.row + 1}/${sheet.column + 1}`} />
              </div>
            ))}
          </div>
        </>
      )}
    </div>
  );
}

function fileBase(name: string): string {
  return (
    name
      .replace(/[^A-Za-z0-9]+/gu, '-')
      .replace(/^-+|-+$/gu, '')
      .toLowerCase() || 'stencil'
  );
}
