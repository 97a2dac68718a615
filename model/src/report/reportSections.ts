import { CAUTIONS, DEFERENCE } from '@zinc-ladder/core/caution/cautions';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import { BANDS } from '@zinc-ladder/core/ladder/bands';
import { compareMinutes } from '@zinc-ladder/core/log/comparedMinutes';
import { measureLengths } from '@zinc-ladder/core/reference/measureLengths';
import type { CostSum } from '@zinc-ladder/core/shelf/costs';
import { stackFilms, stackHeight } from '@zinc-ladder/core/film/filmStack';
import { imageSize } from 'image-size';
import type { ProjectBundle } from '../file/zipProject';
import { toFilmRung } from '../gather/film/toFilmRung';
import { gatherMeasured } from '../gather/reference/gatherMeasured';
import { COST_KINDS } from '../gather/shelf/costs/costKinds';
import { gatherCosts } from '../gather/shelf/costs/gatherCosts';
import { rungMillilitres } from '../gather/shelf/rungTakes';
import { cautionsOfRung } from '../rungs/cautionsOfRung';
import { standingEntries } from '../log/standingLog';
import type { LogEntry } from '../records/ladder/logEntry';
import type { Rung } from '../records/ladder/rung';
import type { Part } from '../records/prop/part';
import type { Prop } from '../records/prop/prop';
import { figure, lines, swatch, table, text } from './reportMarkup';
import type { ReportSectionId } from './reportTitles';

/** What a section is written from. */
export interface ReportMatter {
  readonly bundle: ProjectBundle;
  readonly prop: Prop;
  readonly parts: readonly Part[];
  /** of the prop's parts, in the order of their ladders, none that was left out */
  readonly rungs: ReadonlyMap<string, readonly Rung[]>;
  /** the log of the prop as it stands, oldest first */
  readonly log: readonly LogEntry[];
}

/** Writes a section; null where there is nothing to tell. */
type WriteSection = (matter: ReportMatter) => string | null;

/** The records of one prop, as the sections take them. Null: no such prop. */
export function gatherReport(bundle: ProjectBundle, propId: string): ReportMatter | null {
  const { project } = bundle;
  const prop = project.props.find(({ id }) => id === propId);
  if (!prop) return null;
  const parts = project.parts.filter((part) => part.propId === propId).toSorted((a, b) => a.position - b.position);
  const byId = new Map(project.rungs.map((rung) => [rung.id, rung]));
  const ladders = new Map(project.ladders.map((ladder) => [ladder.partId, ladder]));
  const rungs = new Map(
    parts.map(({ id }) => [
      id,
      (ladders.get(id)?.rungIds ?? []).flatMap((rungId) => byId.get(rungId) ?? []).filter(({ state }) => state !== 'leftOut'),
    ]),
  );
  const log = standingEntries(project.logEntries)
    .filter((entry) => entry.propId === propId)
    .toReversed();
  return { bundle, prop, parts, rungs, log };
}

function writeStory({ prop, bundle }: ReportMatter): string {
  const pictures = bundle.project.pictures.filter(({ propId, isOwn }) => propId === prop.id && !isOwn);
  const origins = new Map(bundle.project.measurings.map(({ pictureId, origin }) => [pictureId, origin]));
  const seen = prop.viewingMetres === null ? '' : `<p>Made to be seen from ${text(String(prop.viewingMetres))} m.</p>`;
  const figures = pictures.map((picture) => figure(bundle, picture, [picture.name, origins.get(picture.id)].filter(Boolean).join(': ')));
  return `${prop.story ? `<p>${lines(prop.story)}</p>` : ''}${seen}<div class="figures">${figures.join('')}</div>`;
}

