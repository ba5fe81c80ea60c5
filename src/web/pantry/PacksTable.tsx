import { Box, chakra, Flex } from '@chakra-ui/react';
import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getFilteredRowModel,
  getPaginationRowModel,
  getSortedRowModel,
  useReactTable,
  type SortingState,
} from '@tanstack/react-table';
import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { allergenIds, type AllergenId } from '../../core/ingredients';
import { ingredientKey, stores, storeWords, type Product, type Store } from '../../core/order';
import { useKeepProduct, useRemoveProduct } from '../api/prep-queries';
import { sayError } from '../api/request';
import { IconButton, QuietButton } from '../ui/Button';
import { Choice, NumberField, TextField } from '../ui/fields';
import { newId } from '../ui/lists';

const column = createColumnHelper<Product>();

/** Packs in a table that is edited in place, sorted by its heads and searched; a page of fifty at a time. */
export function PacksTable({ products }: { products: readonly Product[] }) {
  const keep = useKeepProduct();
  const remove = useRemoveProduct();
  const [sorting, setSorting] = useState<SortingState>([]);
  const [search, setSearch] = useState('');
  const data = useMemo(() => [...products], [products]);
  const columns = useColumns(keep.mutate, remove.mutate);
  // The table keeps its own state; it is not to be remembered by the compiler.
  // eslint-disable-next-line react-hooks/incompatible-library
  const table = useReactTable({
    ...{ data, columns, getRowId: ({ id }: Product) => id },
    state: { sorting, globalFilter: search },
    onSortingChange: setSorting,
    onGlobalFilterChange: setSearch,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
    getPaginationRowModel: getPaginationRowModel(),
    initialState: { pagination: { pageSize: 50 } },
    autoResetPageIndex: false,
  });
  const add = () =>
    keep.mutate({
      ...{ id: newId(), ingredient: 'New ingredient', name: '', packG: 500, price: null, supplier: '' },
      ...{ store: null, keepsDays: null, allergens: null },
    });
  const { rows } = table.getRowModel();
  return (
    <Box as="section" aria-label="Packs">
      <Flex gap="3" wrap="wrap" align="center" mb="2">
        <chakra.input
          type="search"
          aria-label="Search the packs"
          placeholder="search the packs"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
          bg="raised"
          borderWidth="1px"
          borderColor="strongRule"
          borderRadius="6px"
          px="3"
          minH="40px"
        />
        <QuietButton onClick={add}>Add a pack</QuietButton>
        {products.length === 0 && (
          <Box color="soft">
            None yet: say what flour you buy, in which bag, at what price, and the order reckons with it.
          </Box>
        )}
      </Flex>
      <Box overflowX="auto">
        <chakra.table
          w="100%"
          fontSize="sm"
          css={{
            borderCollapse: 'collapse',
            '& td, & th': { padding: '3px 8px 3px 0', verticalAlign: 'middle' },
          }}
        >
          <thead>
            {table.getHeaderGroups().map((group) => (
              <Box as="tr" key={group.id} borderBottomWidth="1.5px" borderColor="strongRule">
                {group.headers.map((head) => {
                  const sorted = head.column.getIsSorted();
                  return (
                    <chakra.th
                      key={head.id}
                      scope="col"
                      textAlign="left"
                      aria-sort={
                        sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : undefined
                      }
                    >
                      {head.column.getCanSort() ? (
                        <chakra.button
                          color="soft"
                          fontWeight="semibold"
                          minH="32px"
                          display="inline-flex"
                          alignItems="center"
                          gap="1"
                          cursor="pointer"
                          onClick={head.column.getToggleSortingHandler()}
                        >
                          {flexRender(head.column.columnDef.header, head.getContext())}
                          {sorted === 'asc' && <ArrowUp size={13} aria-hidden />}
                          {sorted === 'desc' && <ArrowDown size={13} aria-hidden />}
                        </chakra.button>
                      ) : (
                        flexRender(head.column.columnDef.header, head.getContext())
                      )}
                    </chakra.th>
                  );
                })}
              </Box>
            ))}
          </thead>
          <tbody>
            {rows.map((row) => (
              <Box as="tr" key={row.id} borderBottomWidth="1px" borderColor="rule">
                {row.getVisibleCells().map((cell) => (
                  <td key={cell.id}>{flexRender(cell.column.columnDef.cell, cell.getContext())}</td>
                ))}
              </Box>
            ))}
          </tbody>
        </chakra.table>
      </Box>
      {table.getPageCount() > 1 && (
        <Flex gap="3" align="center" mt="2">
          <QuietButton disabled={!table.getCanPreviousPage()} onClick={() => table.previousPage()}>
            earlier
          </QuietButton>
          page {table.getState().pagination.pageIndex + 1} of {table.getPageCount()}
          <QuietButton disabled={!table.getCanNextPage()} onClick={() => table.nextPage()}>
            further
          </QuietButton>
        </Flex>
      )}
      {(keep.error ?? remove.error) && (
        <Box role="alert" color="ember" mt="2">
          {sayError(keep.error ?? remove.error)}
        </Box>
      )}
    </Box>
  );
}

