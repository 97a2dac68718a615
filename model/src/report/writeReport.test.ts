import { readFileSync } from 'node:fs';
import { HtmlValidate } from 'html-validate';
import { describe, expect, it } from 'vitest';
import type { ProjectBundle } from '../file/zipProject';
import { readBundle } from '../file/zipProject';
import { gatherCosts } from '../gather/shelf/costs/gatherCosts';
import { standingEntries } from '../log/standingLog';
import { makeSampleProject } from '../testing/sampleProject';
import { REPORT_SECTION_IDS } from './reportTitles';
import { writeReport } from './writeReport';

const demo = readBundle(readFileSync(new URL('../../../demo/files/tide-office.zip', import.meta.url)));
const NOW = demo.project.savedAtMs;
const report = (bundle: ProjectBundle, propId: string, choice = {}): string => writeReport(bundle, propId, NOW, choice) ?? '';
const html = report(demo, 'lantern');

describe('a build report', () => {
  // Inline styles are how a page without a second file shows a swatch; long titles are a matter of taste.
  const validator = new HtmlValidate({ extends: ['html-validate:recommended'], rules: { 'no-inline-style': 'off', 'long-title': 'off' } });
  it.each(demo.project.props.map(({ id }) => id))('of %s is valid HTML by another package', async (propId) => {
    const { results } = await validator.validateString(report(demo, propId));
    expect(results.flatMap(({ messages }) => messages.map(({ ruleId, message, line }) => `${line} ${ruleId}: ${message}`))).toEqual([]);
  });
  it('holds its pictures, no script, and asks nothing of any server', () => {
    expect(html.match(/<img src="data:image\/png;base64,/gu)).toHaveLength(5);
    expect(html).not.toMatch(/<script|https?:|url\(|@import|\ssrc="(?!data:)|\shref=/u);
  });
  it('tells what was planned and what it took as the log has it, summed by hand', () => {
    const rungs = new Set(
      demo.project.ladders
        .filter(({ partId }) => demo.project.parts.some(({ id, propId }) => id === partId && propId === 'lantern'))
        .flatMap(({ rungIds }) => rungIds),
    );
    const corrected = new Set(demo.project.logEntries.map(({ correctsId }) => correctsId));
    const counted = demo.project.logEntries.filter(
      (entry) => rungs.has(entry.rungId ?? '') && !corrected.has(entry.id) && entry.plannedMinutes !== null && entry.actualMinutes !== null,
    );
    const actual = counted.reduce((sum, entry) => sum + (entry.actualMinutes ?? 0), 0);
    expect(html).toContain(`<td>${(actual / 60).toFixed(1)} h</td></tr></tbody>`);
  });
  it('tells the cost by kind as the shelf has it, and nothing where the shop keeps no prices', () => {
    const cost = /<section id="cost">.*?<\/section>/su.exec(html)?.[0] ?? '';
    const { props } = gatherCosts({ ...demo.project, standing: standingEntries(demo.project.logEntries) });
    const sum = props.find(({ propId }) => propId === 'lantern')?.sum;
    expect(cost).toContain(`<td>All</td><td>€${sum?.soFar.toFixed(2)}</td><td>€${sum?.toCome.toFixed(2)}</td>`);
    expect(cost).toContain('Paper, tape, gloves and the like');
    const bare = { ...demo, project: { ...demo.project, shop: { ...demo.project.shop, currency: null } } };
    expect(report(bare, 'lantern')).not.toContain('id="cost"');
  });
  it('tells the films of each part with their sum, and each part as it was photographed first and last', () => {
    const films = /<section id="films">.*?<\/section>/su.exec(html)?.[0] ?? '';
    const [tank] = [...films.matchAll(/<tr><td>Tank<\/td><td>(.*?)<\/td><td>(\d+) µm<\/td><\/tr>/gsu)];
    const layers = [...(tank?.[1] ?? '').matchAll(/(\d+) µm/gu)].map((found) => Number(found[1]));
    expect(layers.length).toBeGreaterThan(3);
    // Each is rounded by itself.
    expect(Math.abs(layers.reduce((sum, film) => sum + film, 0) - Number(tank?.[2]))).toBeLessThanOrEqual(layers.length / 2);
    const progress = /<section id="progress">.*?<\/section>/su.exec(html)?.[0] ?? '';
    expect(progress.match(/<figure>/gu)).toHaveLength(2);
  });
  it('tells only the chosen sections, and leaves the shop out where it is asked to', () => {
    expect(html).toContain(demo.project.shop.name);
    const short = report(demo, 'lantern', { sections: ['ladders', 'cautions'], isWithoutShop: true });
    expect([...short.matchAll(/<section id="(\w+)"/gu)].map((match) => match[1])).toEqual(['ladders', 'cautions']);
    expect(short).not.toContain(demo.project.shop.name);
  });
  it('takes what was typed as words', () => {
    const sample = makeSampleProject();
    const wild = '<img src=x onerror=alert(1)> & "so"';
    const project = { ...sample, props: sample.props.map((prop) => ({ ...prop, name: wild, story: wild })) };
    const written = report({ project, attachments: new Map() }, project.props[0]?.id ?? '');
    expect(written).not.toContain('<img src=x');
    expect(written).toContain('&lt;img src=x onerror=alert(1)&gt; &amp; &quot;so&quot;');
  });
  it('of a prop with nothing done or shown has no empty heading, and of none is null', () => {
    const sample = makeSampleProject();
    const bare: ProjectBundle = {
      project: { ...sample, ladders: [], rungs: [], logEntries: [], pictures: [], mixCards: [] },
      attachments: new Map(),
    };
    const written = report(bare, sample.props[0]?.id ?? '');
    expect(written).not.toContain('<tbody></tbody>');
    expect(written.match(/<h2>/gu)?.length ?? 0).toBeLessThan(REPORT_SECTION_IDS.length);
    expect(writeReport(bare, 'nobody', NOW)).toBeNull();
  });
});