function writeDimensions({ prop, bundle: { project, attachments } }: ReportMatter): string | null {
  const dimensions = project.dimensions.filter(({ propId }) => propId === prop.id).toSorted((a, b) => a.position - b.position);
  if (dimensions.length === 0) return null;
  const measured = project.measurings.flatMap((measuring) => {
    const bytes = attachments.get(measuring.pictureId);
    const size = bytes && sizeOf(bytes);
    return size ? [gatherMeasured(measuring, size, project.pictures.find(({ id }) => id === measuring.pictureId)?.focalShare ?? null)] : [];
  });
  const lengths = new Map(measureLengths(measured).map((length) => [length.id, length.combined]));
  const rows = dimensions.map(({ id, name, meshMillimetres }) => {
    const found = lengths.get(id);
    const odd = (found?.disagrees ?? []).map((picture) => project.pictures.find((one) => one.id === picture)?.name ?? picture);
    const doubt = odd.length === 0 ? '' : `; ${text(odd.join(', '))} disagrees`;
    const told = found ? `${found.millimetres.toFixed(0)} mm (${found.low.toFixed(0)}–${found.high.toFixed(0)})${doubt}` : 'not measured';
    return [text(name), told, meshMillimetres === null ? '' : `${text(String(meshMillimetres))} mm`];
  });
  return `${table(['Dimension', 'By the pictures, 90 % interval', 'On the mesh'], rows)}`;
}

function sizeOf(bytes: Uint8Array): { readonly width: number; readonly height: number } | null {
  try {
    return imageSize(bytes);
  } catch {
    return null;
  }
}

function writeLadders({ parts, rungs, log, bundle: { project } }: ReportMatter): string | null {
  const products = new Map(project.products.map(({ id, name }) => [id, name]));
  const cards = new Map(project.mixCards.map(({ id, name }) => [id, name]));
  const written = parts.flatMap((part) => {
    const own = rungs.get(part.id) ?? [];
    if (own.length === 0) return [];
    const rows = own.map((rung) => {
      const took = log.filter((entry) => entry.rungId === rung.id && entry.actualMinutes !== null);
      const minutes = took.reduce((sum, entry) => sum + (entry.actualMinutes ?? 0), 0);
      const air = took.find((entry) => entry.air)?.air;
      return [
        text(rung.name),
        text(cards.get(rung.mixCardId ?? '') ?? products.get(rung.productId ?? '') ?? ''),
        text([rung.grit, rung.coatMicrometres === null ? null : `${rung.coatMicrometres} µm`].filter(Boolean).join(', ')),
        rung.state === 'done' ? (took.length > 0 ? `${Math.round(minutes)} of ${rung.minutes} min` : 'done') : 'open',
        air ? `${air.temperatureCelsius.toFixed(0)} °C, ${air.relativeHumidityPercent.toFixed(0)} %` : '',
      ];
    });
    const pieces = part.count > 1 ? `, ${part.count} pieces` : '';
    return [`<h3>${text(part.name)}${pieces}</h3>${table(['Step', 'With', 'Grit, film', 'Took, of planned', 'Air'], rows)}`];
  });
  return written.length === 0 ? null : written.join('');
}

/** Each part as it was photographed first and last. */
function writeProgress({ bundle, parts, log }: ReportMatter): string | null {
  const loggedAt = new Map(log.flatMap((entry) => entry.pictureIds.map((id) => [id, entry.atMs] as const)));
  const { timeZone } = bundle.project.shop;
  const date = new Intl.DateTimeFormat('en-GB', { timeZone, dateStyle: 'medium' });
  const figures = parts.flatMap((part) => {
    const taken = bundle.project.pictures
      .filter(({ id, partId }) => partId === part.id && bundle.attachments.has(id))
      .map((picture) => ({ picture, atMs: picture.takenAtMs ?? loggedAt.get(picture.id) ?? null }))
      .toSorted((a, b) => (a.atMs ?? 0) - (b.atMs ?? 0));
    const ends = taken.length > 1 ? [taken[0], taken.at(-1)] : taken;
    return ends.flatMap((one) =>
      one ? [figure(bundle, one.picture, `${part.name}${one.atMs === null ? '' : `, ${date.format(one.atMs)}`}`)] : [],
    );
  });
  return figures.length === 0 ? null : `<div class="figures">${figures.join('')}</div>`;
}

