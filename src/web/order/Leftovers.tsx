import { Box } from '@chakra-ui/react';
import { format } from 'date-fns';
import type { OrderAnswer } from '../../contract/prep';
import { counted } from '../../core/format';
import { leftWords } from '../../core/order';
import { usePantry, useSetStock } from '../api/prep-queries';
import { sayError } from '../api/request';
import { useTicks } from '../ticks/use-ticks';
import { QuietButton } from '../ui/Button';
import { Head } from './Head';

/** What is over when the lessons are, for the week after. */
export function Leftovers({ order }: { order: OrderAnswer }) {
  const set = useSetStock();
  const { data: pantry } = usePantry();
  // Once: what is carried twice would be counted twice.
  const what = `carried:${order.from}:${order.runs.map(({ id }) => id).join('+')}`.slice(0, 300);
  const ticks = useTicks('carried:');
  const over = leftWords(order.after.goesOff, order.byProducts, (at) => format(at, 'EEE d MMM'));
  const carried = ticks.done.has(what);
  const carry = async () => {
    const known = new Set(order.after.stock.map(({ ingredient }) => ingredient));
    const gone = (pantry?.stock ?? [])
      .filter(({ ingredient }) => !known.has(ingredient))
      .map(({ ingredient }) => ({ ingredient, grams: 0 }));
    await set.mutateAsync([...gone, ...order.after.stock]);
    ticks.mark(what, true);
  };
  return (
    <>
      {over.length > 0 && (
        <>
          <Head>By the way</Head>
          {over.map((words) => (
            <Box key={words} fontSize="sm">
              {words}
            </Box>
          ))}
        </>
      )}
      {order.after.stock.length > 0 && (
        <>
          <Head>Left over</Head>
          <Box fontSize="sm" color="soft">
            When all is bought and the lessons are over, {counted(order.after.stock.length, 'thing')} of it
            are still there.
          </Box>
          <QuietButton
            mt="2"
            disabled={set.isPending || carried}
            onClick={() => void carry().catch(() => undefined)}
          >
            {carried ? 'in the stock list' : 'bought and used: put it into stock'}
          </QuietButton>
          {set.error && (
            <Box role="alert" color="ember" fontSize="sm">
              {sayError(set.error)}
            </Box>
          )}
        </>
      )}
    </>
  );
}
