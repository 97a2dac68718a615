import { PRODUCT_UNSET } from '@zinc-ladder/model/products/productUnset';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { Edit } from '../../edits/edit';
import { haveCan } from '../shelf/canChanges';

/** A product of a kit; it carries its class's values only, until its label is typed in. */
interface KitProduct {
  readonly name: string;
  readonly classId: string;
  readonly colourHex: string | null;
  readonly sheen: Product['sheen'];
}

/** What a finisher buys together for one look. Colours are plain ones of our own choosing, to be changed for what the label shows. */
export interface Kit {
  readonly id: string;
  readonly name: string;
  readonly products: readonly KitProduct[];
}

const kitProduct = (name: string, classId: string, colourHex: string | null = null, sheen: Product['sheen'] = 'none'): KitProduct => ({
  name,
  classId,
  colourHex,
  sheen,
});

const FILLER_PRIMER = kitProduct('Filler primer, grey', 'fillerPrimer', '#8f9092', 'matte');

/** All kits; a new one is a new entry. */
export const KITS: readonly Kit[] = [
  {
    id: 'smoothing',
    name: 'Filling and smoothing',
    products: [
      kitProduct('Body filler, two-part', 'bodyFiller', '#caa79d'),
      kitProduct('Putty, one-part', 'putty', '#b0705f'),
      FILLER_PRIMER,
      kitProduct('Thin instant glue', 'cyanoacrylate'),
    ],
  },
  {
    id: 'brassOverBlack',
    name: 'Brass over black',
    products: [
      FILLER_PRIMER,
      kitProduct('Gloss black', 'lacquerColour', '#161516', 'gloss'),
      kitProduct('Brass', 'metallicLacquer', '#a8843c', 'satin'),
      kitProduct('Satin clear', 'lacquerClear', null, 'satin'),
      kitProduct('Umber wash', 'acrylicWash', '#4a3526', 'matte'),
      kitProduct('Verdigris wash', 'acrylicWash', '#6fa595', 'matte'),
      kitProduct('Bright brass for edges', 'brushAcrylic', '#c9a867', 'satin'),
    ],
  },
  {
    id: 'glossEnamel',
    // The look, not the chemistry: these lacquers take a lacquer clear, which would wrinkle an enamel.
    name: 'Gloss enamel, in lacquer',
    products: [
      FILLER_PRIMER,
      kitProduct('Light primer', 'primer', '#cfd0cf', 'matte'),
      kitProduct('Gloss blue', 'lacquerColour', '#23457d', 'gloss'),
      kitProduct('Gloss cream', 'lacquerColour', '#e4d9b6', 'gloss'),
      kitProduct('Gloss clear', 'lacquerClear', null, 'gloss'),
    ],
  },
  {
    id: 'oldBone',
    name: 'Bone and leather',
    products: [
      FILLER_PRIMER,
      kitProduct('Bone white', 'lacquerColour', '#ddd3b8', 'matte'),
      kitProduct('Leather brown', 'lacquerColour', '#6a4428', 'matte'),
      kitProduct('Sepia wash', 'acrylicWash', '#5a3d22', 'matte'),
      kitProduct('Pale bone for edges', 'brushAcrylic', '#efe7d0', 'matte'),
      kitProduct('Satin clear', 'lacquerClear', null, 'satin'),
    ],
  },
  {
    id: 'mixing',
    name: 'Acrylics to mix from',
    products: [
      kitProduct('Mixing white', 'brushAcrylic', '#f2f1ec', 'matte'),
      kitProduct('Mixing black', 'brushAcrylic', '#1d1c1c', 'matte'),
      kitProduct('Mixing yellow', 'brushAcrylic', '#d9a900', 'matte'),
      kitProduct('Mixing red', 'brushAcrylic', '#a3231f', 'matte'),
      kitProduct('Mixing blue', 'brushAcrylic', '#1f3d7a', 'matte'),
      kitProduct('Mixing umber', 'brushAcrylic', '#4a3526', 'matte'),
    ],
  },
];

/** The products of a kit that a shop does not have by name yet. */
export function missingOfKit(kit: Kit, products: readonly Pick<Product, 'name'>[]): readonly KitProduct[] {
  const known = new Set(products.map(({ name }) => name.toLowerCase()));
  return kit.products.filter(({ name }) => !known.has(name.toLowerCase()));
}

/** Puts a kit on the shelf, each product once, with a full pot of it. */
export async function addKit(edit: Edit, kit: Kit, makeId: () => string): Promise<void> {
  for (const entry of missingOfKit(kit, await edit.list('products'))) {
    const product: Product = { ...PRODUCT_UNSET, id: makeId(), revision: 0, ...entry, values: [], note: '' };
    await edit.put('products', product);
    await haveCan(edit, product, makeId(), null);
  }
}
