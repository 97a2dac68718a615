import type { ValidationError } from 'class-validator';
import { describe, expect, it } from 'vitest';
import { makeSampleProject } from '../testing/sampleProject';
import { FileFaultsError, MOST_FAULTS, toFaults } from './faults';
import { checkProject, readProject } from './readProject';
import { findRecordFaults } from './validateRecord';

function faultsOf(read: () => unknown): FileFaultsError['faults'] {
  try {
    read();
  } catch (error) {
    if (error instanceof FileFaultsError) return error.faults;
    throw error;
  }
  return [];
}
const error = (property: string, constraints?: Record<string, string>, children: ValidationError[] = []): ValidationError =>
  ({ property, constraints, children }) as ValidationError;

describe('faults', () => {
  it('have paths: names after a point, whole numbers in brackets', () => {
    const inside = error('2', { min: 'too small' });
    expect(toFaults([error('rungs', undefined, [error('14', undefined, [error('a1', { max: 'too large' }), inside])])])).toEqual([
      { code: 'invalid', path: 'rungs[14].a1', message: 'too large' },
      { code: 'invalid', path: 'rungs[14][2]', message: 'too small' },
    ]);
    expect(toFaults([error('1a', { min: 'm' }), error('a1', { min: 'm' })]).map(({ path }) => path)).toEqual(['1a', 'a1']);
  });
  it('have words of our own where the checker’s are for programmers', () => {
    const words = (rule: string) => toFaults([error('x', { [rule]: 'as it says' })]).map(({ code, message }) => [code, message])[0];
    expect(words('whitelistValidation')).toEqual(['unknownField', 'this field is not part of the format']);
    expect(words('unknownValue')).toEqual(['invalid', 'must be an object of the format']);
    expect(words('nestedValidation')).toEqual(['invalid', 'must be an object of the format']);
    expect(words('min')).toEqual(['invalid', 'as it says']);
  });
  it('are told line by line, with their places', () => {
    const told = new FileFaultsError([
      { code: 'invalid', path: 'shop.name', message: 'is empty' },
      { code: 'unreadable', path: '', message: 'is no file' },
    ]);
    expect(told.message).toBe('shop.name: is empty\nis no file');
    expect(told.name).toBe('FileFaultsError');
  });
  it('beyond two hundred are counted, up to there listed', () => {
    const broken = (count: number): FileFaultsError['faults'] => {
      const sample = makeSampleProject();
      const props = Array.from({ length: count }, (_, at) => ({ ...sample.props[0], id: `p${at}`, weight: -1 }));
      return faultsOf(() => checkProject({ ...sample, props: [...sample.props, ...props] }));
    };
    // A list that is still read by a person.
    expect(MOST_FAULTS).toBe(200);
    expect(broken(MOST_FAULTS)).toHaveLength(MOST_FAULTS);
    const more = broken(MOST_FAULTS + 5);
    expect(more).toHaveLength(MOST_FAULTS + 1);
    expect(more.at(-1)).toEqual({ code: 'invalid', path: '', message: 'and 5 more faults' });
    expect(more[0]?.path).toBe('props[1].weight');
  });
});

describe('a record', () => {
  it('with a field the format does not know is told by it', () => {
    const [prop] = makeSampleProject().props;
    expect(findRecordFaults('props', { ...prop })).toEqual([]);
    expect(findRecordFaults('props', { ...prop, colour: 'red' })).toEqual([
      { code: 'unknownField', path: 'colour', message: 'this field is not part of the format' },
    ]);
  });
});

describe('what is no project', () => {
  it.each([null, 3, 'text', true, []])('%j is said not to hold one', (parsed) =>
    expect(faultsOf(() => checkProject(parsed))).toEqual([{ code: 'notAProject', path: '', message: 'the file does not hold a project' }]),
  );
  it('is told what its format must be', () =>
    expect(faultsOf(() => checkProject({}))).toEqual([{ code: 'notAProject', path: 'format', message: 'must be "zinc-ladder-project"' }]));
  it.each(['15', 0, -1, 1.5, null])('version %j is no whole number from 1', (version) =>
    expect(faultsOf(() => checkProject({ ...makeSampleProject(), version }))).toEqual([
      { code: 'invalid', path: 'version', message: 'must be a whole number from 1' },
    ]),
  );
  it('is told in megabytes when it is too large, and taken when it is just as large as may be', () => {
    const text = JSON.stringify(makeSampleProject());
    expect(readProject(text, text.length)).toEqual(makeSampleProject());
    const large = 'x'.repeat(3 * 1024 * 1024 + 1);
    expect(faultsOf(() => readProject(large, 3 * 1024 * 1024))).toEqual([
      { code: 'tooLarge', path: '', message: 'the file is larger than 3 MB' },
    ]);
  });
  it('may begin with a mark of its byte order, and nowhere else have one', () => {
    expect(readProject(`\uFEFF${JSON.stringify(makeSampleProject())}`)).toEqual(makeSampleProject());
    expect(faultsOf(() => readProject(`{\uFEFF"format":"x"}`))[0]?.code).toBe('unreadable');
  });
});