/** What lies on each part, from the bare print up, as far as it was climbed. */
function writeFilms({ bundle, parts, rungs }: ReportMatter): string | null {
  const index = { products: new Map(bundle.project.products.map((product) => [product.id, product])) };
  const rows = parts.flatMap((part) => {
    const done = (rungs.get(part.id) ?? []).filter(({ state, side }) => state === 'done' && side !== 'under');
    const layers = stackFilms(done.map((rung) => toFilmRung(rung, index)));
    if (layers.length === 0) return [];
    const told = layers.map(
      (layer) => `${layer.colourHex ? swatch(layer.colourHex) : ''}${text(layer.name)} ${layer.micrometres.toFixed(0)} µm`,
    );
    return [[text(part.name), told.join('<br>'), `${stackHeight(layers).toFixed(0)} µm`]];
  });
  return rows.length === 0 ? null : table(['Part', 'From the print up', 'All of it'], rows);
}

function writeCards({ rungs, bundle: { project } }: ReportMatter): string | null {
  const used = new Set([...rungs.values()].flat().map(({ mixCardId }) => mixCardId));
  const rows = project.mixCards
    .filter(({ id }) => used.has(id))
    .map(({ name, components, unit, dilution, reading, swatchHex, note }) => {
      const hex = reading ? hexOfLab([reading.lab[0] ?? 0, reading.lab[1] ?? 0, reading.lab[2] ?? 0]) : swatchHex;
      const mix = components.map((part) => `${part.amount} ${unit === 'grams' ? 'g' : unit} ${part.name}`).join(', ');
      return [`${hex ? swatch(hex) : ''}${text(name)}`, text([mix, dilution].filter(Boolean).join('; ')), lines(note)];
    });
  const products = new Set([...rungs.values()].flat().map(({ productId }) => productId));
  const tried = project.techniqueCards
    .filter((card) => card.productId !== null && products.has(card.productId))
    .map((card) => [text(card.name), text([card.mix, card.tool].filter(Boolean).join('; ')), lines(card.note)]);
  const written = [
    ...(rows.length === 0 ? [] : [table(['Mix', 'Of', 'Note'], rows)]),
    ...(tried.length === 0 ? [] : [`<h3>Techniques that were tried</h3>${table(['Technique', 'With', 'Note'], tried)}`]),
  ];
  return written.length === 0 ? null : written.join('');
}

function writeHours({ rungs, log }: ReportMatter): string | null {
  const bands = new Map([...rungs.values()].flat().map((rung) => [rung.id, rung.band]));
  const compared = compareMinutes(
    log.flatMap(({ rungId, plannedMinutes, actualMinutes }) => {
      const band = bands.get(rungId ?? '');
      return band ? [{ key: band, planned: plannedMinutes, actual: actualMinutes }] : [];
    }),
  );
  if (compared.count === 0) return null;
  const hours = (minutes: number): string => `${(minutes / 60).toFixed(1)} h`;
  const rows = compared.sums.map(({ key, planned, actual }) => [
    text(BANDS.find(({ id }) => id === key)?.name ?? key),
    hours(planned),
    hours(actual),
  ]);
  return table(['Kind of work', 'Planned', 'Took'], [...rows, ['All', hours(compared.planned), hours(compared.actual)]]);
}

function amountWords(millilitres: number): string {
  if (millilitres === 0) return '';
  return millilitres < 1 ? 'under 1 ml' : `about ${millilitres.toFixed(0)} ml`;
}

