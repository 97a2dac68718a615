import { escapeXml } from '@zinc-ladder/core/svg/escapeXml';
import type { ProjectBundle } from '../file/zipProject';
import { gatherReport, REPORT_SECTIONS } from './reportSections';
import { REPORT_SECTION_IDS, REPORT_TITLES } from './reportTitles';

/** What a report tells. */
export interface ReportChoice {
  /** ids of sections; all of them where left out */
  readonly sections?: readonly string[];
  /** the shop's name is left out: for a report that goes to others */
  readonly isWithoutShop?: boolean;
}

/** Inks and rules in shades of grey: it is printed more often than it is looked at. */
const STYLE = `
@page { margin: 14mm; }
body { font: 11pt/1.45 Georgia, serif; color: #1d2427; max-width: 180mm; margin: 8mm auto; padding: 0 4mm; }
h1 { font-size: 24pt; line-height: 1.15; margin: 0 0 2mm; }
h2 { font-size: 15pt; margin: 9mm 0 2mm; border-bottom: 0.3mm solid #1d2427; break-after: avoid; }
h3 { font-size: 12pt; margin: 5mm 0 1mm; break-after: avoid; }
table { border-collapse: collapse; width: 100%; font-size: 9.5pt; }
th, td { text-align: left; vertical-align: top; padding: 1mm 2mm 1mm 0; border-bottom: 0.1mm solid #9aa3a6; }
tr { break-inside: avoid; }
.figures { display: flex; flex-wrap: wrap; gap: 4mm; }
figure { margin: 0; width: 55mm; break-inside: avoid; }
img { max-width: 100%; display: block; }
figcaption { font-size: 9pt; }
.swatch { display: inline-block; width: 4mm; height: 4mm; margin-right: 2mm; vertical-align: -0.7mm; border: 0.2mm solid #1d2427; print-color-adjust: exact; }
`;

/**
 * The build report of a prop as one HTML page that opens anywhere: pictures within it, no script, nothing asked of any server.
 *
 * @returns null where there is no such prop
 */
export function writeReport(
  bundle: ProjectBundle,
  propId: string,
  nowMs: number,
  { sections, isWithoutShop = false }: ReportChoice = {},
): string | null {
  const matter = gatherReport(bundle, propId);
  if (!matter) return null;
  const { prop } = matter;
  const { shop } = bundle.project;
  const date = new Intl.DateTimeFormat('en-GB', { timeZone: shop.timeZone, dateStyle: 'long' }).format(nowMs);
  const told = REPORT_SECTION_IDS.filter((id) => sections === undefined || sections.includes(id)).flatMap((id) => {
    const written = REPORT_SECTIONS[id](matter);
    return written ? [`<section id="${id}"><h2>${escapeXml(REPORT_TITLES[id])}</h2>${written}</section>`] : [];
  });
  return [
    '<!DOCTYPE html>',
    '<html lang="en">',
    '<head>',
    '<meta charset="utf-8">',
    '<meta name="viewport" content="width=device-width, initial-scale=1">',
    `<title>${escapeXml(`${prop.name}: build report`)}</title>`,
    `<style>${STYLE}</style>`,
    '</head>',
    '<body>',
    '<main>',
    `<h1>${escapeXml(prop.name)}</h1>`,
    `<p>Build report, ${escapeXml(date)}${isWithoutShop ? '' : `, ${escapeXml(shop.name)}`}</p>`,
    ...told,
    '</main>',
    '</body>',
    '</html>',
    '',
  ].join('\n');
}
