import type { FlawKindId } from '@zinc-ladder/core/inspection/flawKinds';
import type { Fit } from '@zinc-ladder/model/records/prop/fit';
import type { Flaw } from '@zinc-ladder/model/records/prop/flaw';
import type { SurfacePass } from '@zinc-ladder/model/records/prop/surfacePass';

const CASE = 'telegraph-case';

/** The telegraph's case after its first cut, after P220, and after the first turn of filler primer; judged with a guide coat from the second on. */
const PASSES: readonly SurfacePass[] = [
  pass(1, '2026-05-19T20:34:00+02:00', 104, 104, false, 'Lines still stand over the top. Walls nearly gone.'),
  pass(2, '2026-05-20T20:25:00+02:00', 82, 76, true, 'Guide coat: top third still striped. Two pinholes opened by the paper.'),
  pass(3, '2026-05-22T20:12:00+02:00', 78, 51, true, 'Primer filled most of it. Seam at the back edge stands out now.'),
];

/** `[kind, size mm, degrees round the arch from the right, mm from the front, found after, mended by]`; 0 is before the first pass, null is open. */
const FOUND: readonly (readonly [FlawKindId, number, number, number, number, number | null])[] = [
  ['layerLine', 1.4, 62, 20, 1, 2],
  ['layerLine', 1.6, 74, 45, 1, 2],
  ['layerLine', 1.8, 88, 70, 1, 3],
  ['layerLine', 1.8, 96, 100, 1, 3],
  ['layerLine', 1.5, 108, 30, 1, 3],
  ['layerLine', 1.7, 84, 112, 1, null],
  ['layerLine', 1.9, 92, 14, 1, null],
  ['layerLine', 1.2, 122, 82, 1, 3],
  ['seam', 2.2, 3, 124, 1, 2],
  ['seam', 2.4, 176, 124, 1, null],
  ['scratch', 0.5, 30, 60, 1, 2],
  ['scratch', 0.6, 41, 66, 1, 2],
  ['scratch', 0.6, 150, 40, 1, 3],
  ['pinhole', 0.7, 58, 88, 2, 3],
  ['pinhole', 0.9, 130, 22, 2, null],
  ['pinhole', 0.6, 133, 27, 2, null],
  ['scratch', 0.5, 70, 18, 2, 3],
  ['layerLine', 1.3, 101, 55, 2, 3],
  ['run', 2.5, 12, 90, 3, null],
  ['dust', 0.5, 80, 60, 3, null],
  ['scratch', 0.6, 118, 104, 3, null],
];

/** What was found on the case, pinned on its mesh. */
export const DEMO_INSPECTION: { readonly passes: SurfacePass[]; readonly flaws: Flaw[] } = {
  passes: [...PASSES],
  flaws: FOUND.map(([kind, sizeMillimetres, degrees, y, found, fixed], at): Flaw => {
    const angle = (degrees * Math.PI) / 180;
    const round = (value: number): number => Math.round(value * 100) / 100;
    return {
      id: `flaw-case-${String(at + 1).padStart(2, '0')}`,
      revision: 0,
      partId: CASE,
      kind,
      sizeMillimetres,
      foundPassId: found === 0 ? null : `pass-case-${found}`,
      fixedPassId: fixed === null ? null : `pass-case-${fixed}`,
      pin: { pictureId: null, meshId: `mesh-${CASE}`, place: [round(95 * Math.cos(angle)), y, round(120 + 95 * Math.sin(angle))] },
      note: '',
    };
  }),
};

/** Pairs that must still go together once they are painted. */
export const DEMO_FITS: readonly Fit[] = [
  fit('pointer', CASE, 'telegraph-pointer', 'Pointer spindle in the case', 'shaft', 8.3, 8, 0.1, ''),
  fit('face', CASE, 'telegraph-face', 'Dial face in its seat', 'lid', 109.7, 108.5, 0.3, 'Seat is sprayed with the case.'),
  fit('cap', 'lantern-cap', 'lantern-chimney', 'Chimney under the cap', 'shaft', 62.6, 62, 0.2, 'Solvent took a little off the rim.'),
];

function pass(at: number, when: string, minutes: number, valleyMicrometres: number, isGuideCoat: boolean, note: string): SurfacePass {
  return {
    id: `pass-case-${at}`,
    revision: 0,
    partId: CASE,
    atMs: Date.parse(when),
    minutes,
    plannedMinutes: null,
    zone: null,
    valleyMicrometres,
    isGuideCoat,
    note,
  };
}

function fit(
  id: string,
  partId: string,
  otherPartId: string,
  name: string,
  kind: Fit['kind'],
  holeMillimetres: number,
  shaftMillimetres: number,
  printErrorMillimetres: number,
  note: string,
): Fit {
  return {
    id: `fit-${id}`,
    revision: 0,
    partId,
    otherPartId,
    name,
    kind,
    holeMillimetres,
    shaftMillimetres,
    printErrorMillimetres,
    isMasked: false,
    note,
  };
}
