import { Box, Flex, Heading } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import type { Practical } from '../../contract/practicals';
import { routes } from '../../contract/routes';
import type { Run, RunNow } from '../../contract/runs';
import { formatTemperature } from '../../core/format';
import { changesBetween, takenWords, treatmentsOf } from '../../core/practical';
import { watchesOf, type BenchSetting } from '../../core/run';
import { request, sayError } from '../api/request';
import { levelColour } from '../theme/heat-scale';
import { BeforeTheBell } from '../today/BeforeTheBell';
import { Aside } from '../ui/Aside';
import { MainButton, QuietButton, WordButton } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { useNow } from '../ui/use-now';
import { ClassNeeds } from '../classes/ClassNeeds';
import { StationPages } from './StationPages';
import { useBenchSetting } from './use-bench-setting';

const drawn: Record<Run['plan']['order'], (seed: number) => string> = {
  shuffled: (seed) => `Drawn by lot (seed ${seed}), `,
  'in-blocks': (seed) =>
    `Drawn by lot row by row (seed ${seed}): neighbours together do every treatment once, `,
  'as-listed': () => 'In the order listed, ',
};

interface PlannedRunProps {
  run: Run;
  practical: Practical;
  onRun(run: RunNow): void;
}

/** A run before its start: who does what where, drawn by lot, and the button that starts it. */
export function PlannedRun({ run, practical, onRun }: PlannedRunProps) {
  const [error, setError] = useState<string | null>(null);
  const [pages, setPages] = useState(false);
  const now = useNow(10_000);
  const { plan } = run;
  const client = useQueryClient();
  const post = (path: string, body: object = {}) =>
    request<RunNow>(path, { body }).then(
      (answer) => {
        // Its timetable and jobs are others now; what was asked before is not waited for.
        for (const queryKey of [['run', run.id], ['jobs']])
          void client.cancelQueries({ queryKey }).then(() => client.invalidateQueries({ queryKey }));
        onRun(answer);
      },
      (reason: unknown) => setError(sayError(reason)),
    );
  return (
    <Flex flex="1" direction={{ base: 'column', lg: 'row' }}>
      <Box flex="1" minW="0" px={{ base: '4', md: '7' }} py="6">
        <Heading as="h2" fontFamily="heading" fontSize="xl" fontWeight="semibold">
          Who does what
        </Heading>
        <Box color="soft" mt="1">
          {drawn[plan.order](run.seed)}
          replicates balanced.{' '}
          {run.probes === 'simulated'
            ? 'Thermometers: simulated probes and an invented class.'
            : 'Thermometers: typed readings.'}
        </Box>
        <StationCards run={run} />
        <ClassNeeds classId={run.classId} plan={plan} />
        {practical.number !== run.revision && (
          <EditedSince
            run={run}
            practical={practical}
            onTake={() => void post(routes.runRevision(run.id), { revision: practical.number })}
          />
        )}
        {error && (
          <Box mt="4">
            <Notice kind="stop">{error}</Notice>
          </Box>
        )}
        <Flex mt="6" gap="3" wrap="wrap" align="center">
          <MainButton onClick={() => void post(routes.runStart(run.id))}>Start the run</MainButton>
          {plan.order !== 'as-listed' && (
            <QuietButton
              onClick={() =>
                void post(routes.runLayout(run.id), { seed: Math.floor(Math.random() * 4_294_967_296) })
              }
            >
              Draw again
            </QuietButton>
          )}
          <QuietButton onClick={() => setPages(true)}>Pages for the stations</QuietButton>
          <QuietButton asChild display="inline-flex" alignItems="center">
            <RouterLink to={`/runs/${run.id}/report`}>Sheets to print</RouterLink>
          </QuietButton>
          <QuietButton asChild display="inline-flex" alignItems="center">
            <RouterLink to={`/runs/${run.id}/timetable`}>Timetable to print</RouterLink>
          </QuietButton>
        </Flex>
      </Box>
      <Aside name="Before the run" wide={340} bg="sheet" px="6" pb="6">
        <BeforeTheBell runId={run.id} now={now.getTime()} />
      </Aside>
      <StationPages run={run} open={pages} onClose={() => setPages(false)} />
    </Flex>
  );
}

/** What each station does, as they stand in the room. */
function StationCards({ run }: { run: Run }) {
  const setting = useBenchSetting(run);
  const order = treatmentsOf(run.plan).map((treatment) => treatment.id);
  return (
    <Box
      mt="5"
      display="grid"
      gridTemplateColumns={{
        base: 'repeat(2, 1fr)',
        md: `repeat(${Math.min(4, Math.max(1, run.stations.length))}, 1fr)`,
      }}
      gap="3"
    >
      {run.allocation.map(({ station, treatmentId }) => (
        <StationCard
          key={station}
          run={run}
          setting={setting}
          station={station}
          colour={levelColour(order.indexOf(treatmentId), order.length)}
        />
      ))}
    </Box>
  );
}

interface StationCardProps {
  run: Run;
  setting: BenchSetting;
  station: number;
  colour: string;
}

/** What one station does that not all of them do. */
function StationCard({ run, setting, station, colour }: StationCardProps) {
  const own = setting.own(station);
  const target = watchesOf(run.plan, own).at(-1)?.step.target;
  const amounts = own.ingredients.filter((one) => setting.varied.has(one.id)).map(takenWords);
  return (
    <Flex bg="sheet" borderRadius="8px" borderWidth="1px" borderColor="rule" overflow="hidden">
      <Box w="12px" flexShrink={0} style={{ background: colour }} />
      <Flex px="4" py="3" gap="4" align="center" minW="0">
        <Box fontSize="3xl" fontWeight="bold" lineHeight="1" minW="1.6ch" flexShrink={0}>
          {station}
        </Box>
        <Box minW="0" lineHeight="1.25">
          <Box fontWeight="bold" css={{ textWrap: 'balance' }}>
            {own.treatment?.label ?? '—'}
            {own.treatment?.control && (
              <Box as="span" fontWeight="normal" color="soft">
                {' '}
                control
              </Box>
            )}
          </Box>
          {target?.shifted && (
            <Box fontSize="sm" color="soft">
              stop at {formatTemperature(target.localC, run.unit)}
            </Box>
          )}
          {amounts.map((words) => (
            <Box key={words} fontSize="sm" color="soft">
              {words}
            </Box>
          ))}
        </Box>
      </Flex>
    </Flex>
  );
}

/** The plan went on after the run was planned: what differs, and a way to take it over. */
function EditedSince({ run, practical, onTake }: { run: Run; practical: Practical; onTake(): void }) {
  const changes = changesBetween(run.plan, practical.plan).map(({ section, what }) => `${section}: ${what}`);
  return (
    <Box mt="5">
      <Notice kind="kept">
        The plan has been edited since: this run is at revision {run.revision}, the plan at {practical.number}
        . {changes.slice(0, 4).join(' · ')}{' '}
        <WordButton onClick={onTake}>take the plan as it is now</WordButton>
      </Notice>
    </Box>
  );
}
