import { Box, chakra, Flex } from '@chakra-ui/react';
import {
  flexRender,
  getCoreRowModel,
  getFilteredRowModel,
  getPaginationRowModel,
  getSortedRowModel,
  useReactTable,
  type SortingState,
  type Table,
} from '@tanstack/react-table';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useMemo, useState } from 'react';
import type { Product } from '../../core/order';
import { useKeepProduct, useRemoveProduct } from '../api/prep-queries';
import { sayError } from '../api/request';
import { QuietButton } from '../ui/Button';
import { newId } from '../ui/lists';
import { packColumns } from './pack-columns';

/** Packs in a table that is edited in place, sorted by its heads and searched; a page of fifty at a time. */
export function PacksTable({ products }: { products: readonly Product[] }) {
  const keep = useKeepProduct();
  const remove = useRemoveProduct();
  const [sorting, setSorting] = useState<SortingState>([]);
  const [search, setSearch] = useState('');
  const data = useMemo(() => [...products], [products]);
  const columns = useMemo(() => packColumns(keep.mutate, remove.mutate), [keep.mutate, remove.mutate]);
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
          <PacksHead table={table} />
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
      {table.getPageCount() > 1 && <Pager table={table} />}
      {(keep.error ?? remove.error) && (
        <Box role="alert" color="ember" mt="2">
          {sayError(keep.error ?? remove.error)}
        </Box>
      )}
    </Box>
  );
}

/** Heads that sort. */
function PacksHead({ table }: { table: Table<Product> }) {
  return (
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
                aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : undefined}
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
  );
}

function Pager({ table }: { table: Table<Product> }) {
  return (
    <Flex gap="3" align="center" mt="2">
      <QuietButton disabled={!table.getCanPreviousPage()} onClick={() => table.previousPage()}>
        earlier
      </QuietButton>
      page {table.getState().pagination.pageIndex + 1} of {table.getPageCount()}
      <QuietButton disabled={!table.getCanNextPage()} onClick={() => table.nextPage()}>
        further
      </QuietButton>
    </Flex>
  );
}
