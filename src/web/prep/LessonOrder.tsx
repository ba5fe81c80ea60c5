import { Box, Flex, Heading } from '@chakra-ui/react';
import { Link as RouterLink } from 'react-router';
import type { Run } from '../../contract/runs';
import { counted, formatNumber } from '../../core/format';
import { useOrderOf } from '../api/prep-queries';
import { OrderTable } from '../order/OrderTable';
import { WordButton } from '../ui/Button';

/** What this lesson alone takes; the order of a week takes it together with the others. */
export function LessonOrder({ run }: { run: Run }) {
  const { data: order, error } = useOrderOf(run);
  const cost = order?.costs.find(({ runId }) => runId === run.id);
  return (
    <Box as="section" aria-label="To buy and to bring" mt="6">
      <Flex align="baseline" gap="3" wrap="wrap">
        <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" color="tawny">
          To buy and to bring
        </Heading>
        <Box fontSize="sm" color="soft">
          this lesson alone, what is in stock taken off
        </Box>
        <WordButton asChild fontSize="sm">
          <RouterLink to="/order">the order of the week</RouterLink>
        </WordButton>
      </Flex>
      {error && <Box color="ember">The order could not be read.</Box>}
      {order && <OrderTable lines={order.lines} days={false} />}
      {cost && (
        <Flex justify="space-between" fontSize="sm" mt="1.5" gap="4" wrap="wrap">
          <Box color="soft">
            {counted(run.stations.length, 'station')}
            {cost.unpriced > 0 && `, ${counted(cost.unpriced, 'ingredient')} without a price`}
          </Box>
          <Box>
            <strong>{formatNumber(cost.cost, 2)}</strong> used, {formatNumber(cost.perStation, 2)} a station
            {cost.perStudent !== null && `, ${formatNumber(cost.perStudent, 2)} a student`}; to pay{' '}
            <strong>{formatNumber(order!.toPay, 2)}</strong>
          </Box>
        </Flex>
      )}
    </Box>
  );
}
