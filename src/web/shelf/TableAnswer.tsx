import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { formatNumber } from '../../core/format';
import type { Place } from '../../core/practical';
import { otherWorld, type Cell, type ShelfTable, type TableRow } from '../../core/shelf';
import { SourceLines } from '../ui/WorkingPopover';
import { UseButton } from './UseButton';

interface TableAnswerProps {
  table: ShelfTable;
  /** The row that was asked for; null for the table as a whole. */
  rowId: string | null;
  place: Place | null;
  uses: string | null;
  onUse(text: string): void;
}

/** One row large, and the table it stands in below. */
export function TableAnswer({ table, rowId, place, uses, onUse }: TableAnswerProps) {
  const rows = table.rows(place);
  const row = rows.find((one) => one.id === rowId);
  // Cautions stand where the figure is read.
  const note = table.note && (
    <Text mt="3" fontSize="sm" fontWeight="medium">
      {table.note}
    </Text>
  );
  return (
    <>
      {row && <RowLarge table={table} row={row} uses={uses} onUse={onUse} />}
      {row && note}
      <Heading
        as="h3"
        fontFamily="heading"
        fontSize={row ? 'md' : 'xl'}
        fontWeight="semibold"
        mt={row ? '6' : '0'}
        mb="2"
      >
        {table.title}
      </Heading>
      <Box overflowX="auto" tabIndex={0} aria-label={table.title} role="region">
        <Box as="table" w="100%" fontSize="sm" css={{ borderCollapse: 'collapse' }}>
          <thead>
            <tr>
              <Head />
              {table.columns.map((column) => (
                <Head key={column}>{column}</Head>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((one) => (
              <Box as="tr" key={one.id} bg={one.id === rowId ? 'tawnyWash' : undefined} verticalAlign="top">
                <Box
                  as="th"
                  textAlign="left"
                  fontWeight="semibold"
                  py="1.5"
                  pl="2"
                  pr="3"
                  borderTopWidth="1px"
                  borderColor="rule"
                >
                  {one.name}
                </Box>
                {one.cells.map((cell, i) => (
                  <Box as="td" key={i} py="1.5" pr="3" borderTopWidth="1px" borderColor="rule">
                    <CellWords cell={cell} />
                  </Box>
                ))}
              </Box>
            ))}
          </tbody>
        </Box>
      </Box>
      {!row && note}
      <SourceLines sources={table.sources} />
    </>
  );
}

function Head({ children }: { children?: string }) {
  return (
    <Box as="th" textAlign="left" fontWeight="medium" color="soft" py="1" pl={children ? '0' : '2'} pr="3">
      {children}
    </Box>
  );
}

function RowLarge({
  table,
  row,
  uses,
  onUse,
}: Pick<TableAnswerProps, 'table' | 'uses' | 'onUse'> & { row: TableRow }) {
  const firstNumber = row.cells.findIndex((cell) => cell.value !== undefined);
  return (
    <>
      <Heading as="h2" fontFamily="heading" fontSize="2xl" fontWeight="semibold" mb="2">
        {row.name}
      </Heading>
      {row.cells.map((cell, i) => (
        <Flex
          key={table.columns[i]}
          gap="4"
          py="1.5"
          borderTopWidth="1px"
          borderColor="rule"
          align="baseline"
        >
          <Box color="soft" w="9.5rem" flexShrink={0}>
            {table.columns[i]}
          </Box>
          <Box flex="1">
            <CellWords cell={cell} large />
          </Box>
          {cell.value !== undefined && (
            <UseButton text={formatNumber(cell.value)} uses={uses} main={i === firstNumber} onUse={onUse} />
          )}
        </Flex>
      ))}
    </>
  );
}

/** A cell with its number in both unit worlds. */
function CellWords({ cell, large = false }: { cell: Cell; large?: boolean }) {
  const { value, high, unit = '', text } = cell;
  if (value === undefined) return <>{text}</>;
  const other = otherWorld(value, unit, high);
  return (
    <>
      <Box
        as="span"
        fontWeight={large ? 'bold' : 'medium'}
        fontSize={large ? 'xl' : undefined}
        whiteSpace="nowrap"
      >
        {formatNumber(value)}
        {high !== undefined && ` to ${formatNumber(high)}`} {unit}
      </Box>
      {text && ` ${text}`}
      {other && (
        // In the table below it, so that words keep room to stand beside it.
        <Box as="span" color="soft" whiteSpace="nowrap" display={large ? 'inline' : 'block'}>
          {large ? ` (${other})` : other}
        </Box>
      )}
    </>
  );
}
