import { Box, Flex } from '@chakra-ui/react';
import { addDays, format } from 'date-fns';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import type { OrderAnswer } from '../../contract/prep';
import { routes } from '../../contract/routes';
import { counted, formatNumber } from '../../core/format';
import { orderQuery, useOrder } from '../api/prep-queries';
import { sayError } from '../api/request';
import { Frame } from '../frame/Frame';
import type { PaperName } from '../paper/paper';
import { PaperNames } from '../paper/PaperChoice';
import { EverythingButton } from '../paper/EverythingButton';
import { Aside } from '../ui/Aside';
import { QuietButton, WordButton } from '../ui/Button';
import { CheckLine } from '../ui/CheckLine';
import { Waiting } from '../ui/Notice';
import { BudgetDialog } from './BudgetDialog';
import { DayField } from './DayField';
import { Head } from './Head';
import { Leftovers } from './Leftovers';
import { OrderTable } from './OrderTable';
import { presentWeek } from './present-week';

/** One order for all the lessons of some days. */
export function OrderPage() {
  const [days, setDays] = useState(presentWeek);
  // What has begun is bought; whoever wants its cost ticks it.
  const [chosen, setWithout] = useState<string[] | null>(null);
  const { data: all } = useOrder(days.from, days.to);
  const begun = (all?.runs ?? []).filter((run) => run.begun).map(({ id }) => id);
  const without = chosen ?? (begun.length < (all?.runs.length ?? 0) ? begun : []);
  const { data: order, error } = useOrder(days.from, days.to, without);
  if (!order) return <Waiting error={error} />;
  return (
    <Frame title="The order" subtitle="what all lessons of some days take together">
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }}>
        <Box flex="1" minW="0" bg="sheet" px={{ base: '4', md: '7' }} py="5">
          <Flex align="center" gap="3" wrap="wrap" mb="3">
            <DayField
              label="From"
              at={days.from}
              onAt={(from) => setDays({ from, to: Math.max(days.to, addDays(from, 1).getTime()) })}
            />
            <DayField
              label="up to and with"
              at={addDays(days.to, -1).getTime()}
              onAt={(last) => setDays({ from: Math.min(days.from, last), to: addDays(last, 1).getTime() })}
            />
            <QuietButton
              onClick={() =>
                setDays({ from: addDays(days.from, 7).getTime(), to: addDays(days.to, 7).getTime() })
              }
            >
              a week on
            </QuietButton>
            <QuietButton
              onClick={() =>
                setDays({ from: addDays(days.from, -7).getTime(), to: addDays(days.to, -7).getTime() })
              }
            >
              a week back
            </QuietButton>
          </Flex>
          {error && (
            <Box role="alert" color="ember">
              {sayError(error)}
            </Box>
          )}
          {order.lines.length === 0 && (
            <Box color="soft" py="6">
              No lesson takes anything in these days. Plan a run of a practical: its stations, their levels
              and spares make the order.
            </Box>
          )}
          {order.lines.length > 0 && <OrderTable lines={order.lines} days />}
          <Untold order={order} />
        </Box>
        <Aside name="Lessons, costs and files" wide={336} px="6" py="5">
          <LessonsIn order={all ?? order} costs={order} without={without} onWithout={setWithout} />
          <OrderFiles days={days} without={without} />
          <Leftovers order={order} />
        </Aside>
      </Flex>
    </Frame>
  );
}

function Untold({ order }: { order: OrderAnswer }) {
  if (order.open.length === 0) return null;
  return (
    <Box as="section" aria-label="Not counted" mt="4">
      <Head>Not counted</Head>
      {order.open.map(({ name, notes }) => (
        <Box key={name} fontSize="sm">
          <strong>{name}</strong>: {notes.join('; ')}.
        </Box>
      ))}
    </Box>
  );
}

interface LessonsInProps {
  order: OrderAnswer;
  costs: OrderAnswer;
  without: readonly string[];
  onWithout(without: string[]): void;
}

