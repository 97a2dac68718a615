import type { ChainEnd, Spot } from '@zinc-ladder/core/light/groupChain';
import { MOST_DATA_MILLIMETRES, readChain } from '@zinc-ladder/core/light/groupChain';
import { LabError } from '../../labError';
import { fieldsOf, hasField, listAt, numberAt, textAt } from '../../readFields';
import { readJson } from '../../readFile';
import type { LabCommand } from '../labCommand';

const MOST_GROUPS = 200;

/**
 * `chain FILE` → faults of a chain of LED groups, its wire, and the order that needs least. File, mm: `{"controller":[x,y,z?],"groups":[{"id","in":[…],
 * "out":[…],"power"?:bool,"ground"?:bool}],"links"?:[{"from":"controller"|"A.out","to":"B.in"}],"mostMillimetres"?}`.
 */
export const chain: LabCommand = {
  name: 'chain',
  usage: 'chain FILE',
  options: [],
  run: ({ files }) => {
    const file = { ...fieldsOf(readJson(files[0]), files[0] ?? 'the file'), path: '' };
    const groups = listAt(file, 'groups', (value, path) => {
      const group = fieldsOf(value, path);
      const isGiven = (name: string): boolean => !hasField(group, name) || group.values[name] === true;
      return {
        id: textAt(group, 'id'),
        in: spotOf(group.values['in'], `${path}.in`),
        out: spotOf(group.values['out'], `${path}.out`),
        hasPower: isGiven('power'),
        hasGround: isGiven('ground'),
      };
    });
    if (groups.length > MOST_GROUPS) throw new LabError(`groups must be at most ${MOST_GROUPS}`);
    if (new Set(groups.map(({ id }) => id)).size < groups.length) throw new LabError('two groups have one id');
    const links = listAt(file, 'links', (value, path) => {
      const link = fieldsOf(value, path);
      return { from: endOf(textAt(link, 'from'), `${path}.from`), to: endOf(textAt(link, 'to'), `${path}.to`) };
    });
    const found = readChain(
      hasField(file, 'controller') ? spotOf(file.values['controller'], 'controller') : [0, 0, 0],
      groups,
      links,
      numberAt(file, 'mostMillimetres', { least: 1, usual: MOST_DATA_MILLIMETRES }),
    );
    return { ...found, wireMillimetres: found.wireMillimetres ?? found.leastMillimetres };
  },
};

function spotOf(value: unknown, path: string): Spot {
  const isSpot =
    Array.isArray(value) &&
    (value.length === 2 || value.length === 3) &&
    value.every((part) => typeof part === 'number' && Number.isFinite(part));
  if (!isSpot) throw new LabError(`${path} must be two or three numbers`);
  const [x = 0, y = 0, z = 0] = value as number[];
  return [x, y, z];
}

function endOf(text: string, path: string): ChainEnd {
  if (text === 'controller') return { kind: 'controller' };
  const found = /^(.+)\.(in|out)$/u.exec(text);
  if (!found) throw new LabError(`${path} must be "controller", or a group's end as "A.in"; got "${text}"`);
  return { kind: found[2] as 'in' | 'out', group: found[1] ?? '' };
}
