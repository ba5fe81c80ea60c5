import { Box, chakra } from '@chakra-ui/react';
import { format } from 'date-fns';
import { formatNumber } from '../../core/format';
import {
  byProductSource,
  keepsSource,
  massWords,
  freshWords,
  purchaseWords,
  storeWords,
  stores,
  type OrderLine,
} from '../../core/order';
import { gramsWords } from '../../core/practical';
import { workingOf } from '../../core/working';
import { WorkingPopover } from '../ui/WorkingPopover';

const Row = chakra('tr', { base: { borderBottomWidth: '1px', borderColor: 'rule' } });
const Cell = chakra('td', { base: { py: '1.5', pr: '3', verticalAlign: 'top' } });
const Figure = chakra('td', {
  base: {
    py: '1.5',
    pr: '3',
    textAlign: 'right',
    whiteSpace: 'nowrap',
    verticalAlign: 'top',
    fontVariantNumeric: 'tabular-nums',
  },
});
const heads = ['what', 'needed', 'in stock', 'buy', 'left over', 'price'];

/** Order lines by where they are kept: needed, there, in packs, left over, price. */
export function OrderTable({ lines, days }: { lines: readonly OrderLine[]; days: boolean }) {
  return (
    <Box overflowX="auto">
      <chakra.table w="100%" fontSize="sm" css={{ borderCollapse: 'collapse' }}>
        <thead>
          <Row borderColor="strongRule">
            {heads.map((head, i) => (
              <chakra.th
                key={head}
                scope="col"
                textAlign={i === 0 || i === 3 ? 'left' : 'right'}
                color="soft"
                fontWeight="semibold"
                py="1"
                pr="3"
              >
                {head}
              </chakra.th>
            ))}
          </Row>
        </thead>
        {stores.map((store) => {
          const own = lines.filter((line) => line.store === store);
          return own.length === 0 ? null : (
            <tbody key={store}>
              <tr>
                <chakra.th
                  colSpan={6}
                  scope="rowgroup"
                  textAlign="left"
                  pt="3"
                  pb="0.5"
                  color="tawny"
                  fontFamily="heading"
                >
                  {storeWords[store]}
                </chakra.th>
              </tr>
              {own.map((line) => (
                <OrderRow key={line.key} line={line} days={days} />
              ))}
            </tbody>
          );
        })}
      </chakra.table>
    </Box>
  );
}

/** Treatment by treatment: how many batches of how much. */
function workingOfLine({ parts, key, outOf, purchases }: OrderLine) {
  return workingOf(
    parts.map(({ treatment, batches, gramsEach, grams, note }) =>
      gramsEach === null || grams === null
        ? `${treatment || 'each batch'}: ${note}`
        : {
            text: `${treatment || 'all stations'}: ${batches} × ${gramsWords(gramsEach)}${note && `, ${note}`}`,
            value: Math.round(grams * 100) / 100,
            unit: 'g',
          },
    ),
    [
      {
        kind: 'common-practice',
        text: 'The batch of each station as its treatment has it, with spares and what is lost',
      },
      ...(purchases.some(({ keepsUntil }) => keepsUntil !== null) ? [keepsSource] : []),
      ...(outOf !== null || key === 'egg' ? [byProductSource] : []),
    ],
  );
}

function OrderRow({ line, days }: { line: OrderLine; days: boolean }) {
  const { name, neededG, pieceG, fromStockG, stockG, purchases, outOf, loose, ownPacks, suppliers, parts } =
    line;
  const left = purchases.reduce((sum, { leftG }) => sum + leftG, 0);
  const costs = purchases.map(({ cost }) => cost);
  const known = costs.length > 0 && costs.every((cost) => cost !== null);
  const levels = [...new Set(parts.map(({ gramsEach }) => gramsEach))];
  const varied = levels.length > 1 && levels.every((grams) => grams !== null) && levels.length <= 6;
  const untold = parts.some(({ grams }) => grams === null);
  return (
    <Row>
      <Cell>
        <Box fontWeight="semibold">
          {name}{' '}
          {varied && (
            <Box as="span" color="soft" fontWeight="normal" display="inline-block">
              {levels.map((grams) => gramsWords(grams).replace(' g', '')).join(' · ')} g
            </Box>
          )}
        </Box>
        <Box color="soft">
          {[suppliers.join(', '), untold ? 'not all of it can be counted' : ''].filter(Boolean).join(' · ')}
        </Box>
      </Cell>
      <Figure>
        <WorkingPopover working={workingOfLine(line)} title={`${name}, ${massWords(neededG, pieceG)}`}>
          <chakra.button
            cursor="pointer"
            textDecoration="underline"
            textDecorationStyle="dotted"
            textUnderlineOffset="3px"
            aria-label={`${name}: ${massWords(neededG, pieceG)} needed, working`}
          >
            {massWords(neededG, pieceG)}
          </chakra.button>
        </WorkingPopover>
      </Figure>
      <Figure color={fromStockG > 0 ? 'ink' : 'soft'}>{stockG > 0 ? massWords(stockG) : '–'}</Figure>
      <Cell>
        {outOf !== null && `out of ${outOf}`}
        {outOf === null && purchases.length === 0 && 'in stock'}
        {purchases.map((one) => (
          <Box key={one.buyOn}>
            {purchaseWords(one, pieceG)}
            {(days || one.keepsUntil !== null) && (
              <Box as="span" color={one.keepsUntil === null ? 'soft' : 'amberInk'}>
                {' '}
                {one.keepsUntil === null ? '' : 'fresh, '}
                {format(one.buyOn, 'EEE d MMM')}
              </Box>
            )}
            <Box color="amberInk">{freshWords(one)}</Box>
          </Box>
        ))}
        {!ownPacks && !loose && purchases.length > 0 && (
          <Box color="soft">usual packs; yours are not in the table</Box>
        )}
      </Cell>
      <Figure>
        {purchases.length > 0 ? massWords(left) : stockG > neededG ? massWords(stockG - neededG) : ''}
      </Figure>
      <Figure>
        {known
          ? formatNumber(
              costs.reduce((sum: number, cost) => sum + cost, 0),
              2,
            )
          : '–'}
      </Figure>
    </Row>
  );
}
