import { Box } from '@chakra-ui/react';
import type { OrderAnswer } from '../../contract/prep';
import { counted } from '../../core/format';
import { massWords } from '../../core/order';
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
  const carried = ticks.done.has(what);
  const carry = async () => {
    const known = new Set(order.stockAfter.map(({ ingredient }) => ingredient));
    const gone = (pantry?.stock ?? [])
      .filter(({ ingredient }) => !known.has(ingredient))
      .map(({ ingredient }) => ({ ingredient, grams: 0 }));
    await set.mutateAsync([...gone, ...order.stockAfter]);
    ticks.mark(what, true);
  };
  return (
    <>
      {order.byProducts.length > 0 && (
        <>
          <Head>By the way</Head>
          {order.byProducts.map(({ key, name, grams, couldGoTo }) => (
            <Box key={key} fontSize="sm">
              {massWords(grams)} {name} left over
              {couldGoTo.length > 0
                ? ', which another of these lessons takes'
                : ': no lesson of these days takes it'}
              .
            </Box>
          ))}
        </>
      )}
      {order.stockAfter.length > 0 && (
        <>
          <Head>Left over</Head>
          <Box fontSize="sm" color="soft">
            When all is bought and the lessons are over, {counted(order.stockAfter.length, 'thing')} of it are
            still there.
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