function LessonsIn({ order, costs, without, onWithout }: LessonsInProps) {
  const [budgeted, setBudgeted] = useState<string | null>(null);
  return (
    <>
      <Head>Lessons</Head>
      {order.runs.map((run) => {
        const cost = costs.costs.find(({ runId }) => runId === run.id);
        return (
          <Box key={run.id} mb="1.5">
            <CheckLine
              label={`${format(run.startsAt, 'EEE d MMM HH:mm')} ${run.className}`}
              checked={!without.includes(run.id)}
              onChange={(taken) =>
                onWithout(taken ? without.filter((id) => id !== run.id) : [...without, run.id])
              }
            />
            <Box fontSize="sm" color="soft" pl="7" mt="-1">
              <Box asChild textDecoration="underline" textUnderlineOffset="2px">
                <RouterLink to={`/runs/${run.id}/prep`}>{run.title}</RouterLink>
              </Box>
              , {counted(run.stations, 'station')}
              {cost && `, ${formatNumber(cost.cost, 2)} (${formatNumber(cost.perStation, 2)} a station)`}
            </Box>
          </Box>
        );
      })}
      <Box mt="2">
        To pay <strong>{formatNumber(costs.toPay, 2)}</strong>
        {costs.unpriced > 0 && (
          <Box as="span" color="amberInk">
            , and {counted(costs.unpriced, 'purchase')} without a price
          </Box>
        )}
      </Box>
      {costs.classes.map(({ className, cost, budget, ofTerm }) => (
        <Box
          key={className}
          fontSize="sm"
          color={budget !== null && (ofTerm ?? 0) > budget ? 'ember' : 'soft'}
        >
          {className}: {formatNumber(cost, 2)} in these days
          {budget !== null &&
            `, ${formatNumber(ofTerm ?? 0, 2)} of ${formatNumber(budget, 2)} in its term`}{' '}
          <WordButton
            fontSize="sm"
            aria-label={`What ${className} may cost in its term`}
            onClick={() => setBudgeted(className)}
          >
            {budget === null ? 'set what it may cost' : 'change'}
          </WordButton>
        </Box>
      ))}
      {budgeted !== null && (
        <BudgetDialog
          className={budgeted}
          at={order.runs.find((run) => run.className === budgeted)?.startsAt ?? order.from}
          onClose={() => setBudgeted(null)}
        />
      )}
      {costs.savings.length > 0 && (
        <>
          <Head>Cheaper, at every station alike</Head>
          {costs.savings.slice(0, 4).map(({ words, saves, consequence }) => (
            <Box key={words} fontSize="sm" mb="1">
              <strong>
                {words}: {formatNumber(saves, 2)} less
              </strong>
              . {consequence}.
            </Box>
          ))}
        </>
      )}
    </>
  );
}

function OrderFiles({
  days: { from, to },
  without,
}: {
  days: { from: number; to: number };
  without: readonly string[];
}) {
  const [paper, setPaper] = useState<PaperName>('A4');
  const query = orderQuery(from, to, without);
  const files = [
    [`${routes.orderPaper}?${query}&paper=${paper}`, 'PDF'],
    [`${routes.orderXlsx}?${query}`, 'XLSX, live sums'],
    [`${routes.orderCsv}?${query}`, 'CSV'],
  ] as const;
  return (
    <>
      <Head>Hand it on</Head>
      <PaperNames paper={paper} onPaper={setPaper} />
      <Flex gap="4" wrap="wrap">
        {files.map(([href, words]) => (
          <WordButton key={words} asChild minH="30px">
            <a href={href} target="_blank" rel="noreferrer">
              {words}
            </a>
          </WordButton>
        ))}
        <WordButton asChild minH="30px">
          <RouterLink to={`/shopping?${query}`}>shopping list for a phone</RouterLink>
        </WordButton>
        <WordButton asChild minH="30px">
          <RouterLink to="/school/packs">packs, prices and stock</RouterLink>
        </WordButton>
      </Flex>
      <EverythingButton from={from} to={to} without={without} paper={paper} />
    </>
  );
}
