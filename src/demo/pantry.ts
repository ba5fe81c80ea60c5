import type { Product, Stock } from '../core/order';

const pack = (
  ingredient: string,
  packG: number,
  price: number,
  supplier: string,
  keepsDays: number | null = null,
): Product => ({
  ...{
    id: `pack-${ingredient.toLowerCase().replaceAll(' ', '-')}-${packG}`,
    ingredient,
    name: '',
    packG,
    price,
  },
  ...{ supplier, store: null, keepsDays, allergens: null },
});

const [stores, dairy, market] = ['Valley Stores', 'Beck Dairy', 'the market'];

/** Packs as the invented school buys them, at invented prices. */
export const products: Product[] = [
  pack('Plain flour', 1500, 1.15, stores),
  pack('Plain flour', 500, 0.6, stores),
  pack('Strong white flour', 1500, 1.35, stores),
  pack('Caster sugar', 1000, 1.4, stores),
  pack('Caster sugar', 500, 0.85, stores),
  pack('Granulated sugar', 1000, 1.1, stores),
  pack('Bicarbonate of soda', 200, 1.05, stores),
  pack('Salt', 750, 0.65, stores),
  pack('Gelatine', 60, 1.6, stores),
  pack('Butter', 250, 2.2, dairy, 30),
  pack('Milk', 2000, 1.65, dairy, 5),
  pack('Buttermilk', 500, 1.1, dairy, 7),
  pack('Buttermilk', 284, 0.75, dairy, 7),
  pack('Double cream', 300, 1.35, dairy, 5),
  pack('Double cream', 600, 2.4, dairy, 5),
  pack('Pear', 1000, 2.3, market, 4),
];

/** What is left in its cupboards. */
export const stock: Stock[] = [
  { ingredient: 'Plain flour', grams: 800 },
  { ingredient: 'Salt', grams: 400 },
  { ingredient: 'Bicarbonate of soda', grams: 60 },
  { ingredient: 'Butter', grams: 250 },
  { ingredient: 'Caster sugar', grams: 1200 },
];
