import { describe, expect, it } from 'vitest';
import { labelSheets } from './labelSheets';

const label = (title: string) => ({ title, lines: ['Lantern'], modules: [[true, false], [false, true]] }); // prettier-ignore
const A4 = { width: 210, height: 297 };

describe('labels on paper', () => {
  it('are eighteen to an A4 sheet, at their true size, and the rest goes on the next', () => {
    const sheets = labelSheets(Array.from({ length: 20 }, (_, at) => label(`Part ${at}`)), A4); // prettier-ignore
    expect(sheets).toHaveLength(2);
    expect(sheets[0]).toContain('width="210mm" height="297mm"');
    expect(sheets[0]?.match(/stroke-dasharray/gu)).toHaveLength(18);
    expect(sheets[1]?.match(/stroke-dasharray/gu)).toHaveLength(2);
  });
  it('write names as text, never as drawing', () => {
    const [sheet] = labelSheets([label('<script>&"')], A4);
    expect(sheet).not.toContain('<script>');
    expect(sheet).toContain('&lt;script&gt;&amp;');
  });
  it('of nothing are no sheets', () => expect(labelSheets([], A4)).toEqual([]));
});
