import { Box, Flex, Heading } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { useParams } from 'react-router';
import type { Run } from '../../contract/runs';
import { capitalised, listed } from '../../core/format';
import { factorsWithLevels } from '../../core/practical';
import type { Remark } from '../../core/remark';
import type { PlotAt, ResponseSeries } from '../../core/run';
import { fetchPracticalAhead, usePractical } from '../api/queries';
import { ResponseChart } from '../charts/ResponseChart';
import { TraceChart } from '../charts/TraceChart';
import { PracticalFrame } from '../frame/PracticalFrame';
import { RemarkCard } from '../margin/RemarkCard';
import { runSubtitle } from '../run/run-subtitle';
import { useBenchSetting } from '../run/use-bench-setting';
import type { LiveRun } from '../run/live-run';
import { QuickLine, quickLineKeys } from '../run/QuickLine';
import { useFreshLists } from '../run/use-fresh-lists';
import { boardDoor } from '../api/doors';
import { useLiveRun, useLiveState } from '../run/use-live-run';
import { useQuickContext } from '../run/use-quick-context';
import { Aside } from '../ui/Aside';
import { QuietButton } from '../ui/Button';
import { Waiting } from '../ui/Notice';
import { AsMadeTable } from './AsMadeTable';
import { ClassTable } from './ClassTable';
import { PhotoTable } from './PhotoTable';
import { useResults } from './use-results';
import { workingOut } from './use-findings';

/** What it means: the class table, the traces, each response against the factor, and what they can tell. */
export function ResultsPage() {
  const { runId } = useParams();
  const { live, error } = useLiveRun(boardDoor(runId!), ({ practicalId }) =>
    fetchPracticalAhead(practicalId),
  );
  if (!live) return <Waiting error={error} />;
  return <OpenResults live={live} />;
}

function OpenResults({ live }: { live: LiveRun }) {
  const { state, outbox } = useLiveState(live);
  const { run, version } = state;
  useFreshLists(run);
  const { data: practical } = usePractical(run.practicalId);
  const [plotAt, setPlotAt] = useState<PlotAt>('planned');
  const setting = useBenchSetting(run);
  const results = useResults(run, setting, live.notebook, version, plotAt);
  const context = useQuickContext(setting, live.notebook, run.unit);
  if (!practical) return <Waiting />;
  const isTarget = factorsWithLevels(run.plan)[0]?.acts.on === 'end-temperature';
  return (
    <PracticalFrame
      practical={practical}
      runId={run.id}
      at="Results"
      subtitle={runSubtitle(run)}
      keys={quickLineKeys}
    >
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }}>
        <Box flex="1" minW="0" bg="sheet" px={{ base: '4', md: '7' }} py="5">
          <Figures run={run} results={results} />
        </Box>
        <WhatThisTells findings={results.findings} plotAt={isTarget ? plotAt : null} onPlotAt={setPlotAt} />
      </Flex>
      {run.status !== 'planned' && (
        <QuickLine
          context={context}
          waiting={outbox.waiting.length}
          onLog={(entries) => live.log(entries)}
          focused={false}
        />
      )}
    </PracticalFrame>
  );
}

