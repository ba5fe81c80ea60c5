import { Box, Flex } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { routes } from '../../contract/routes';
import type { ProductFile, ProductsImported } from '../../contract/pantry';
import { counted } from '../../core/format';
import type { Pantry } from '../../core/order';
import { usePantry, useReadProducts } from '../api/prep-queries';
import { ProblemError, sayError } from '../api/request';
import { Frame } from '../frame/Frame';
import { Aside } from '../ui/Aside';
import { QuietButton, WordButton } from '../ui/Button';
import { Notice, Waiting } from '../ui/Notice';
import { PacksTable } from './PacksTable';
import { StockLines } from './StockLines';
import { WeighingLines } from './WeighingLines';

/** The school’s own packs and prices, what is there, and what its measures weigh. */
export function PacksPage() {
  const { data: pantry, error } = usePantry();
  if (!pantry) return <Waiting error={error} />;
  return (
    <Frame
      title="Packs, prices and stock"
      subtitle="as this school buys them; where it has said nothing, usual packs stand in, without a price"
    >
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }}>
        <Box flex="1" minW="0" bg="sheet" px={{ base: '4', md: '7' }} py="5">
          <PacksTable products={pantry.products} />
          <PacksFile pantry={pantry} />
        </Box>
        <Aside name="Stock and densities" wide={340} px="6" py="5">
          <StockLines stock={pantry.stock} />
          <WeighingLines weighings={pantry.weighings} />
        </Aside>
      </Flex>
    </Frame>
  );
}

/** The table as a file, out and in: all of it or none. */
function PacksFile({ pantry }: { pantry: Pantry }) {
  const file = useRef<HTMLInputElement>(null);
  const read = useReadProducts();
  const [how, setHow] = useState<ProductFile['how']>('add');
  const [came, setCame] = useState<ProductsImported | null>(null);
  const take = async (chosen: File) => {
    setCame(null);
    setCame(await read.mutateAsync({ csv: await chosen.text(), how }));
  };
  const lines = read.error instanceof ProblemError ? read.error.fields : [];
  return (
    <Box as="section" aria-label="As a file" mt="6">
      <Flex gap="4" wrap="wrap" align="center">
        <WordButton asChild>
          <a href={routes.productsCsv} download>
            all {counted(pantry.products.length, 'pack')} as CSV
          </a>
        </WordButton>
        <QuietButton disabled={read.isPending} onClick={() => (setHow('add'), file.current?.click())}>
          Add from a CSV file
        </QuietButton>
        <QuietButton disabled={read.isPending} onClick={() => (setHow('replace'), file.current?.click())}>
          Replace all by a CSV file
        </QuietButton>
        <input
          ref={file}
          type="file"
          accept=".csv,text/csv"
          hidden
          aria-label="CSV file of packs"
          onChange={(event) => {
            const chosen = event.target.files?.[0];
            event.target.value = '';
            if (chosen) void take(chosen).catch(() => undefined);
          }}
        />
      </Flex>
      <Box fontSize="sm" color="soft" mt="1">
        Columns: ingredient, name, pack_g, price, supplier, store, keeps_days, allergens. Commas, semicolons
        or tabs; points or commas as decimals.
      </Box>
      {came && (
        <Box mt="2">
          <Notice kind="kept">
            {counted(came.added, 'pack')} added, {came.replaced} replaced.
          </Notice>
        </Box>
      )}
      {read.error && (
        <Box mt="2">
          <Notice kind="stop">
            {lines.length > 0 ? (
              <Box as="ul" listStyleType="none">
                {lines.map(({ pointer, field, value, allowed }) => (
                  <li key={pointer}>
                    {field} is “{String(value)}”; allowed: {allowed}
                  </li>
                ))}
              </Box>
            ) : (
              sayError(read.error)
            )}
            Nothing was taken from the file.
          </Notice>
        </Box>
      )}
    </Box>
  );
}
