import { Box, Heading } from '@chakra-ui/react';
import { format } from 'date-fns';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { freshWords, massWords, purchaseWords, storeWords, stores } from '../../core/order';
import { useOrder } from '../api/prep-queries';
import { remembered, TickLine, TickPage } from '../ticks/TickPage';
import { useTicks } from '../ticks/use-ticks';
import { Waiting } from '../ui/Notice';
import { presentWeek } from './present-week';

/** The days an address asks for; those of the present order where it does not, or not in numbers. */
function daysAsked(query: URLSearchParams): { from: number; to: number } {
  const moment = (name: string) => (query.get(name) ? Number(query.get(name)) : NaN);
  const [from, to] = [moment('from'), moment('to')];
  return to > from ? { from, to } : presentWeek();
}

/** What is bought, day by day and shelf by shelf, to be ticked off in the shop; it works without the network. */
export function ShoppingPage() {
  const [query] = useSearchParams();
  const asked = query.toString();
  const { from, to } = useMemo(() => daysAsked(new URLSearchParams(asked)), [asked]);
  const without = (query.get('without') ?? '').split(',').filter(Boolean);
  const { data, error } = useOrder(from, to, without);
  const order = remembered(`tawny-shopping ${from} ${to} ${without.join()}`, data);
  const ticks = useTicks(`shop:${from}:`);
  if (!order) return <Waiting error={error} />;
  const days = [...new Set(order.lines.flatMap(({ purchases }) => purchases.map(({ buyOn }) => buyOn)))].sort(
    (a, b) => a - b,
  );
  return (
    <TickPage
      title="Shopping list"
      under={`for ${order.runs.map(({ className, startsAt }) => `${className} ${format(startsAt, 'EEE')}`).join(', ') || 'no lesson'}`}
      ticks={ticks}
    >
      {days.length === 0 && <Box py="6">Everything is in stock.</Box>}
      {days.map((day) => (
        <Box as="section" key={day} aria-label={`To buy on ${format(day, 'EEEE')}`} mt="5">
          <Heading as="h2" fontFamily="heading" fontSize="lg" color="tawny">
            {format(day, 'EEEE d MMMM')}
          </Heading>
          {stores.map((store) => {
            const lines = order.lines.filter(
              (line) => line.store === store && line.purchases.some(({ buyOn }) => buyOn === day),
            );
            return lines.length === 0 ? null : (
              <Box key={store} mt="2">
                <Box fontSize="sm" color="soft" fontWeight="semibold">
                  {storeWords[store]}
                </Box>
                <Box as="ul" listStyleType="none">
                  {lines.map((line) => {
                    const bought = line.purchases.find(({ buyOn }) => buyOn === day)!;
                    return (
                      <TickLine key={line.key} what={`shop:${from}:${day}:${line.key}`} ticks={ticks}>
                        <strong>{line.name}</strong>, {purchaseWords(bought, line.pieceG)}
                        <Box fontSize="sm" color="soft">
                          {massWords(bought.neededG, line.pieceG)} needed
                          {bought.keepsUntil !== null &&
                            `; to keep until ${format(bought.keepsUntil, 'EEE d MMM')}`}
                          {!bought.keepsToLesson && `; ${freshWords(bought)}`}
                          {line.suppliers.length > 0 && `; ${line.suppliers.join(', ')}`}
                        </Box>
                      </TickLine>
                    );
                  })}
                </Box>
              </Box>
            );
          })}
        </Box>
      ))}
    </TickPage>
  );
}
