import type { LayLimits } from '@zinc-ladder/core/climate/layLimits';
import type { DryingData } from '@zinc-ladder/core/cure/dryingData';
import type { LearnedDrying } from '@zinc-ladder/core/cure/learnDrying';
import { learnDrying, withLearned } from '@zinc-ladder/core/cure/learnDrying';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import type { OverridableField, Product, ProductValue } from '../records/shop/product';

/** A value of a product with where it came from. */
export interface OriginatedValue {
  readonly field: OverridableField;
  readonly value: number | null;
  readonly origin: 'class default' | ProductValue['origin'];
  readonly note: string;
}

/** A value of a product: its own where it has one, else its class's. */
export function productValue(product: Pick<Product, 'classId' | 'values'>, field: OverridableField): OriginatedValue {
  const own = product.values.find((entry) => entry.field === field);
  if (own) return { field, value: own.value, origin: own.origin, note: own.note };
  return { field, value: classValue(product.classId, field), origin: 'class default', note: '' };
}

/** What films of a product showed of how fast it really dries. */
export function learnedOf(product: Pick<Product, 'sightings'>): LearnedDrying {
  return learnDrying(product.sightings);
}

/** How a product dries: class defaults with the product's own values over them, and what its films showed. */
export function productDrying(product: Pick<Product, 'classId' | 'values' | 'sightings'>): DryingData {
  const stated = statedDrying(product);
  return product.sightings.length === 0 ? stated : withLearned(stated, learnedOf(product));
}

/** How a product dries by class and label, nothing learned. */
export function statedDrying(product: Pick<Product, 'classId' | 'values'>): DryingData {
  const { drying } = findProductClass(product.classId);
  const own: Partial<Record<OverridableField, number | null>> = {};
  for (const { field, value } of product.values) if (field in drying && (value !== null || isOptional(field))) own[field] = value;
  return { ...drying, ...own } as DryingData;
}

/** The air a product can be laid on in: its class's, with its own over it. */
export function productLimits(product: Pick<Product, 'classId' | 'values'>): LayLimits {
  const { coldestCelsius, warmestCelsius, mostHumidityPercent } = findProductClass(product.classId);
  const own = (field: keyof LayLimits, usual: number): number => productValue(product, field).value ?? usual;
  return {
    coldestCelsius: own('coldestCelsius', coldestCelsius),
    warmestCelsius: own('warmestCelsius', warmestCelsius),
    mostHumidityPercent: own('mostHumidityPercent', mostHumidityPercent),
  };
}

/** Fields that may be null: the product has no such time. */
export function isOptional(field: OverridableField): boolean {
  return field === 'recoatUntilMinutes' || field === 'recoatAgainMinutes' || field === 'sandMinutes' || field === 'tapeMinutes';
}

function classValue(classId: string, field: OverridableField): number | null {
  const entry = findProductClass(classId);
  const { drying } = entry;
  if (field in drying) return drying[field as keyof DryingData] as number | null;
  return entry[field as 'volumeSolids' | 'densityKgPerLitre' | keyof LayLimits];
}