const storeOptions: [Store | 'usual', string][] = [
  ['usual', 'as usual'],
  ...stores.map((store): [Store, string] => [store, storeWords[store]]),
];

function useColumns(keep: (product: Product) => void, remove: (id: string) => void) {
  return useMemo(() => {
    const label = (what: string, { ingredient }: Product) => `${what} of ${ingredient}`;
    return [
      column.accessor('ingredient', {
        header: 'ingredient',
        cell: ({ row: { original: one } }) => (
          <>
            <TextField
              label={label('Ingredient', one)}
              value={one.ingredient}
              most={80}
              needed
              chars={18}
              onValue={(ingredient) => keep({ ...one, ingredient: ingredient.trim() })}
            />
            {ingredientKey({ name: one.ingredient }) === one.ingredient.trim().toLowerCase() &&
              !ingredientKey({ name: one.ingredient }).includes('-') &&
              one.ingredient.includes(' ') && <Box color="amberInk">not in the ingredients table</Box>}
          </>
        ),
      }),
      column.accessor('name', {
        header: 'on the packet',
        cell: ({ row: { original: one } }) => (
          <TextField
            label={label('On the packet', one)}
            value={one.name}
            most={80}
            chars={14}
            onValue={(name) => keep({ ...one, name })}
          />
        ),
      }),
      column.accessor('packG', {
        header: 'pack, g',
        cell: ({ row: { original: one } }) => (
          <NumberField
            label={label('Pack', one)}
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
        sortUndefined: 'last',
        cell: ({ row: { original: one } }) => (
          <NumberField
            label={label('Price', one)}
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
      column.accessor('supplier', {
        header: 'from',
        cell: ({ row: { original: one } }) => (
          <TextField
            label={label('Supplier', one)}
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
            label={label('Store', one)}
            value={one.store ?? 'usual'}
            options={storeOptions}
            onValue={(store) => keep({ ...one, store: store === 'usual' ? null : (store as Store) })}
          />
        ),
      }),
      column.accessor('keepsDays', {
        header: 'keeps, days',
        cell: ({ row: { original: one } }) => (
          <NumberField
            label={label('Days it keeps', one)}
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
      column.accessor((one) => one.allergens?.join(' ') ?? '', {
        id: 'allergens',
        header: 'allergens on its label',
        cell: ({ row: { original: one } }) => (
          <TextField
            label={label('Allergens', one)}
            value={
              one.allergens === null ? '' : one.allergens.length === 0 ? 'none' : one.allergens.join(' ')
            }
            placeholder="not read"
            most={200}
            chars={16}
            onValue={(text) => keep({ ...one, allergens: allergensIn(text) })}
          />
        ),
      }),
      column.display({
        id: 'away',
        header: '',
        cell: ({ row: { original: one } }) => (
          <IconButton
            aria-label={`Take away ${one.ingredient}, ${one.packG} g`}
            onClick={() => remove(one.id)}
          >
            <Trash2 size={16} />
          </IconButton>
        ),
      }),
    ];
  }, [keep, remove]);
}

/** “milk gluten”, “none”; what is no allergen is left out. */
function allergensIn(text: string): AllergenId[] | null {
  const words = text
    .toLowerCase()
    .split(/[\s,;]+/)
    .filter(Boolean);
  if (words.length === 0) return null;
  return allergenIds.filter((id) => words.includes(id));
}
