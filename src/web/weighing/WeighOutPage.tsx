import { Box, Flex, Heading } from '@chakra-ui/react';
import { useState } from 'react';
import { useParams } from 'react-router';
import { routes } from '../../contract/routes';
import { capitalised, formatNumber } from '../../core/format';
import { gramsWords } from '../../core/practical';
import {
  isMixed,
  weighingLists,
  whoseDish,
  withOneBowl,
  type Dish,
  type WeighingList,
} from '../../core/prep';
import { asMadeAt, treatmentAt, type AsMadeLine, type BenchSetting } from '../../core/run';
import { boardDoor } from '../api/doors';
import { useRunPrep } from '../api/prep-queries';
import { fetchPracticalAhead, usePractical } from '../api/queries';
import { PracticalFrame } from '../frame/PracticalFrame';
import type { LiveRun } from '../run/live-run';
import { runSubtitle } from '../run/run-subtitle';
import { useBenchSetting } from '../run/use-bench-setting';
import { useLiveRun, useLiveState } from '../run/use-live-run';
import { useTicks } from '../ticks/use-ticks';
import { QuietButton, WordButton } from '../ui/Button';
import { CheckLine } from '../ui/CheckLine';
import { Waiting } from '../ui/Notice';
import { WeighPad } from './WeighPad';

/** Dishes weighed out by staff, one after the other, each kept with the run as it really is. */
export function WeighOutPage() {
  const { runId } = useParams();
  const { live, error } = useLiveRun(boardDoor(runId!), ({ practicalId }) =>
    fetchPracticalAhead(practicalId),
  );
  if (!live) return <Waiting error={error} />;
  return <OpenWeighOut live={live} />;
}

function OpenWeighOut({ live }: { live: LiveRun }) {
  const { state, outbox } = useLiveState(live);
  const { run } = state;
  const { data: practical } = usePractical(run.practicalId);
  const { data: prep } = useRunPrep(run.id);
  const setting = useBenchSetting(run);
  const [chosen, setChosen] = useState<string | null>(null);
  if (!practical || !prep) return <Waiting />;
  const lists = withOneBowl(
    weighingLists(run.plan, {
      setting,
      treatmentAt: treatmentAt(run),
      seed: run.seed,
      ways: prep.ways,
    }),
  );
  const list =
    lists.find(({ ingredientId }) => ingredientId === chosen) ??
    lists.find(({ by }) => by !== 'students') ??
    lists[0];
  return (
    <PracticalFrame
      practical={practical}
      runId={run.id}
      at="Prep"
      subtitle={`${runSubtitle(run)} · weigh-out`}
    >
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }} bg="sheet">
        <Box w={{ base: '100%', lg: '240px' }} px="5" py="5" flexShrink={0}>
          <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" color="tawny" mb="2">
            To weigh out
          </Heading>
          <Flex direction={{ base: 'row', lg: 'column' }} gap="1.5" wrap="wrap">
            {lists
              .filter(({ dishes }) => dishes.length > 0)
              .map((one) => (
                <QuietButton
                  key={one.ingredientId}
                  aria-pressed={one === list}
                  onClick={() => setChosen(one.ingredientId)}
                  css={{ textAlign: 'left', py: '1.5' }}
                >
                  {one.name}
                  <Box fontSize="sm" color="soft" fontWeight="normal">
                    {{ staff: 'by staff, ', students: 'the students’, ', shared: 'in all ' }[one.by]}
                    {gramsWords(one.totalG)}
                  </Box>
                </QuietButton>
              ))}
          </Flex>
          <Box mt="4" fontSize="sm" color="soft" role="status">
            {outbox.waiting.length > 0
              ? `${outbox.waiting.length} kept here, on their way to the server`
              : 'What is kept is with the run.'}
          </Box>
          <WordButton asChild fontSize="sm" mt="1">
            <a
              href={`${routes.labelPaper}?run=${run.id}&kind=dishes&sheet=a4-21`}
              target="_blank"
              rel="noreferrer"
            >
              labels for the dishes
            </a>
          </WordButton>
        </Box>
        {list && (
          <OneList
            key={list.ingredientId}
            {...{ live, setting, list, blind: prep.ways.blind }}
            lossPercent={prep.ways.lossPercent}
          />
        )}
      </Flex>
    </PracticalFrame>
  );
}

interface OneListProps {
  live: LiveRun;
  setting: BenchSetting;
  list: WeighingList;
  blind: boolean;
  lossPercent: number;
}

/** How each dish stands. What is kept ready is no station’s: it is ticked off, and stands in no log. */
function useDishes(live: LiveRun, setting: BenchSetting) {
  const { run } = useLiveState(live).state;
  const begins = `weighed:${run.id}:`;
  const ticks = useTicks(begins);
  const tickOf = (dish: Dish) => `${begins}${dish.key}`;
  const stands = (dish: Dish) => {
    const [station] = dish.stations;
    if (station === undefined) return { line: undefined, grams: null, done: ticks.done.has(tickOf(dish)) };
    const line = asMadeAt(setting, live.notebook, station).lines.find(
      ({ ingredientId }) => ingredientId === dish.ingredientId,
    );
    const each = line?.grams ?? null;
    const grams = each === null ? null : Number(((each * dish.wanted.wantedG) / dish.eachG).toPrecision(6));
    return { line, grams, done: grams !== null };
  };
  return { stands, tick: (dish: Dish) => ticks.mark(tickOf(dish), true) };
}

