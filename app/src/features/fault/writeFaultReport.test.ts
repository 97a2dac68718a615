import { describe, expect, it } from 'vitest';
import { writeFaultReport } from './writeFaultReport';

const fault = (): TypeError => {
  const error = new TypeError('parts is undefined');
  error.stack =
    'TypeError: parts is undefined\n    at draw (http://shop.local:4310/assets/Plan-1.js:3:14)\n    at http://shop.local:4310/assets/index.js:9:1';
  return error;
};
const facts = {
  version: '1.2.3',
  browser: 'a browser',
  path: '/ladders/a-secret-prop/its-part',
  error: fault(),
  acts: [{ atMs: 0, touched: { rungs: 2, logEntries: 1 } }],
  nowMs: 180_000,
};

describe('the report of a fault', () => {
  it('names version, browser, view, place and what the last edits touched', () => {
    expect(writeFaultReport(facts)).toBe(
      [
        'Zinc Ladder 1.2.3',
        'Browser: a browser',
        'View: ladders',
        'Fault: TypeError: parts is undefined',
        '  at draw (/assets/Plan-1.js:3:14)',
        '  at /assets/index.js:9:1',
        'Last edits, by the tables they touched: ',
        '  3 min before: rungs 2, logEntries 1',
      ].join('\n'),
    );
  });
  it('has neither ids nor addresses in it, and cuts what may quote a note', () => {
    const error = new Error(`cannot read "${'a private note '.repeat(40)}"`);
    const text = writeFaultReport({ ...facts, error, acts: [] });
    expect(text).not.toMatch(/secret|shop\.local/u);
    expect(Math.max(...text.split('\n').map((line) => line.length))).toBeLessThan(230);
    expect(text).toContain('touched: none');
  });
  it('says so of what is no error', () => {
    expect(writeFaultReport({ ...facts, error: 'lantern', path: '/' })).toContain('View: bench\nFault: Something else than an error\n');
  });
});