/** The traces, the class table and a picture of each response; pointing at a station shows it in all of them. */
function Figures({ run, results }: { run: Run; results: ReturnType<typeof useResults> }) {
  const [pointed, setPointed] = useState<number | null>(null);
  const { plan } = run;
  const names = factorsWithLevels(plan).map((factor) => factor.name || 'level');
  const changed = listed(names) || 'level';
  const pointing = { pointed, onPoint: setPointed, colourOf: results.colourOf };
  return (
    <>
      {results.traces.length > 0 && (
        <Figure name="Temperature at each station" note={traceNote(results.bands.length > 0)}>
          <TraceChart
            lines={results.traces}
            bands={results.bands}
            boilingC={results.boilingC}
            pointed={pointed}
            onPoint={setPointed}
          />
        </Figure>
      )}
      <Box
        display="grid"
        gridTemplateColumns={{ base: '1fr', xl: '1fr 1fr' }}
        columnGap="8"
        alignItems="start"
      >
        <Figure name="Class table" note={legend(results.rows)} wide={plan.responses.length > 3}>
          <ClassTable run={run} rows={results.rows} {...pointing} />
        </Figure>
        {results.made.length > 0 && (
          <Figure name="As it was really made" note="weighed, and its share of the batch" wide>
            <AsMadeTable stations={results.made} />
          </Figure>
        )}
        {results.series.map((one) => (
          <Figure
            key={one.response.id}
            name={`${capitalised(one.response.name)} against ${changed}`}
            note={seriesNote(one)}
          >
            <ResponseChart series={one} plan={plan} {...pointing} />
          </Figure>
        ))}
        {results.photos.map((one) => (
          <Figure
            key={one.response.id}
            name={capitalised(one.response.name)}
            note={one.response.instrument}
            wide
          >
            <PhotoTable series={one} colourOf={results.colourOf} />
          </Figure>
        ))}
      </Box>
    </>
  );
}

interface WhatThisTellsProps {
  /** Null: not worked out yet. */
  findings: readonly Remark[] | null;
  /** Null: levels are no end temperatures, so there is nowhere else to draw them. */
  plotAt: PlotAt | null;
  onPlotAt(where: PlotAt): void;
}

/** The margin beside the results. */
function WhatThisTells({ findings, plotAt, onPlotAt }: WhatThisTellsProps) {
  return (
    <Aside name="What this tells" px="5" py="5">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" mb="1">
        What this tells
      </Heading>
      {plotAt && (
        <Flex gap="1.5" my="2" role="group" aria-label="Where points are drawn">
          <QuietButton
            aria-pressed={plotAt === 'planned'}
            onClick={() => onPlotAt('planned')}
            css={{ minH: '34px', fontSize: 'sm' }}
          >
            as planned
          </QuietButton>
          <QuietButton
            aria-pressed={plotAt === 'reached'}
            onClick={() => onPlotAt('reached')}
            css={{ minH: '34px', fontSize: 'sm' }}
          >
            where they stopped
          </QuietButton>
        </Flex>
      )}
      {findings === null && <Box color="soft">{workingOut}</Box>}
      {findings?.map((finding) => (
        <Box key={finding.id} borderBottomWidth="1px" borderColor="rule" py="1">
          <RemarkCard said={finding} />
        </Box>
      ))}
      {findings?.length === 0 && <Box color="soft">Nothing can be told yet.</Box>}
    </Aside>
  );
}

/** What the marks of a chart are. */
function seriesNote({ response, factors, ordinal }: ResponseSeries): string {
  const second = factors[1];
  return [
    `${response.unit ? `in ${response.unit}; ` : ''}every station a dot`,
    second ? `, a colour for each ${second.name || 'level of the second'}` : '',
    `; ${ordinal ? 'square: mean; scores are judged by their order' : 'square and bar: mean and 95 % interval'}`,
  ].join('');
}

const traceNote = (stages: boolean) =>
  stages
    ? 'bands are the stages as they lie on thermometers here; dots: off the heat'
    : 'dots: end of the step';

/** Explains only the marks that are there. */
function legend(rows: ReturnType<typeof useResults>['rows']): string {
  const marks = [
    rows.some((row) => row.deviations.length > 0) ? '! went differently' : '',
    rows.some((row) => row.cells.some((cell) => cell.values.some((one) => one.corrected)))
      ? 'c corrected'
      : '',
    'repeats at one station are averaged',
  ];
  return marks.filter(Boolean).join(' · ');
}

interface FigureProps {
  name: string;
  note?: string;
  /** Over both columns. */
  wide?: boolean;
  children: ReactNode;
}

function Figure({ name, note, wide = false, children }: FigureProps) {
  return (
    <Box as="section" aria-label={name} mb="6" minW="0" gridColumn={wide ? { xl: 'span 2' } : undefined}>
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" lineHeight="1.25">
        {name}
      </Heading>
      {note && (
        <Box color="soft" fontSize="sm" mb="2">
          {note}
        </Box>
      )}
      {children}
    </Box>
  );
}