function OneList({ live, setting, list, blind, lossPercent }: OneListProps) {
  const [runningOn, setRunningOn] = useState(false);
  const [shownG, setShownG] = useState(0);
  const [again, setAgain] = useState<string | null>(null);
  const { stands, tick } = useDishes(live, setting);
  const open = list.dishes.filter((dish) => !stands(dish).done);
  const now = list.dishes.find(({ key }) => key === again) ?? open[0];
  const keep = async (grams: number, nowG: number) => {
    if (!now) return;
    const { ingredientId, name, eachG } = now;
    // Of a bowl for the class each station is given its part.
    const part = Number(((grams * eachG) / now.wanted.wantedG).toPrecision(9));
    const body = { kind: 'weighed', ingredientId, name, grams: part, wantedG: eachG, by: 'staff' } as const;
    if (now.stations.length === 0) tick(now);
    else await live.log(now.stations.map((station) => ({ station, body })));
    setAgain(null);
    setShownG(runningOn ? nowG : 0);
  };
  return (
    <Flex flex="1" minW="0" direction={{ base: 'column', xl: 'row' }} gap="7" px="5" py="5">
      <Box flex="1" minW="0">
        <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" color="tawny">
          {list.name}
        </Heading>
        <Box color="soft" fontSize="sm">
          {formatNumber(list.dishes.length - open.length)} of {list.dishes.length}{' '}
          {list.by === 'shared' ? 'weighed' : 'dishes weighed'}
          {list.by === 'shared' &&
            lossPercent > 0 &&
            `, ${formatNumber(lossPercent)} % more for what sticks to it`}
        </Box>
        <Box as="ol" listStyleType="none" mt="2" aria-label={`Dishes of ${list.name}`}>
          {list.dishes.map((dish) => (
            <DishLine
              key={dish.key}
              dish={dish}
              {...stands(dish)}
              present={dish === now}
              blind={blind}
              named={isMixed(list)}
              onAgain={() => setAgain(dish.key)}
            />
          ))}
        </Box>
      </Box>
      <Box w={{ xl: '400px' }} maxW="430px" flexShrink={0}>
        {now ? (
          <>
            <Box fontWeight="bold" fontSize="lg" mb="1.5">
              {(list.by !== 'shared' || list.varied) && `${capitalised(whoseDish(now))}: `}
              {gramsWords(now.wanted.wantedG)} {now.name.toLowerCase()}
              {list.by === 'shared' && (
                <Box fontWeight="normal" fontSize="sm" color="soft">
                  into one bowl, {gramsWords(now.eachG)} of it for each
                </Box>
              )}
            </Box>
            <WeighPad
              key={`${now.key} ${shownG}`}
              wanted={now.wanted}
              name={now.name}
              shownG={shownG}
              onShown={setShownG}
              onKeep={(grams, nowG) => void keep(grams, nowG)}
            />
            <CheckLine
              label="the scale runs on: it is not set to zero between dishes"
              checked={runningOn}
              onChange={setRunningOn}
            />
          </>
        ) : (
          <Box bg="mossWash" borderRadius="8px" px="4" py="3">
            All dishes of {list.name.toLowerCase()} are weighed. Touch a weight to weigh it again.
          </Box>
        )}
      </Box>
    </Flex>
  );
}

interface DishLineProps {
  dish: Dish;
  line: AsMadeLine | undefined;
  /** What was weighed; null: nothing that is kept. */
  grams: number | null;
  done: boolean;
  present: boolean;
  blind: boolean;
  /** Of several things in one list each says what it is. */
  named: boolean;
  onAgain(): void;
}

/** One dish: what goes in, for whom, and what really went in. */
function DishLine({ dish, line, grams, done, present, blind, named, onAgain }: DishLineProps) {
  const { mark, wanted } = dish;
  return (
    <Flex
      as="li"
      gap="4"
      py="1.5"
      px="2"
      align="baseline"
      borderBottomWidth="1px"
      borderColor="rule"
      bg={present ? 'tawnyWash' : undefined}
      aria-current={present ? 'step' : undefined}
    >
      <Box w="5.5rem" fontWeight="bold" textAlign="right">
        {gramsWords(wanted.wantedG)}
      </Box>
      <Box flex="1" minW="0">
        {named && <strong>{capitalised(dish.name)} </strong>}
        {whoseDish(dish)}
        {mark && (
          <Box as="span" color="soft">
            {' '}
            · {blind ? `letter ${mark}` : mark}
          </Box>
        )}
        {line?.verdict && line.verdict.rank !== 'fine' && (
          <Box fontSize="sm" color={line.verdict.rank === 'check' ? 'ember' : 'amberInk'}>
            {line.verdict.words}
          </Box>
        )}
      </Box>
      {done ? (
        <WordButton
          fontSize="sm"
          onClick={onAgain}
          aria-label={`${capitalised(whoseDish(dish))}: ${grams === null ? 'weighed' : gramsWords(grams)}; weigh it again`}
        >
          ✓ {grams === null ? 'weighed' : gramsWords(grams)}
        </WordButton>
      ) : (
        <Box fontSize="sm" color="soft">
          {present ? 'now' : ''}
        </Box>
      )}
    </Flex>
  );
}