function writeMaterials({ parts, rungs, bundle: { project } }: ReportMatter): string | null {
  const amounts = new Map<string, { coats: number; millilitres: number }>();
  const products = new Map(project.products.map((product) => [product.id, product]));
  for (const part of parts)
    for (const rung of rungs.get(part.id) ?? []) {
      const product = products.get(rung.productId ?? '');
      if (rung.state !== 'done' || !product) continue;
      const used = rungMillilitres(rung, part, product) ?? 0;
      const sum = amounts.get(product.id) ?? { coats: 0, millilitres: 0 };
      amounts.set(product.id, { coats: sum.coats + 1, millilitres: sum.millilitres + used });
    }
  const rows = [...amounts].map(([id, { coats, millilitres }]) => {
    const product = products.get(id);
    const hex = product?.colourHex;
    return [`${hex ? swatch(hex) : ''}${text(product?.name ?? '')}`, String(coats), amountWords(millilitres)];
  });
  return rows.length === 0 ? null : table(['Product', 'Times', 'Used, by film and area'], rows);
}

/** What it cost and still will, by kind; nothing where the shop keeps no prices. */
function writeCost({ prop, bundle: { project } }: ReportMatter): string | null {
  const { currency } = project.shop;
  if (currency === null) return null;
  const { props } = gatherCosts({ ...project, standing: standingEntries(project.logEntries) });
  const own = props.find(({ propId }) => propId === prop.id);
  if (!own || own.byKind.size === 0) return null;
  const format = new Intl.NumberFormat('en-GB', { style: 'currency', currency });
  const row = (name: string, { soFar, toCome }: CostSum): string[] => [text(name), format.format(soFar), format.format(toCome)];
  const rows = COST_KINDS.flatMap(({ id, name }) => {
    const sum = own.byKind.get(id);
    return sum ? [row(name, sum)] : [];
  });
  const lacking = own.sum.unpriced === 0 ? '' : `<p>${own.sum.unpriced} coats and uses have no price and are not in it.</p>`;
  return `${table(['For', 'So far', 'To come'], [...rows, row('All', own.sum)])}${lacking}`;
}

function writeBetter({ log }: ReportMatter): string | null {
  const said = log.filter(
    ({ kind, text: words }) => (kind === 'mistake' || kind === 'note' || kind === 'deviation') && words.trim() !== '',
  );
  if (said.length === 0) return null;
  return `<ul>${said.map((entry) => `<li>${entry.kind === 'note' ? '' : '<strong>Mind: </strong>'}${lines(entry.text)}</li>`).join('')}</ul>`;
}

function writeCautions({ rungs, parts, bundle }: ReportMatter): string | null {
  const products = new Map(bundle.project.products.map((product) => [product.id, product]));
  const named = new Set(
    parts.flatMap(({ id, materialId }) =>
      (rungs.get(id) ?? []).flatMap((rung) => cautionsOfRung(rung, products.get(rung.productId ?? '') ?? null, materialId)),
    ),
  );
  const usual = CAUTIONS.filter(({ id }) => named.has(id));
  if (usual.length === 0) return null;
  const wearer =
    'For whoever wears or carries it: paint that is not hard yet may mark skin and cloth; mind edges, weight and what narrows the sight, and let lamps and cells cool.';
  const items = usual.map(({ title, text: words }) => `<li><strong>${text(title)}:</strong> ${text(words)}</li>`);
  return `<p>${text(wearer)}</p><p>${text(DEFERENCE)} For whoever sands, repairs or repaints it:</p><ul>${items.join('')}</ul>`;
}

/** How each section is written. */
export const REPORT_SECTIONS: Readonly<Record<ReportSectionId, WriteSection>> = {
  story: writeStory,
  dimensions: writeDimensions,
  progress: writeProgress,
  ladders: writeLadders,
  films: writeFilms,
  cards: writeCards,
  hours: writeHours,
  materials: writeMaterials,
  cost: writeCost,
  better: writeBetter,
  cautions: writeCautions,
};
