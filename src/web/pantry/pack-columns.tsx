import { Box } from '@chakra-ui/react';
import { createColumnHelper } from '@tanstack/react-table';
import { Trash2 } from 'lucide-react';
import { allergenIds, likelyItem, type AllergenId } from '../../core/ingredients';
import { stores, storeWords, type Product, type Store } from '../../core/order';
import { IconButton } from '../ui/Button';
import { Choice, NumberField, TextField } from '../ui/fields';

type Keep = (product: Product) => void;

const column = createColumnHelper<Product>();
const labelOf = (what: string, { ingredient }: Product) => `${what} of ${ingredient}`;
const storeOptions: [Store | 'usual', string][] = [
  ['usual', 'as usual'],
  ...stores.map((store): [Store, string] => [store, storeWords[store]]),
];

/** The columns of the table of packs, each edited in place. */
export const packColumns = (keep: Keep, remove: (id: string) => void) => [
  ...nameColumns(keep),
  ...numberColumns(keep),
  ...placeColumns(keep),
  column.display({
    id: 'away',
    header: '',
    cell: ({ row: { original: one } }) => (
      <IconButton aria-label={`Take away ${one.ingredient}, ${one.packG} g`} onClick={() => remove(one.id)}>
        <Trash2 size={16} />
      </IconButton>
    ),
  }),
];

const nameColumns = (keep: Keep) => [
  column.accessor('ingredient', {
    header: 'ingredient',
    cell: ({ row: { original: one } }) => (
      <>
        <TextField
          label={labelOf('Ingredient', one)}
          value={one.ingredient}
          most={80}
          needed
          chars={18}
          onValue={(ingredient) => keep({ ...one, ingredient: ingredient.trim() })}
        />
        {likelyItem(one.ingredient) === undefined && (
          <Box color="amberInk">not in the ingredients table: by this name only</Box>
        )}
      </>
    ),
  }),
  column.accessor('name', {
    header: 'on the packet',
    cell: ({ row: { original: one } }) => (
      <TextField
        label={labelOf('On the packet', one)}
        value={one.name}
        most={80}
        chars={14}
        onValue={(name) => keep({ ...one, name })}
      />
    ),
  }),
];

const numberColumns = (keep: Keep) => [
  column.accessor('packG', {
    header: 'pack, g',
    cell: ({ row: { original: one } }) => (
      <NumberField
        label={labelOf('Pack', one)}
        value={one.packG}
        low={0.1}
        high={50_000}
        unit="g"
        chars={7}
        align="right"
        onValue={(packG) => packG !== null && keep({ ...one, packG })}
      />
    ),
  }),
  column.accessor('price', {
    header: 'price',
    cell: ({ row: { original: one } }) => (
      <NumberField
        label={labelOf('Price', one)}
        value={one.price}
        low={0.01}
        high={100_000}
        decimals={2}
        mayBeEmpty
        chars={7}
        align="right"
        onValue={(price) => keep({ ...one, price })}
      />
    ),
  }),
];

const placeColumns = (keep: Keep) => [
  column.accessor('supplier', {
    header: 'from',
    cell: ({ row: { original: one } }) => (
      <TextField
        label={labelOf('Supplier', one)}
        value={one.supplier}
        most={60}
        chars={12}
        onValue={(supplier) => keep({ ...one, supplier })}
      />
    ),
  }),
  column.accessor('store', {
    header: 'kept in',
    cell: ({ row: { original: one } }) => (
      <Choice
        label={labelOf('Store', one)}
        value={one.store ?? 'usual'}
        options={storeOptions}
        onValue={(store) => keep({ ...one, store: store === 'usual' ? null : store })}
      />
    ),
  }),
  column.accessor('keepsDays', {
    header: 'keeps, days',
    cell: ({ row: { original: one } }) => (
      <NumberField
        label={labelOf('Days it keeps', one)}
        value={one.keepsDays}
        low={0}
        high={3650}
        whole
        mayBeEmpty
        chars={5}
        align="right"
        onValue={(keepsDays) => keep({ ...one, keepsDays })}
      />
    ),
  }),
  column.accessor((one) => allergenWords(one.allergens), {
    id: 'allergens',
    header: 'allergens on its label',
    cell: ({ row: { original: one } }) => (
      <TextField
        label={labelOf('Allergens', one)}
        value={allergenWords(one.allergens)}
        placeholder="not read"
        most={200}
        chars={16}
        onValue={(text) => keep({ ...one, allergens: allergensIn(text) })}
      />
    ),
  }),
];

const allergenWords = (ids: Product['allergens']) =>
  ids === null ? '' : ids.length === 0 ? 'none' : ids.join(' ');

/** “milk gluten”, “none”; a word that is no allergen leaves the label unread rather than clean. */
function allergensIn(text: string): AllergenId[] | null {
  const words = text
    .toLowerCase()
    .split(/[\s,;]+/)
    .filter(Boolean);
  if (words.join() === 'none') return [];
  const found = allergenIds.filter((id) => words.includes(id));
  return found.length === 0 ? null : found;
}
