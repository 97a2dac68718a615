import { describe, expect, it } from 'vitest';
import { makeSampleProject } from '../../testing/sampleProject';
import { MixCard } from '../colour/mixCard';
import { Part } from '../prop/part';
import { findFieldFaults } from './fieldFaults';

describe('what is wrong with a record that is being typed', () => {
  const [part] = makeSampleProject().parts;
  const [card] = makeSampleProject().mixCards;
  it('is nothing for a sound one', () => expect(findFieldFaults(Part, part ?? {})).toEqual([]));
  it('is named by its field, its constraint and the bound of that', () => {
    const faults = findFieldFaults(Part, { ...part, name: '', count: 2.5, areaSquareCentimetres: -1 });
    expect(faults).toContainEqual({ path: 'name', rule: 'minLength', bound: 1 });
    expect(faults).toContainEqual({ path: 'count', rule: 'isInt', bound: null });
    expect(faults).toContainEqual({ path: 'areaSquareCentimetres', rule: 'min', bound: 0 });
    expect(faults).toHaveLength(3);
  });
  it('is of the wrong kind before it is out of bounds', () => {
    expect(findFieldFaults(Part, { ...part, areaSquareCentimetres: Number.NaN })).toEqual([
      { path: 'areaSquareCentimetres', rule: 'isNumber', bound: null },
    ]);
  });
  it('is found within objects of a list', () => {
    const components = [...(card?.components ?? []), { productId: null, name: 'water', amount: -2 }];
    expect(findFieldFaults(MixCard, { ...card, components })).toEqual([
      { path: `components.${components.length - 1}.amount`, rule: 'min', bound: 0.001 },
    ]);
  });
});
